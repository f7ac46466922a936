import type { FamilyId } from './vocabulary'

/** What the way in of each family takes out, in the words of its template. */
export const replacedParts: Record<FamilyId, string> = {
  'bath-exhaust-fan': 'motor',
  'range-hood-fan': 'motor',
  'ceiling-fan': 'fan',
  'attic-vent-fan': 'motor',
  'furnace-blower': 'motor',
  'draft-inducer': 'inducer assembly',
  'outdoor-unit-fan': 'motor',
  'mini-split-indoor-fan': 'motor',
  'refrigerator-evaporator-fan': 'motor',
  'refrigerator-condenser-fan': 'motor',
  'rv-furnace-blower': 'motor',
  'pellet-stove-exhaust-blower': 'blower',
  'hrv-fan': 'motor',
  'dehumidifier-fan': 'motor',
  'other-fan': 'motor',
}
