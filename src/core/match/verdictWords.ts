import type { MatchResult } from './types'

const words = { 'drop-in': 'drops in', 'fits-with-work': 'fits with work', no: 'cannot serve' }

/**
 * The verdict as a person says it. With a deciding figure open nobody can tell yet, whatever the rest says.
 *
 * @example verdictWords({ id: 'a', verdict: 'drop-in', score: 0, rules: [], work: [], open: ['rotation'] }) // 'cannot be told yet: rotation'
 */
export function verdictWords(result: MatchResult): string {
  if (result.verdict !== 'no' && result.open.length > 0)
    return `cannot be told yet: ${result.open.map((rule) => rule.replaceAll('-', ' ')).join(', ')}`
  const against = result.rules
    .filter(({ verdict }) => verdict === 'no')
    .map(({ rule }) => rule.replaceAll('-', ' '))
  return against.length > 0 ? `${words.no}: ${against.join(', ')}` : words[result.verdict]
}
