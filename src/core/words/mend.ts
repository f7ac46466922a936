/** Shorter words have too many neighbours to be mended. */
const SHORTEST = 4
/** Longer ones may have two slips. */
const LONG = 8

/**
 * Letters changed, left out, added or exchanged between two words (Damerau's distance, neighbours only), no more than `most`.
 *
 * @example distance('screws', 'scerws', 2) // 1
 */
export function distance(one: string, two: string, most: number): number {
  if (Math.abs(one.length - two.length) > most) return most + 1
  let before: number[] = []
  let row = Array.from({ length: two.length + 1 }, (_, index) => index)
  for (let i = 1; i <= one.length; i++) {
    const next = [i]
    let least = i
    for (let j = 1; j <= two.length; j++) {
      const same = one[i - 1] === two[j - 1] ? 0 : 1
      let value = Math.min((row[j] ?? 0) + 1, (next[j - 1] ?? 0) + 1, (row[j - 1] ?? 0) + same)
      if (i > 1 && j > 1 && one[i - 1] === two[j - 2] && one[i - 2] === two[j - 1])
        value = Math.min(value, (before[j - 2] ?? 0) + 1)
      next.push(value)
      least = Math.min(least, value)
    }
    if (least > most) return most + 1
    before = row
    row = next
  }
  return row[two.length] ?? most + 1
}

/**
 * Words mended against a lexicon of the trade. A word that the lexicon or the language knows stays; one slip is mended, two in a
 * long word, and only where exactly one known word is nearest.
 *
 * @param lexicon words that mean something  @param plain further words of the language, which are never mended away
 * @param options.shortest shorter words are never mended
 * @param options.forms a word of the lexicon with an ending is known too: its table holds stems
 */
export function mender(
  lexicon: Iterable<string>,
  plain: Iterable<string>,
  { forms = false, shortest = SHORTEST }: { forms?: boolean; shortest?: number } = {},
): (word: string) => string {
  const words = [...new Set(lexicon)].filter((word) => word.length >= SHORTEST)
  const language = new Set(plain)
  const known = new Set([...words, ...language])
  const byLength = new Map<number, string[]>()
  for (const word of words) byLength.set(word.length, [...(byLength.get(word.length) ?? []), word])
  const mended = new Map<string, string>()
  return (word) => {
    if (
      word.length < shortest ||
      known.has(word) ||
      (forms ? known : language).has(word.replace(/(?:es|s|ed|d|ing|ly|er)$/, ''))
    )
      return word
    const kept = mended.get(word)
    if (kept !== undefined) return kept
    const answer = nearest(word, byLength) ?? inForm(word, byLength) ?? word
    if (mended.size < 2000) mended.set(word, answer)
    return answer
  }
}

/** A slip in a word with an ending: the stem is mended and keeps its ending. */
function inForm(word: string, byLength: Map<number, string[]>): string | null {
  const ending = /(?:s|ed|ing)$/.exec(word)?.[0]
  const stem = ending ? word.slice(0, -ending.length) : ''
  const mended = stem.length >= SHORTEST ? nearest(stem, byLength) : null
  return mended === null ? null : `${mended}${ending}`
}

function nearest(word: string, byLength: Map<number, string[]>): string | null {
  const most = word.length >= LONG ? 2 : 1
  let best: { word: string; off: number } | null = null
  let alone = true
  for (let length = word.length - most; length <= word.length + most; length++)
    for (const candidate of byLength.get(length) ?? []) {
      // The first letter is seldom wrong, and carries most of the word; at most it is exchanged with the second.
      if (candidate[0] !== word[0] && (candidate[0] !== word[1] || candidate[1] !== word[0])) continue
      const off = distance(word, candidate, most)
      if (off > most) continue
      if (!best || off < best.off) {
        best = { word: candidate, off }
        alone = true
      } else if (off === best.off && candidate !== best.word) alone = sameStem(candidate, best.word) && alone
    }
  return best && alone ? best.word : null
}

/** "screw" and "screws" are one word here. */
const sameStem = (one: string, two: string) => one.replace(/s$/, '') === two.replace(/s$/, '')
