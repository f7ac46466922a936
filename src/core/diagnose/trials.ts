import { actions } from '../knowledge/actions'
import { mendsOf } from './mends'
import type { Suspect, Trial } from './types'

/** Below this a repair on trial is a repair on luck. */
const LEAST_LIKELY = 0.2

/**
 * Repairs that are tests: cheap, harmless, and the fan shows at once whether they helped. Worth is the information of
 * their two outcomes, helped or not, over their minutes: the same scale as a test, so that the two can be compared.
 * After Heckerman, Breese and Rommelse (1995): where it is cheaper, do the repair as the observation.
 */
export function rankTrials(suspects: Suspect[]): Trial[] {
  return mendsOf(suspects)
    .filter(({ action, sum }) => actions[action]!.trial !== undefined && sum >= LEAST_LIKELY)
    .map(({ action, cause, sum: probability }) => {
      const { minutes } = actions[action]!
      return {
        action,
        cause,
        probability,
        minutes,
        score: twoOutcomeBits(probability) / (minutes + DEAD_CARE),
      }
    })
    .sort((one, two) => two.score - one.score)
}

/** As for a dead test: the power goes off for it. */
const DEAD_CARE = 1

const twoOutcomeBits = (p: number): number =>
  p <= 0 || p >= 1 ? 0 : -p * Math.log2(p) - (1 - p) * Math.log2(1 - p)
