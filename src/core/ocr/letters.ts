/** What a recogniser says of one piece: a probability for each of its characters at each step from left to right. */
export interface Steps {
  steps: number
  classes: number
  data: Float32Array
}

/** A character read, with the share of the piece's width where it stands. */
export interface Letter {
  char: string
  confidence: number
  /** 0 … 1 */
  at: number
  /** What it may be instead, likeliest first. */
  others: { char: string; confidence: number }[]
}

/** Characters of plates; what else the networks know is not read into them. */
const onPlates = new Set(
  '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyzÀÁÂÄÆÇÈÉÊËÍÎÏÑÒÓÔÖÙÚÛÜßàáâäæçèéêëíîïñòóôöùúûü .,:;/\\-–—+±%()°º\'"&~=#*|<>~µμΩΦφØøΔ×²³⁻¹ºª№~!?@_$',
)

/** Classes of a recogniser that plates use, by its own list of characters: 0 is "no letter", the last one the blank. */
export function alphabetOf(keys: string[]): { char: string; index: number }[] {
  return [...keys, ' '].flatMap((char, i) => (onPlates.has(char) ? [{ char, index: i + 1 }] : []))
}

/** What is less likely than this is no reading, and more than so many are a list. */
const LEAST = 0.02
const MOST_OTHERS = 2

/** The likeliest letters: one class at each step, repeats of one drawn together; with what each may be instead. */
export function lettersOf(
  { steps, classes, data }: Steps,
  alphabet: { char: string; index: number }[],
): Letter[] {
  const letters: Letter[] = []
  let before = 0
  for (let step = 0; step < steps; step++) {
    const row = step * classes
    let [best, value, char] = [0, data[row]!, '']
    for (const each of alphabet) {
      const probability = data[row + each.index]!
      if (probability > value) [best, value, char] = [each.index, probability, each.char]
    }
    const last = letters.at(-1)
    const others = () => othersOf(data, row, alphabet, best)
    if (best !== 0 && best !== before)
      letters.push({ char, confidence: value, at: (step + 0.5) / steps, others: others() })
    else if (best !== 0 && last && value > last.confidence) {
      last.confidence = value
      last.others = others()
    }
    before = best
  }
  return letters
}

function othersOf(
  data: Float32Array,
  row: number,
  alphabet: { char: string; index: number }[],
  best: number,
): Letter['others'] {
  return alphabet
    .filter(({ index, char }) => index !== best && char !== ' ' && data[row + index]! >= LEAST)
    .map(({ char, index }) => ({ char, confidence: data[row + index]! }))
    .sort((a, b) => b.confidence - a.confidence)
    .slice(0, MOST_OTHERS)
}
