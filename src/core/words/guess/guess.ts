import { isStopRule, type StopRuleId } from '../../knowledge/vocabulary'
import type { Reading } from '../reader/pattern'
import { windowsOf } from './features'
import { probability, type Weights } from './learn'
import learnt from './weights.json'

/** From here on a danger is asked about by its own name. */
const ASKED_FROM = 0.95
/** From here on some danger is told, whichever: the likeliest are asked about. */
const ANY_FROM = 0.93
/** So many kinds at most are named where only that it is a danger is likely. */
const KINDS = 2
/** Below this a danger that a way of telling names is doubted: “a flash flood came by”. */
const DOUBTED_BELOW = 0.01
/** And nothing in the words tells of any danger. */
const ANY_DOUBTED_BELOW = 0.5

const { any, ...kinds }: Record<string, Weights> & { any: Weights } = learnt
const classes = Object.entries(kinds).flatMap(([stop, weights]) =>
  isStopRule(stop) ? [{ stop, weights }] : [],
)

export interface Likely {
  /** How likely each danger is told, by the window of the text that tells it most. */
  kinds: ReadonlyMap<StopRuleId, number>
  /** How likely it is that any is told. */
  any: number
}

/** The words weighed for every danger; once for a text, since it is read at each letter. */
export function likelyIn(reading: Pick<Reading, 'tokens'>): Likely {
  const windows = windowsOf(reading)
  const most = (weights: Weights) => Math.max(...windows.map((features) => probability(weights, features)))
  return { kinds: new Map(classes.map(({ stop, weights }) => [stop, most(weights)])), any: most(any) }
}

/**
 * Dangers that the words may tell although no known way of telling them names one: to be asked, never taken for told. A danger may
 * be likely as such where no kind of it is: then the likeliest kinds are asked about.
 */
export function guessedBy(likely: Likely): StopRuleId[] {
  const ranked = [...likely.kinds].sort(([, one], [, other]) => other - one)
  const sure = ranked.filter(([, share]) => share >= ASKED_FROM)
  const asked = sure.length === 0 && likely.any >= ANY_FROM ? ranked.slice(0, KINDS) : sure
  return asked.map(([stop]) => stop)
}

/** Of the dangers that the words name those that they hardly mean: to be asked as well, never thrown away. */
export const doubtedBy = (likely: Likely, named: readonly StopRuleId[]): StopRuleId[] =>
  likely.any < ANY_DOUBTED_BELOW ? named.filter((stop) => (likely.kinds.get(stop) ?? 1) < DOUBTED_BELOW) : []
