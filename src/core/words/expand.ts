/** Alternatives beyond this many are left out: they are no words any more. */
const MOST = 400

/**
 * The words that a simple pattern stands for: letters, groups of alternatives and `?`. What it cannot read it leaves out.
 *
 * @example expand('bridg(?:e|ed)|tap(?:s)?') // ['bridge', 'bridged', 'taps', 'tap']
 */
export function expand(pattern: string): string[] {
  let at = 0
  const alternatives = (): string[] => {
    const all: string[] = []
    let current = ['']
    const end = () => all.push(...current)
    while (at < pattern.length && pattern[at] !== ')') {
      if (pattern[at] === '|') {
        at++
        end()
        current = ['']
        continue
      }
      current = joined(current, optional(piece()))
    }
    end()
    return all
  }
  const piece = (): string[] => {
    const char = pattern[at] ?? ''
    if (pattern.startsWith('(?', at)) {
      const looks = /^\(\?<?[!=]/.test(pattern.slice(at))
      at += pattern.startsWith('(?:', at) ? 3 : 2
      const inside = alternatives()
      at++
      return looks ? [''] : inside
    }
    if (char === '(') {
      at++
      const inside = alternatives()
      at++
      return inside
    }
    if (char === '[') {
      const end = pattern.indexOf(']', at)
      at = end < 0 ? pattern.length : end + 1
      return [' ']
    }
    if (char === '\\') {
      at += 2
      // A repeated "any letter" ends the word here.
      return [' ']
    }
    at++
    return [/[a-z' -]/.test(char) ? char : ' ']
  }
  const optional = (some: string[]): string[] => {
    if (pattern[at] !== '?' && pattern[at] !== '*' && pattern[at] !== '+') return some
    at++
    return [...some, '']
  }
  return [...new Set(alternatives())]
}

const joined = (before: string[], after: string[]): string[] =>
  before.flatMap((one) => after.map((two) => one + two)).slice(0, MOST)

/** The single words among all that patterns stand for. */
export const wordsIn = (...some: string[]): string[] => [
  ...new Set(
    some
      .flatMap(expand)
      .flatMap((text) => text.split(/[^a-z']+/))
      .filter((each) => each.length > 2),
  ),
]
