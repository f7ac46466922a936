import { type Term, terms } from '../knowledge/terms'

/** Terms shown for what somebody types at most. */
const MOST = 5

/**
 * The terms that somebody looks for by their beginning, in any of their forms: those first whose name begins so.
 *
 * @example termsFor('conta')[0]?.id // 'contactor'
 */
export function termsFor(typed: string): Term[] {
  const query = typed.trim().toLowerCase()
  if (query.length < 2) return []
  const begins = (word: string) =>
    word
      .toLowerCase()
      .split(/[\s-]+/)
      .some((_, place, parts) => parts.slice(place).join(' ').startsWith(query))
  const first = terms.filter(({ name }) => name.toLowerCase().startsWith(query))
  const named = terms.filter((term) => !first.includes(term) && begins(term.name))
  const other = terms.filter(
    (term) => !first.includes(term) && !named.includes(term) && term.also.some(begins),
  )
  return [...first, ...named, ...other].slice(0, MOST)
}
