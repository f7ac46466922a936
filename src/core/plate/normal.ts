import { spreadFractions } from '../units/fractions'

/** A printed character as the reader compares it, with where it stands in the source. */
export interface Glyph {
  char: string
  /** Surely printed as a letter: a small l may be an I or a 1. */
  letter: boolean
  at: number
  /** Blanks before it on its line; 0 inside a word. */
  gap: number
  /** Column on its line. */
  column: number
}

const same: Record<string, string> = {
  µ: 'U',
  μ: 'U',
  Μ: 'U',
  '–': '-',
  '—': '-',
  '−': '-',
  '‐': '-',
  '‑': '-',
  º: '°',
  '˚': '°',
  '×': 'X',
  '∼': '~',
  '～': '~',
  '’': "'",
  '…': '.',
  '¦': '|',
  '│': '|',
}

/** One character: capital, without accent, plain signs (é is E); as many UTF-16 units as it had. */
function plainChar(char: string): string {
  const known = same[char]
  if (known) return known
  const bare = char.normalize('NFD').replace(/\p{M}/gu, '').toUpperCase()
  return bare.length === char.length
    ? bare
    : char.toUpperCase().length === char.length
      ? char.toUpperCase()
      : char
}

/** No plate prints so much without a space; reading every way through it would take for ever. */
const MOST_GLYPHS = 400
const LONGEST_WORD = 64

/**
 * Lines of glyphs; a line whose letters stand apart ("M O D E L   B W") is drawn together: its single blanks are none.
 */
export function linesOf(source: string): Glyph[][] {
  const lines: Glyph[][] = []
  let at = 0
  for (const text of source.split('\n')) {
    const line = withoutRuns(lineOf(text, at))
    lines.push(isSpaced(line) ? drawnTogether(line) : line)
    at += text.length + 1
  }
  return lines
}

/** A letter or a figure, and no sign. */
export const isWordChar = (glyph: Glyph | undefined): glyph is Glyph =>
  glyph !== undefined && /[\p{L}\p{N}]/u.test(glyph.char)

/** Stands for a line's end that is read over: as wide as the end of a value. */
export const READ_OVER = '\u2003'

function lineOf(text: string, start: number): Glyph[] {
  const line: Glyph[] = []
  let gap = 0
  const { work, places } = spreadFractions(
    text,
    Array.from({ length: text.length }, (_, i) => i),
  )
  for (let i = 0; i < work.length; i++) {
    const char = work[i]!
    const column = places[i]!
    if (char === '\t') gap += 4
    else if (char === READ_OVER) gap += 2
    else if (/\s/.test(char)) gap++
    else {
      const plain = plainChar(char)
      line.push({
        char: plain,
        letter: /\p{L}/u.test(plain) && char !== 'l',
        at: start + column,
        gap: line.length === 0 ? 0 : gap,
        column,
      })
      gap = 0
    }
  }
  return line
}

/** A run of hundreds of letters is no word of a plate; a line of thousands no line. */
function withoutRuns(line: Glyph[]): Glyph[] {
  const out: Glyph[] = []
  for (let i = 0; i < line.length; ) {
    let j = i + 1
    while (j < line.length && line[j]!.gap === 0) j++
    if (j - i <= LONGEST_WORD) out.push(...line.slice(i, j))
    i = j
  }
  return out.slice(0, MOST_GLYPHS)
}

/** Mostly single letters with one blank between. */
function isSpaced(line: Glyph[]): boolean {
  const inside = line.slice(1).filter(({ char }) => /[\p{L}\p{N}]/u.test(char))
  if (inside.length < 6) return false
  return inside.filter(({ gap }) => gap === 1).length >= 0.65 * inside.length
}

const drawnTogether = (line: Glyph[]): Glyph[] =>
  line.map((glyph) => ({ ...glyph, gap: glyph.gap <= 1 ? 0 : glyph.gap <= 3 ? 1 : glyph.gap }))
