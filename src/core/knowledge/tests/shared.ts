import type { FamilyId, MotorKindId } from '../vocabulary'

export const PLAIN: FamilyId[] = ['bath-exhaust-fan', 'range-hood-fan', 'ceiling-fan', 'attic-vent-fan']
export const CONTACTOR: FamilyId[] = ['outdoor-unit-fan', 'other-fan']
export const LOW_VOLTAGE_CALL: FamilyId[] = [
  'furnace-blower',
  'draft-inducer',
  'outdoor-unit-fan',
  'attic-vent-fan',
  'rv-furnace-blower',
  'pellet-stove-exhaust-blower',
  'hrv-fan',
  'other-fan',
]
export const WITH_CAPACITOR: MotorKindId[] = ['psc', 'psc-multispeed', 'capacitor-start']
export const WITH_WINDINGS: MotorKindId[] = [
  'shaded-pole',
  'psc',
  'psc-multispeed',
  'split-phase',
  'capacitor-start',
  'brushed-dc',
]

/** What a fan does that turns at least for a while: only then is there air, a direction, a coast to look at. */
export const TURNS = [
  'slow',
  'runs-noisy',
  'runs-little-air',
  'starts-then-stops',
  'intermittent',
  'runs-backwards',
  'runs-normally',
  'wont-stop',
]

export const LIVE =
  'Meter and leads rated CAT III 600 V, leads in the V jack, range on volts. Power off, clip the probes on, hands away, power on, read, power off. You may decline it.'
