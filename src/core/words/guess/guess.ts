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

type Words = Pick<Reading, 'tokens'>

const likelihoods = (reading: Words): { stop: StopRuleId; likely: number }[] => {
  const windows = windowsOf(reading)
  return classes.map(({ stop, weights }) => ({
    stop,
    likely: Math.max(...windows.map((features) => probability(weights, features))),
  }))
}

/** Dangers that the words may tell although no way of telling them is known: to be asked, never taken for told. */
export const guessedIn = (reading: Words): StopRuleId[] =>
  likelihoods(reading)
    .filter(({ likely }) => likely >= ASKED_FROM)
    .map(({ stop }) => stop)

/** Of the dangers that the words name those that they hardly mean: to be asked as well, never thrown away. */
export const doubtedIn = (reading: Words, named: readonly StopRuleId[]): StopRuleId[] =>
  named.length === 0
    ? []
    : likelihoods(reading)
        .filter(({ stop, likely }) => named.includes(stop) && likely < DOUBTED_BELOW)
        .map(({ stop }) => stop)
