import {
  alongTheLine,
  isolationPlans,
  isValve,
  type PlannedPoint,
  type PlannedWait,
  twoHotFamilies,
  waitInfo,
} from '../knowledge/isolation'
import { capacitorKinds, electronicKinds } from '../knowledge/priors'
import type { FamilyId, MotorKindId } from '../knowledge/vocabulary'
import { type ProofPlace, pairsOfFeed } from './pairs'

export { type ProofPlace, pairsOfFeed, readsDc } from './pairs'

export interface IsolationInput {
  family: FamilyId
  motorKind?: MotorKindId | null
  region?: 'north-america' | 'europe'
  /** Circuits that feed the housing: a light, a heater or a second switch may bring its own. */
  feeds?: number
}

export interface IsolationPlanOut {
  /** In the order people go round them. */
  points: PlannedPoint[]
  /** Pairs to be read for the proof, all feeds; none where the plug in sight is the proof. */
  pairs: string[]
  provePlace: string
  /** Above this a reading is not dead, in volts. */
  deadBelowVolts: number
  waits: PlannedWait[]
  /** A charge is taken as stored unless the motor kind says there is no capacitor. */
  discharge: boolean
  notes: string[]
  /** The points again in the order in which power comes back: gas and water first, then from the supply inwards. */
  backOn: string[]
}

const MODULE_WAIT: PlannedWait = { kind: 'electronics', ...waitInfo.electronics }
const MAINS_DEAD = 5
const BATTERY_DEAD = 1

/** The isolation plan of a machine: points, proof, stored charge, waits, and the way back on. */
export function isolationPlan(input: IsolationInput): IsolationPlanOut {
  const plan = isolationPlans[input.family]
  return {
    points: plan.points,
    pairs: plan.plugIn ? [] : pairsOfFeeds(input),
    provePlace: plan.provePlace,
    deadBelowVolts: plan.supply === 'battery' ? BATTERY_DEAD : MAINS_DEAD,
    waits: waitsOf(input),
    discharge: dischargeNeeded(input),
    notes: plan.notes,
    backOn: [...plan.points.filter(({ point }) => isValve(point)), ...alongTheLine(plan.points)].map(
      ({ point }) => point,
    ),
  }
}

/** Conductor pairs of every feed, as they are at an ordinary place; the job asks what its own place has. */
function pairsOfFeeds({ family, region = 'north-america', feeds = 1 }: IsolationInput): string[] {
  const place = usualPlace(family, region)
  return Array.from({ length: feeds }, (_, index) => pairsOfFeed(place, index + 1)).flat()
}

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
