/**
 * Covers that may come off before a machine is proved dead, or before its charge is read: what hides a proof place, a
 * capacitor or a module, and carries no conductor of its own. A line of access names one of them; no words open anything.
 */
export const covers = {
  planned: 'a cover of this machine’s own plan',
  grille: 'grille or face plate',
  'wiring-box': 'cover of the wiring box',
  canopy: 'canopy',
  panel: 'service panel or access panel',
  door: 'blower door or furnace door',
  'top-grille': 'top grille with its motor bracket, left in its wires',
  'back-panel': 'back panel or freezer-side panel',
  filter: 'filter',
  housing: 'outer housing or shell',
  'thermostat-box': 'cover of the thermostat box',
  disconnect: 'cover of the disconnect',
  'capacitor-cover': 'cover over the capacitor',
  'module-cover': 'cover over the module or board',
} as const
export type CoverId = keyof typeof covers
export const coverIds = Object.keys(covers) as CoverId[]
