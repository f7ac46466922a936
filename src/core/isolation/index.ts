import { isolationPlans, type PlannedWait, twoHotFamilies, waitInfo } from '../knowledge/isolation'
import { capacitorKinds, electronicKinds } from '../knowledge/motorKinds'
import type { FamilyId, MotorKindId } from '../knowledge/vocabulary'
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

export function waitsOf({ family, motorKind }: IsolationInput): PlannedWait[] {
  const electronic = !motorKind || electronicKinds.includes(motorKind)
  const waits = isolationPlans[family].waits.filter((wait) => wait.kind !== 'electronics' || electronic)
  const missing =
    motorKind && electronicKinds.includes(motorKind) && !waits.some((wait) => wait.kind === 'electronics')
  return missing ? [...waits, MODULE_WAIT] : waits
}

/** Taken as fitted unless the motor kind says there is none: nobody is hurt by looking for one. */
export const dischargeNeeded = ({ family, motorKind }: IsolationInput): boolean =>
  motorKind ? capacitorKinds.includes(motorKind) : isolationPlans[family].capacitor !== 'none'
