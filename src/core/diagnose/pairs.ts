import { leaks } from '../knowledge/leaks'
import { shortLabels, valueLabel } from '../knowledge/valueLabels'
import { type CauseId, causeInfo, type ObservationId } from '../knowledge/vocabulary'
import type { Prior } from './familyPrior'
import { likelihood, speaksOf } from './likelihood'
import { entriesOf } from './posterior'
import type { Diagnosis, Findings } from './types'

/** A second fault present at the same time is taken as this much rarer than a first one. */
const SECOND_FAULT = 0.3
/** A finding at least this many times likelier under the second cause does not fit the first. */
const DOES_NOT_FIT = 5

/**
 * Where two faults together explain the findings better than any one: which findings do not fit the leading suspect, and
 * what would explain both. Where only one of the two speaks of an observation, it alone decides what is seen.
 */
export function findConflicts(
  prior: Prior[],
  posterior: number[],
  findings: Findings,
): Pick<Diagnosis, 'conflicts' | 'pair'> {
  const entries = entriesOf(findings)
  if (entries.length < 2) return { conflicts: [], pair: null }
  // One row per finding, one column per cause: the loop over all pairs only multiplies numbers.
  const rows = entries.map(([observation, value]) => rowOf(prior, observation, value, findings))
  const single = (index: number) =>
    rows.reduce((product, row) => product * row.own[index]!, prior[index]!.probability)
  const total = prior.reduce((sum, _, index) => sum + single(index), 0)
  let best: { one: number; two: number; weight: number } | null = null
  let pairTotal = 0
  for (let one = 0; one < prior.length; one++) {
    for (let two = one + 1; two < prior.length; two++) {
      let weight = prior[one]!.probability * prior[two]!.probability * SECOND_FAULT
      for (const row of rows) weight *= together(row, one, two)
      pairTotal += weight
      if (!best || weight > best.weight) best = { one, two, weight }
    }
  }
  const leader = prior.reduce((top, _, index) => (posterior[index]! > posterior[top]! ? index : top), 0)
  if (!best || best.weight < single(leader)) return { conflicts: [], pair: null }
  const first = prior[leader]!.cause
  const causes: [CauseId, CauseId] = [prior[best.one]!.cause, prior[best.two]!.cause]
  const [main, second] = causes[1] === first ? [causes[1], causes[0]] : causes
  const conflicts = entries
    .filter(
      ([observation, value]) =>
        likelihood(second, observation, value, findings) >=
        DOES_NOT_FIT * likelihood(main, observation, value, findings),
    )
    .map(([observation, value]) => ({
      observation,
      value,
      text: `${shortLabels[observation]}: ${valueLabel(observation, value)} does not fit "${causeInfo(main).label}". Either read it again, or there are two faults: also "${causeInfo(second).label}".`,
    }))
  return { conflicts, pair: { causes: [main, second], probability: best.weight / (total + pairTotal) } }
}

interface FindingRow {
  isNormal: boolean
  own: number[]
  normal: number[]
  speaks: boolean[]
}

function rowOf(prior: Prior[], observation: ObservationId, value: string, findings: Findings): FindingRow {
  const normal = normalValue(observation)
  return {
    isNormal: value === normal,
    own: prior.map(({ cause }) => likelihood(cause, observation, value, findings)),
    normal: prior.map(({ cause }) => likelihood(cause, observation, normal, findings)),
    speaks: prior.map(({ cause }) => speaksOf(cause, observation)),
  }
}

/** Noisy-or: a normal finding needs both causes to leave it normal; what is not normal is shared as each would show it. */
function together(row: FindingRow, one: number, two: number): number {
  const p = row.own[one]!
  const q = row.own[two]!
  if (row.speaks[one] !== row.speaks[two]) return row.speaks[one] ? p : q
  const bothNormal = row.normal[one]! * row.normal[two]!
  if (row.isNormal) return bothNormal
  const rest = 2 - row.normal[one]! - row.normal[two]!
  return rest > 0 ? ((1 - bothNormal) * (p + q)) / rest : (p + q) / 2
}

/** The value most fans show when nothing touches the observation. */
function normalValue(observation: ObservationId): string {
  return Object.entries(leaks[observation]).reduce((top, entry) => (entry[1] > top[1] ? entry : top))[0]
}
