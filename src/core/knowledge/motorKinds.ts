import type { MotorKindId } from './vocabulary'

/** Motors that run with a capacitor of their own. */
export const capacitorKinds: MotorKindId[] = ['psc', 'psc-multispeed', 'capacitor-start']
/** Motors that start with a capacitor of their own, which may hold its charge for days. */
export const startCapacitorKinds: MotorKindId[] = ['capacitor-start']
/** One speed or tapped, they are the same motor. */
export const pscKinds: MotorKindId[] = ['psc', 'psc-multispeed']
/** Motors with electronics: three equal phases, a charge of their own that is waited for, replaced by number only. */
export const electronicKinds: MotorKindId[] = ['ecm', 'bldc']
/** Motors that carry their electronics in a module that comes off. */
export const moduleKinds: MotorKindId[] = ['ecm']
/** Motors with one winding and no start winding. */
export const singleWindingKinds: MotorKindId[] = ['shaded-pole', 'brushed-dc']
/** Motors that turn the other way only when their iron is turned end for end. */
export const fixedTurnKinds: MotorKindId[] = ['shaded-pole']
/** Motors that start by a switch of their own, without a capacitor in series all the time. */
export const startSwitchKinds: MotorKindId[] = ['split-phase', 'capacitor-start']
/** Motors whose volts and amps go straight through windings, with no electronics and no brushes between. */
export const windingOnlyKinds: MotorKindId[] = [
  'psc',
  'psc-multispeed',
  'capacitor-start',
  'split-phase',
  'shaded-pole',
]
/** Motors that the machine’s board feeds with a low direct voltage: the supply of the house says nothing of theirs. */
export const boardFedKinds: MotorKindId[] = ['bldc']
/** Motors with brushes, fed by a battery. */
export const brushedKinds: MotorKindId[] = ['brushed-dc']

/** The tapped sibling of a kind that a plate with several speeds means, or the kind itself. */
export const severalSpeeds = (kind: MotorKindId): MotorKindId => (kind === 'psc' ? 'psc-multispeed' : kind)

/** Is the kind one of the list? Unknown kinds are in none. */
export const isOf = (kinds: MotorKindId[], kind: string | null | undefined): boolean =>
  kinds.some((each) => each === kind)
