import type { FamilyId } from './vocabulary'

/** What can hurt at a machine beside its voltage, its charge and its starting by itself: where it hangs, its edges, its weight. */
export const hurts: Record<FamilyId, string[]> = {
  'bath-exhaust-fan': ['work overhead, on a ladder', 'sharp sheet metal'],
  'range-hood-fan': ['sharp sheet metal', 'a hot stove below'],
  'ceiling-fan': ['work overhead, on a ladder', 'a heavy fan that comes down as a whole'],
  'attic-vent-fan': ['heat and dust under the roof', 'a ceiling that does not carry you between its beams'],
  'furnace-blower': ['sharp sheet metal', 'a heavy blower'],
  'draft-inducer': ['flue gas, if a joint is not made good again', 'sharp sheet metal'],
  'outdoor-unit-fan': ['sharp fins and sheet metal', 'refrigerant lines beside the work'],
  'mini-split-indoor-fan': ['high direct current in its fan plug', 'work overhead, on a ladder'],
  'refrigerator-evaporator-fan': ['refrigerant lines behind thin ice, often flammable'],
  'refrigerator-condenser-fan': ['refrigerant lines beside the work, often flammable'],
  'rv-furnace-blower': [
    'a battery that can drive hundreds of amps',
    'flue gas, if a joint is not made good again',
  ],
  'pellet-stove-exhaust-blower': ['hot iron and embers', 'flue gas, if a joint is not made good again'],
  'hrv-fan': ['sharp sheet metal'],
  'dehumidifier-fan': ['refrigerant lines beside the work, often flammable'],
  'other-fan': ['sharp sheet metal'],
}
