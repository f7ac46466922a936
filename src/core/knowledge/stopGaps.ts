import type { FamilyId } from './vocabulary'

/** What the household can do meanwhile, with its limits. */
export const stopGaps: Record<FamilyId, string[]> = {
  'bath-exhaust-fan': ['Window open after a shower.'],
  'range-hood-fan': ['Window open, lid on the pan.'],
  'ceiling-fan': ['A standing fan.'],
  'attic-vent-fan': ['Gable or ridge vents open.'],
  'furnace-blower': [
    'Electric space heaters, each on a circuit of its own. Never an oven, grill, barbecue or a heater without a flue; no generator indoors.',
  ],
  'draft-inducer': [
    'Electric space heaters, each on a circuit of its own. Never an oven, grill, barbecue or a heater without a flue; no generator indoors.',
  ],
  'outdoor-unit-fan': [
    'Switch the cooling off: a compressor without its fan overheats. A box fan on top only while somebody stands by. Never water near open electrics.',
  ],
  'mini-split-indoor-fan': ['Switch it off; a standing fan and shade.'],
  'refrigerator-evaporator-fan': ['Move the food; keep the doors shut.'],
  'refrigerator-condenser-fan': ['Pull it from the wall, move the food.'],
  'rv-furnace-blower': ['Electric heater on shore power. Never a gas burner for heat: carbon monoxide.'],
  'pellet-stove-exhaust-blower': ['Leave the stove cold. Electric heaters on circuits of their own.'],
  'hrv-fan': ['Open windows twice a day.'],
  'dehumidifier-fan': ['Heat and air the room; empty wet things out.'],
  'other-fan': ['Switch it off until it is mended.'],
}
