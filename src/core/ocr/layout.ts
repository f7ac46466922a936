import type { RecognisedWord } from '../plate/recognised'
import type { Letter } from './letters'
import type { Quad } from './picture'

/** A piece of text with its letters. */
export interface ReadPiece {
  quad: Quad
  letters: Letter[]
}

const middle = (quad: Quad) => ({
  x: quad.reduce((sum, { x }) => sum + x, 0) / 4,
  y: quad.reduce((sum, { y }) => sum + y, 0) / 4,
})
const lengthOf = ([a, b]: Quad) => Math.hypot(b.x - a.x, b.y - a.y)
export const heightOf = ([a, , , d]: Quad) => Math.hypot(d.x - a.x, d.y - a.y)

/** The angle in which most of the text runs, radians. */
function slopeOf(quads: Quad[]): number {
  const angles = quads
    .filter((quad) => lengthOf(quad) > 2 * heightOf(quad))
    .map(([a, b]) => Math.atan2(b.y - a.y, b.x - a.x))
    .sort((a, b) => a - b)
  return angles[Math.floor(angles.length / 2)] ?? 0
}

/** Pieces in lines from the top, each from the left: neighbours that overlap in height, on ground that may slope or bend. */
export function linesOfPieces<T extends { quad: Quad }>(pieces: T[]): T[][] {
  const slope = slopeOf(pieces.map(({ quad }) => quad))
  const [cos, sin] = [Math.cos(-slope), Math.sin(-slope)]
  const placed = pieces
    .map((piece) => {
      const { x, y } = middle(piece.quad)
      const start = piece.quad[0]
      return {
        piece,
        left: start.x * cos - start.y * sin,
        right: start.x * cos - start.y * sin + lengthOf(piece.quad),
        y: x * sin + y * cos,
        height: heightOf(piece.quad),
      }
    })
    .sort((a, b) => a.left - b.left)
  const lines: (typeof placed)[] = []
  for (const next of placed) {
    const fits = lines
      .map((line) => ({ line, last: line.at(-1)! }))
      .filter(
        ({ last }) =>
          next.left > last.right - 0.6 * Math.max(last.height, next.height) &&
          Math.abs(next.y - last.y) <
            0.5 * Math.min(Math.max(last.height, next.height), 1.6 * Math.min(last.height, next.height)),
      )
      .sort((a, b) => Math.abs(next.y - a.last.y) - Math.abs(next.y - b.last.y))[0]
    if (fits) fits.line.push(next)
    else lines.push([next])
  }
  const height = (line: typeof placed) => line.reduce((sum, { y }) => sum + y, 0) / line.length
  return lines.sort((a, b) => height(a) - height(b)).map((line) => line.map(({ piece }) => piece))
}

/** Words of all pieces, lines numbered, each with its place in the picture. */
export function wordsOfPieces(pieces: ReadPiece[]): RecognisedWord[] {
  return linesOfPieces(pieces).flatMap((line, number) => line.flatMap((piece) => wordsOf(piece, number)))
}

function wordsOf({ quad, letters }: ReadPiece, line: number): RecognisedWord[] {
  const words: Letter[][] = [[]]
  for (const letter of letters)
    if (letter.char === ' ') words.push([])
    else words.at(-1)!.push(letter)
  // Half a letter stands on either side of the middle of the first and the last.
  const half = letters.length > 1 ? (letters.at(-1)!.at - letters[0]!.at) / (letters.length - 1) / 2 : 0.3
  return words
    .filter((word) => word.length > 0)
    .map((word) => {
      const [from, to] = [Math.max(0, word[0]!.at - half), Math.min(1, word.at(-1)!.at + half)]
      const corners = [along(quad, from, 0), along(quad, to, 0), along(quad, to, 1), along(quad, from, 1)]
      return {
        text: word.map(({ char }) => char).join(''),
        readings: readingsOf(word),
        line,
        confidence: word.reduce((sum, { confidence }) => sum + confidence, 0) / word.length,
        box: {
          x0: Math.min(...corners.map(({ x }) => x)),
          y0: Math.min(...corners.map(({ y }) => y)),
          x1: Math.max(...corners.map(({ x }) => x)),
          y1: Math.max(...corners.map(({ y }) => y)),
        },
      }
    })
}

/** Other readings of a word, one letter of it changed, likeliest first. */
function readingsOf(word: Letter[]): NonNullable<RecognisedWord['readings']> {
  const text = word.map(({ char }) => char)
  return word
    .flatMap(({ confidence, others }, at) =>
      others.map((other) => ({
        text: text.with(at, other.char).join(''),
        share: Math.min(1, other.confidence / Math.max(confidence, 0.01)),
      })),
    )
    .filter(({ share }) => share >= LEAST_SHARE)
    .sort((a, b) => b.share - a.share)
    .slice(0, MOST_READINGS)
}

/** A reading less likely than this beside the first is not offered. */
const LEAST_SHARE = 0.03
const MOST_READINGS = 4

const along = ([a, b, c, d]: Quad, u: number, v: number) => ({
  x: (1 - v) * ((1 - u) * a.x + u * b.x) + v * ((1 - u) * d.x + u * c.x),
  y: (1 - v) * ((1 - u) * a.y + u * b.y) + v * ((1 - u) * d.y + u * c.y),
})
