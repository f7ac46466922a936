/** A piece of a sentence, and whether something was understood from it. */
export interface Piece {
  text: string
  understood: boolean
  /** Place in the sentence. */
  at: number
}

/**
 * A sentence cut where the words that were understood begin and end. Words that were mended are found only where they stand as
 * they were read.
 *
 * @example marksIn('Fan hums loud', ['hums']).map((piece) => piece.understood) // [false, true, false]
 */
export function marksIn(text: string, words: string[]): Piece[] {
  const marked = new Uint8Array(text.length)
  const small = text.toLowerCase()
  // Letters whose small form is longer would shift every place behind them.
  if (small.length === text.length)
    for (const piece of words.flatMap((each) => each.split(/ … | , /))) {
      const at = piece.trim() ? small.indexOf(piece.trim()) : -1
      if (at >= 0) marked.fill(1, at, at + piece.trim().length)
    }
  const pieces: Piece[] = []
  for (let at = 0; at < text.length; at++) {
    const last = pieces.at(-1)
    const understood = marked[at] === 1
    if (last && last.understood === understood) last.text += text[at]
    else pieces.push({ text: text[at] ?? '', understood, at })
  }
  return pieces
}
