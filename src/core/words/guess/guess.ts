import { isStopRule, type StopRuleId } from '../../knowledge/vocabulary'
import type { Reading } from '../reader/pattern'
import { windowsOf } from './features'
import { probability } from './learn'
import learnt from './weights.json'

/** From here on a danger is asked about: on sentences held back one harmless one in a hundred is. */
const ASKED_FROM = 0.95

const classes = Object.entries(learnt).flatMap(([stop, weights]) =>
  isStopRule(stop) ? [{ stop, weights: weights as Record<string, number> }] : [],
)

/** Below this a danger that a way of telling names is doubted: “a flash flood came by”. */
const DOUBTED_BELOW = 0.01

/** How likely each danger is told, by the window of the text that tells it most. */
export type Likely = ReadonlyMap<StopRuleId, number>

/** The words weighed for every danger; once for a text, since it is read at each letter. */
export function likelyIn(reading: Pick<Reading, 'tokens'>): Likely {
  const windows = windowsOf(reading)
  return new Map(
    classes.map(({ stop, weights }) => [
      stop,
      Math.max(...windows.map((features) => probability(weights, features))),
    ]),
  )
}

/** Dangers that the words may tell although no way of telling them is known: to be asked, never taken for told. */
export const guessedBy = (likely: Likely): StopRuleId[] =>
  [...likely].flatMap(([stop, share]) => (share >= ASKED_FROM ? [stop] : []))

/** Of the dangers that the words name those that they hardly mean: to be asked as well, never thrown away. */
export const doubtedBy = (likely: Likely, named: readonly StopRuleId[]): StopRuleId[] =>
  named.filter((stop) => (likely.get(stop) ?? 1) < DOUBTED_BELOW)
