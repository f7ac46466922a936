/**
 * What hangs on a start capacitor. The resistor across it, usually 15 kΩ 2 W, empties it between two starts and spares the
 * contacts of its relay or start switch; a stuck relay cooks the next capacitor as well.
 */
export const startCapacitorNote =
  'A start capacitor works for a second at each start. Move the resistor over that lies across its terminals, or buy one of 15 kΩ 2 W. If it burst or leaked, its relay or start switch has stuck: look at that first, or the next one bursts too.'
