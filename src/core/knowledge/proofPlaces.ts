import type { FamilyId } from './vocabulary'

/** How the place where dead is proved looks: wires under twist-on caps, screws of a strip, large lugs, pins of a plug. */
export type PlaceView = 'caps' | 'screws' | 'lugs' | 'pins'

export interface ProofPlaceLook {
  view: PlaceView
  /** Where it is and how it is reached, for somebody who sees it for the first time. */
  where: string
  /** How the tips reach bare metal there. */
  touch: string
}

const CAPS =
  'The caps stay on. Slide each tip up into the open end of its cap, along the wire, until it meets metal.'
const SCREWS = 'Press each tip on the metal head of its screw.'

const caps = (where: string): ProofPlaceLook => ({ view: 'caps', where, touch: CAPS })

/** The view of a switch that is itself the place: a timer, a sensor, a smart switch. */
export const atSwitch: ProofPlaceLook = {
  view: 'screws',
  where:
    'In the wall box, at the screws where the wires from the house end on the switch. Its plate is off, the switch stays in its box.',
  touch: SCREWS,
}

/** The place of each family. Those that are plugged in are read only where another supply hangs on them. */
export const proofPlaces: Record<FamilyId, ProofPlaceLook> = {
  'bath-exhaust-fan': caps(
    'In the small metal box inside the fan, its cover off, on the wires that come out of the ceiling.',
  ),
  'range-hood-fan': caps(
    'In the wiring box of the hood, its cover off, on the wires that come out of the wall.',
  ),
  'ceiling-fan': caps(
    'Under the canopy at the ceiling, lowered along its rod, on the wires that come out of the ceiling.',
  ),
  'attic-vent-fan': caps(
    'In the box with the thermostat beside the fan, its lid off, on the cable that comes from the house.',
  ),
  'furnace-blower': caps(
    'In the metal box inside the cabinet where the cable from the service switch ends, its lid off.',
  ),
  'draft-inducer': caps(
    'In the metal box inside the cabinet where the cable from the service switch ends, its lid off.',
  ),
  'outdoor-unit-fan': {
    view: 'lugs',
    where:
      'Behind the service panel, at the contactor: the block with two or three large screws where the thick wires from the disconnect end.',
    touch: SCREWS,
  },
  'mini-split-indoor-fan': {
    view: 'screws',
    where:
      'Behind the small cover at the right of the indoor unit, at the strip where the cable from outdoors ends.',
    touch: SCREWS,
  },
  'refrigerator-evaporator-fan': caps(
    'At the plug of the fan, which stays together, on the wires that come from the other supply.',
  ),
  'refrigerator-condenser-fan': caps(
    'At the plug of the fan, which stays together, on the wires that come from the other supply.',
  ),
  'rv-furnace-blower': {
    view: 'pins',
    where: 'At the supply plug of the heater: two thick wires that come from the battery.',
    touch: 'Slide each tip into the back of the plug along its wire until it meets metal.',
  },
  'pellet-stove-exhaust-blower': caps(
    'At the plug of the blower, which stays together, on the wires that come from the other supply.',
  ),
  'hrv-fan': {
    view: 'screws',
    where: 'At the strip of screws behind its small cover, where the wires of the control end.',
    touch: SCREWS,
  },
  'dehumidifier-fan': caps(
    'At the plug of the fan, which stays together, on the wires that come from the other supply.',
  ),
  'other-fan': caps('Where the wires from the house end, before the switch of the machine, its cover off.'),
}
