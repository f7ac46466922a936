export interface Box {
  x0: number
  y0: number
  x1: number
  y1: number
}

/** A word as recognition delivers it, lines in order. */
export interface RecognisedWord {
  text: string
  line: number
  /** 0 … 1 */
  confidence: number
  box: Box
  /** What else it may say, as long as the text, with how likely that is beside it (0 … 1). */
  readings?: { text: string; share: number }[]
}

/** A word and its place in the text. */
export interface Span {
  start: number
  end: number
  word: RecognisedWord
}
