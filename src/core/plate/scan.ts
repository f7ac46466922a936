import type { Figure } from './figure'
import { figuresOfLines } from './figures'
import { withMisreadFigures } from './misread'
import { unrolled } from './tables'
import { type Token, tokenLines, unknown } from './tokens'
import type { Field } from './types'

/** Trust in what was read as it stands, and what one misread character takes from it. */
const CLEAN = 0.96
const EACH_MISREAD = 0.1
const LEAST = 0.5

/** A plate taken apart: its lines as tokens, rows of captions unrolled, with what has been used marked in the source. */
export class Scan {
  readonly lines: Token[][]
  /** The lines as they are printed. */
  readonly rows: Token[][]
  private readonly used: Uint8Array
  private known: Figure[] | null = null

  constructor(readonly source: string) {
    this.rows = tokenLines(source)
    this.lines = unrolled(this.rows).map(withMisreadFigures)
    this.used = new Uint8Array(source.length)
  }

  /** Figures of all lines that no number of a part has taken. */
  get figures(): Figure[] {
    this.known ??= figuresOfLines(
      this.lines.map((line) => line.map((token) => (this.isUsed(token) ? unknown(token) : token))),
    )
    return this.known
  }

  isUsed({ start }: Token): boolean {
    return this.used[start] === 1
  }

  /** The tokens of a piece of the source. */
  between(start: number, end: number): Token[] {
    return this.lines.flat().filter((token) => token.start >= start && token.end <= end)
  }

  use(tokens: Token[]): void {
    for (const { start, end } of tokens) this.used.fill(1, start, end)
  }

  /** A field of these tokens, which are used by it. */
  field<T>(value: T, tokens: Token[], trust = CLEAN): Field<T> {
    this.use(tokens)
    const damage = tokens.reduce((sum, token) => sum + (token.kind === 'raw' ? 0 : token.damage), 0)
    return { value, raw: this.raw(tokens), confidence: Math.max(LEAST, trust - EACH_MISREAD * damage) }
  }

  /** The tokens of a figure, caption and unit included. */
  tokensOf({ line, from, to }: Figure): Token[] {
    return this.lines[line]!.slice(from, to + 1)
  }

  /** The text behind tokens; a caption of a table stands in another row and is not quoted. */
  raw(tokens: Token[]): { text: string; start: number; end: number } {
    const shown = sameRow(this.source, tokens)
    const start = Math.min(...shown.map((token) => token.start))
    const end = Math.max(...shown.map((token) => token.end))
    return shown.length === 0
      ? { text: '', start: 0, end: 0 }
      : { text: this.source.slice(start, end), start, end }
  }

  /** Words that nothing used. */
  unread(): string[] {
    const words: string[] = []
    for (const match of this.source.matchAll(/\S+/g)) {
      const fresh = Array.from(match[0]).filter(
        (char, i) => /[\p{L}\p{N}]/u.test(char) && !this.used[match.index + i],
      ).length
      const all = match[0].replace(/[^\p{L}\p{N}]/gu, '').length
      if (fresh > 1 || (fresh === 1 && all === 1)) words.push(match[0])
    }
    return words
  }
}

function sameRow(source: string, tokens: Token[]): Token[] {
  const last = tokens.at(-1)
  if (!last) return []
  const from = source.lastIndexOf('\n', last.start) + 1
  return tokens.filter(
    ({ start, end }) => start >= from && !source.slice(Math.min(end, last.start), last.start).includes('\n'),
  )
}
