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

/**
 * Dangers that the words may tell although no way of telling them is known: to be asked, never taken for told.
 */
export function guessedIn(reading: Pick<Reading, 'tokens'>): StopRuleId[] {
  const windows = windowsOf(reading)
  return classes
    .filter(({ weights }) => windows.some((features) => probability(weights, features) >= ASKED_FROM))
    .map(({ stop }) => stop)
}
