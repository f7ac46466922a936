import type { FamilyId } from '../vocabulary'

/** Short names of the families in a code; new ones are added, none is changed. */
export const familyLetters: Record<FamilyId, string> = {
  'bath-exhaust-fan': 'BX',
  'range-hood-fan': 'RH',
  'ceiling-fan': 'CF',
  'attic-vent-fan': 'AV',
  'furnace-blower': 'FB',
  'draft-inducer': 'DI',
  'outdoor-unit-fan': 'OU',
  'mini-split-indoor-fan': 'MS',
  'refrigerator-evaporator-fan': 'RE',
  'refrigerator-condenser-fan': 'RC',
  'rv-furnace-blower': 'RV',
  'pellet-stove-exhaust-blower': 'PS',
  'hrv-fan': 'HR',
  'dehumidifier-fan': 'DH',
  'other-fan': 'OF',
}
