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
}

/** Characters of plates; what else the networks know is not read into them. */
const onPlates = new Set(
  '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyzÀÁÂÄÆÇÈÉÊËÍÎÏÑÒÓÔÖÙÚÛÜßàáâäæçèéêëíîïñòóôöùúûü .,:;/\\-–—+±%()°º\'"&~=#*|<>~µμΩΦφØøΔ×²³⁻¹ºª№~!?@_$',
)

/** Classes of a recogniser that plates use, by its own list of characters: 0 is "no letter", the last one the blank. */
export function alphabetOf(keys: string[]): { char: string; index: number }[] {
  return [...keys, ' '].flatMap((char, i) => (onPlates.has(char) ? [{ char, index: i + 1 }] : []))
}

/** The likeliest letters: one class at each step, repeats of one drawn together. */
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
    if (best !== 0 && best !== before) letters.push({ char, confidence: value, at: (step + 0.5) / steps })
    else if (best !== 0 && last) last.confidence = Math.max(last.confidence, value)
    before = best
  }
  return letters
}
