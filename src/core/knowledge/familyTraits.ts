import type { FamilyId } from './vocabulary'

/** Families with a control chain of 24 V and a contactor. */
export const contactorFamilies: FamilyId[] = ['outdoor-unit-fan', 'other-fan']
/** Families whose fan mostly shares its capacitor with a compressor. */
export const dualCapacitorFamilies: FamilyId[] = ['outdoor-unit-fan', 'dehumidifier-fan']
/** Families whose capacitor is a flat box with two to five wires, and no can with blades. */
export const wiredCapacitorFamilies: FamilyId[] = ['ceiling-fan']
/** Families with a low-voltage call between supply and motor, and no contactor. */
export const lowVoltageCallFamilies: FamilyId[] = [
  'furnace-blower',
  'draft-inducer',
  'attic-vent-fan',
  'hrv-fan',
]
/** Families that cool or are cooled by a compressor, which suffers when the fan stands still. */
export const compressorFamilies: FamilyId[] = [
  'outdoor-unit-fan',
  'refrigerator-condenser-fan',
  'refrigerator-evaporator-fan',
  'dehumidifier-fan',
]
/** Families with pipes of a refrigerant where hands go. */
export const refrigerantFamilies: FamilyId[] = [...compressorFamilies, 'mini-split-indoor-fan']
/** Families whose fan may sit over or in a microwave oven. */
export const sealedFamilies: FamilyId[] = ['range-hood-fan', 'other-fan']
/** Families whose motor stands in the weather. */
export const outdoorFamilies: FamilyId[] = ['outdoor-unit-fan']
/** Families whose wheel freezes when the defrost has failed. */
export const defrostFamilies: FamilyId[] = ['refrigerator-evaporator-fan']
/** Families with a reversing switch of their own. */
export const reversingSwitchFamilies: FamilyId[] = ['ceiling-fan']
/** Families whose motor drives a wheel inside a scroll or housing, with a gap on both sides. */
export const wheelFamilies: FamilyId[] = [
  'bath-exhaust-fan',
  'range-hood-fan',
  'furnace-blower',
  'draft-inducer',
  'mini-split-indoor-fan',
  'rv-furnace-blower',
  'pellet-stove-exhaust-blower',
  'hrv-fan',
]
/** Families whose motor carries a wheel on each end of its shaft: combustion air and room air, or the two air streams of a ventilator. */
export const twoWheelFamilies: FamilyId[] = ['rv-furnace-blower', 'hrv-fan']
