import { decidingRules, type MatchResult } from './types'

/** What a list of judged candidates says as a whole. */
export interface MatchOverview {
  /** Candidates with no rule against them and nothing deciding left open. */
  serve: number
  /** Not turned away, and a deciding rule still open. */
  untold: number
  cannot: number
  /** Rules that turn candidates away, the one that turns most away first. */
  blockers: { rule: string; count: number; alone: number }[]
  /** Turned away by the fewest rules, best first: what nearly fits. */
  nearest: { id: string; rules: string[] }[]
  /** The figure of the old part, not known yet, that splits those left the most; null where nothing would. */
  measureFirst: { rule: string; text: string; bits: number } | null
}

const NEAREST = 3

/**
 * Which rule blocks, what nearly fits and what to measure first.
 *
 * @example overviewOf([{ id: 'a', verdict: 'no', score: 0, rules: [{ rule: 'power', verdict: 'no', old: '1/2', new: '1/6', text: '' }], work: [], open: [] }]).blockers // [{ rule: 'power', count: 1, alone: 1 }]
 */
export function overviewOf(results: MatchResult[]): MatchOverview {
  const left = results.filter(({ verdict }) => verdict !== 'no')
  const away = results.filter(({ verdict }) => verdict === 'no')
  const against = away.map(({ id, rules }) => ({
    id,
    rules: rules.filter(({ verdict }) => verdict === 'no').map(({ rule }) => rule),
  }))
  const counts = new Map<string, { count: number; alone: number }>()
  for (const { rules } of against)
    for (const rule of rules) {
      const known = counts.get(rule) ?? { count: 0, alone: 0 }
      counts.set(rule, {
        count: known.count + 1,
        alone: known.alone + (rules.length === 1 ? 1 : 0),
      })
    }
  return {
    serve: left.filter(({ open }) => open.length === 0).length,
    untold: left.filter(({ open }) => open.length > 0).length,
    cannot: away.length,
    blockers: [...counts]
      .map(([rule, count]) => ({ rule, ...count }))
      .sort((one, two) => two.count - one.count),
    // The order of the results is kept among equals: they stand best first.
    nearest: [...against].sort((one, two) => one.rules.length - two.rules.length).slice(0, NEAREST),
    measureFirst: splittingRule(left),
  }
}

/** The open rule whose figures differ most among the candidates: its measurement tells most of them apart. */
function splittingRule(left: MatchResult[]): MatchOverview['measureFirst'] {
  const asked = new Map<string, { text: string; values: Map<string, number> }>()
  for (const { rules } of left)
    for (const { rule, verdict, old, new: fresh, text } of rules) {
      // Only what is not known of the old part can be measured on it; the candidate's own gaps are the seller's.
      if (verdict !== 'unknown' || old !== '?' || fresh === '?') continue
      const known = asked.get(rule) ?? { text, values: new Map() }
      known.values.set(fresh, (known.values.get(fresh) ?? 0) + 1)
      asked.set(rule, known)
    }
  const ranked = [...asked]
    .map(([rule, { text, values }]) => ({ rule, text, bits: entropy([...values.values()]) }))
    .filter(({ bits }) => bits > 0)
    .sort((one, two) => weight(two) - weight(one))
  return ranked[0] ?? null
}

/** A rule that decides counts double: without it no candidate can be told. */
const weight = ({ rule, bits }: { rule: string; bits: number }): number =>
  bits * (decidingRules.has(rule) ? 2 : 1)

function entropy(counts: number[]): number {
  const sum = counts.reduce((total, each) => total + each, 0)
  return counts.reduce((bits, each) => bits - (each / sum) * Math.log2(each / sum), 0)
}
