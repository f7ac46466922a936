import { isolationPlans, type PlannedWait, twoHotFamilies, waitInfo } from '../knowledge/isolation'
import { capacitorKinds, electronicKinds, startCapacitorKinds } from '../knowledge/motorKinds'
import { type FamilyId, type MotorKindId, vocabulary } from '../knowledge/vocabulary'
import type { ProofPlace } from './pairs'

export { type ProofPlace, pairsOfFeed, readsDc } from './pairs'

export interface IsolationInput {
  family: FamilyId
  motorKind?: MotorKindId | null
  region?: 'north-america' | 'europe'
  /** Circuits that feed the housing: a light, a heater or a second switch may bring its own. */
  feeds?: number
}

const MODULE_WAIT: PlannedWait = { kind: 'electronics', ...waitInfo.electronics }

/** A place with ground and no switched live. */
export function usualPlace(family: FamilyId, region: 'north-america' | 'europe'): ProofPlace {
  const { alsoLive } = isolationPlans[family]
  return {
    supply: isolationPlans[family].supply,
    twoHot: region === 'north-america' && twoHotFamilies.includes(family),
    switchedLive: false,
    earth: 'ground',
    positions: 1,
    ...(alsoLive ? { alsoLive: [alsoLive] } : {}),
  }
}

/** Kinds of motor that a machine may have: its own where it is known, else those that its family usually has. */
const kindsOf = ({ family, motorKind }: IsolationInput): MotorKindId[] =>
  motorKind ? [motorKind] : ([...vocabulary.families[family].typicalMotorKinds] as MotorKindId[])

/**
 * Waits of a machine. Electronics run down wherever the motor is electronic or may be one: a kind that nobody knows yet is no
 * reason to leave the wait out.
 */
export function waitsOf(input: IsolationInput): PlannedWait[] {
  const electronic = kindsOf(input).some((kind) => electronicKinds.includes(kind))
  const waits = isolationPlans[input.family].waits.filter(
    (wait) => wait.kind !== 'electronics' || electronic || !input.motorKind,
  )
  return electronic && !waits.some((wait) => wait.kind === 'electronics') ? [...waits, MODULE_WAIT] : waits
}

/** A wait is never shorter than the plan's, or than is usual for what cools or runs down. Minutes. */
export const leastMinutes = (input: IsolationInput, kind: PlannedWait['kind']): number =>
  (waitsOf(input).find((wait) => wait.kind === kind) ?? waitInfo[kind]).minutes

/**
 * What may store a charge in a machine: the motor's run capacitor and start capacitor, and the capacitor or inverter of a
 * compressor, which belongs to the machine whatever its fan's motor is.
 *
 * @example chargesOf({ family: 'outdoor-unit-fan', motorKind: 'shaded-pole' }) // ['compressor']
 */
export function chargesOf(input: IsolationInput): ('run' | 'start' | 'compressor')[] {
  const { compressor } = isolationPlans[input.family]
  const run = dischargeNeeded(input)
  return [
    ...(run ? (['run'] as const) : []),
    ...(input.motorKind && startCapacitorKinds.includes(input.motorKind) ? (['start'] as const) : []),
    // One dual capacitor serves both where the fan has a run capacitor: its sections are read in one row.
    ...(compressor && !run ? (['compressor'] as const) : []),
  ]
}

/** Taken as fitted unless the motor kind says there is none: nobody is hurt by looking for one. */
export const dischargeNeeded = (input: IsolationInput): boolean =>
  kindsOf(input).some((kind) => capacitorKinds.includes(kind)) ||
  (!input.motorKind && isolationPlans[input.family].capacitor !== 'none')
