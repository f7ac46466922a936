import { digitsOf } from './confusions'
import { type Token, unknown } from './tokens'

/** Figures, with strokes, dashes or a point between them. */
const FIGURES = /^\d{1,4}(?:[.,/-]\d{1,4}){1,3}$/

/**
 * A word nobody knows that is figures once its look-alikes are: "l/Z" is 1/2. Null where it is none; whether figures are
 * wanted there, the one who asks must know.
 */
export function asFigures(token: Token): Token[] | null {
  if (token.kind !== 'raw' || token.text.length > 12) return null
  const text = digitsOf(token.text)
  if (!FIGURES.test(text)) return null
  const parts = [...token.text.matchAll(/[/-]|[^/-]+/g)]
  // Blanks inside would tell that it is longer in the source: its parts have no places of their own then.
  if (token.end - token.start !== token.text.length) return null
  return parts.map(({ 0: part, index }) => ({
    ...unknown(token),
    kind: part === '/' || part === '-' ? ('sign' as const) : ('number' as const),
    text: part,
    start: token.start + index,
    end: token.start + index + part.length,
    gap: index === 0 ? token.gap : 0,
    column: token.column + index,
    damage: Array.from(part).filter((char) => /\p{L}/u.test(char)).length,
  }))
}

/** Figures where a caption before or a unit behind wants them: "HP | 1/S". */
export function withMisreadFigures(line: Token[]): Token[] {
  const wants = (token: Token | undefined, side: 'before' | 'behind') =>
    token?.kind === 'word' &&
    token.meanings.figures.some((word) => word.side !== side && word.mark !== 'letter')
  return line.flatMap((token, at) => {
    const before = line.slice(0, at).findLast(({ kind }) => kind !== 'sign')
    const behind = line[at + 1]
    const wanted =
      (wants(before, 'before') && token.gap <= 3) || (wants(behind, 'behind') && behind!.gap <= 1)
    return (wanted && asFigures(token)) || [token]
  })
}
