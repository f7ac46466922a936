import {
  alongTheLine,
  isolationPlans,
  isValve,
  type PlannedPoint,
  type PlannedWait,
} from '../knowledge/isolation'
import { isolationNotes } from '../knowledge/isolationNotes'
import { dischargeNeeded, type IsolationInput, pairsOfFeed, usualPlace, waitsOf } from '.'

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
    notes: isolationNotes[input.family],
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
