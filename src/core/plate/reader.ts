import type { Field, Raw } from './types'

/** Characters that recognition takes for digits. */
const AS_DIGIT: Record<string, string> = {
  O: '0',
  Q: '0',
  D: '0',
  I: '1',
  L: '1',
  '|': '1',
  '!': '1',
  S: '5',
  B: '8',
  Z: '2',
}

/** A number as it may be printed or misread: at least one true digit, look-alikes between. */
export const NUM = '(?:[OQIL|SBZ]{0,2}[0-9][0-9OQIL|SBZ]*(?:[.,][0-9OQIL|SBZ]+)?|[.,][0-9OQ][0-9OQIL|SBZ]*)'
/** A list of numbers: 208-230, 1550/1350/1100. */
export const LIST = `${NUM}(?:\\s{0,2}[-/,]\\s{0,2}${NUM})*`

/** A look-alike taken for a digit costs this much trust. */
const DAMAGED = 0.75
const CLEAN = 0.96

/** No plate prints so much without a space; patterns that look for lists of numbers would try every way through it. */
const NO_WORD = /\S{65,}/g

/** Text of a plate: upper case and plain signs, the same length as the original, with what has been used marked. */
export class Reader {
  readonly norm: string
  private readonly used: Uint8Array

  constructor(
    readonly source: string,
    /** Where each character of `work` stands in the source; tables add lines of their own. */
    work: string = source,
    private readonly places: number[] = Array.from(source, (_, i) => i),
  ) {
    this.norm = plain(work).replace(NO_WORD, (run) => '\u0001'.repeat(run.length))
    this.used = new Uint8Array(source.length)
  }

  /** Matches of a pattern that touch nothing used, in order. */
  all(pattern: RegExp): RegExpExecArray[] {
    const global = new RegExp(pattern.source, 'g')
    return [...this.norm.matchAll(global)].filter(
      (match) => match[0].length > 0 && this.isFree(match.index, match.index + match[0].length),
    ) as RegExpExecArray[]
  }

  first(pattern: RegExp): RegExpExecArray | null {
    return this.all(pattern)[0] ?? null
  }

  /** The text with everything used as blanks, so that a run of text ends where something else was read. */
  masked(): string {
    return Array.from({ length: this.norm.length }, (_, i) =>
      this.places[i]! >= 0 && this.used[this.places[i]!] ? ' ' : this.norm[i],
    ).join('')
  }

  isFree(start: number, end: number): boolean {
    for (let i = start; i < end; i++) {
      const at = this.places[i]!
      if (at >= 0 && this.used[at] && /\S/.test(this.norm[i]!)) return false
    }
    return true
  }

  use(start: number, end: number): void {
    for (let i = start; i < end; i++) {
      const at = this.places[i]!
      if (at >= 0) this.used[at] = 1
    }
  }

  /** The source text behind a stretch of the work text. */
  raw(start: number, end: number): Raw {
    const spots = this.places.slice(start, end).filter((at) => at >= 0)
    if (spots.length === 0) return { text: '', start: 0, end: 0 }
    const [from, to] = [Math.min(...spots), Math.max(...spots) + 1]
    // A value of a table is quoted as it stands in its own row.
    const contiguous = to - from <= (end - start) * 3 + 4
    const text = contiguous ? this.source.slice(from, to) : spots.map((at) => this.source[at]).join('')
    return { text, start: from, end: to }
  }

  field<T>(value: T, start: number, end: number, confidence: number): Field<T> {
    this.use(start, end)
    return { value, raw: this.raw(start, end), confidence }
  }

  /** Words that nothing used. */
  unread(): string[] {
    const words: string[] = []
    for (const match of this.source.matchAll(/\S+/g)) {
      let fresh = ''
      for (let i = match.index; i < match.index + match[0].length; i++)
        if (!this.used[i]) fresh += this.source[i]
      const bare = fresh.replace(/[^\p{L}\p{N}]/gu, '')
      if (bare.length > 1 || (bare.length === 1 && match[0].replace(/[^\p{L}\p{N}]/gu, '').length === 1))
        words.push(match[0])
    }
    return words
  }
}

function plain(text: string): string {
  let out = ''
  for (const char of text) {
    const units = char.length
    const mapped = /[µμ]/.test(char)
      ? 'U'
      : /[–—−‐]/.test(char)
        ? '-'
        : /[º˚]/.test(char)
          ? '°'
          : /[×]/.test(char)
            ? 'X'
            : /[Øø]/.test(char)
              ? 'Ø'
              : char.toUpperCase()
    out += mapped.length === units ? mapped : char
  }
  // Recognition takes µ for p; nothing on these plates is measured in picofarads.
  return out.replace(/(?<=\d\s?)PF(?![A-Z])/g, 'UF')
}

/** The number behind a printed or misread one; a comma with three digits is a thousand only where `thousands` says so. */
export function numberOf(text: string, thousands = false): number {
  const digits = text.replace(/[OQDIL|!SBZ]/g, (char) => AS_DIGIT[char]!)
  const grouped = /^\d{1,2},\d{3}$/.test(digits) && thousands
  return Number(grouped ? digits.replace(',', '') : digits.replace(',', '.'))
}

export const numbersOf = (text: string, thousands = false): number[] =>
  text
    .split(thousands ? /\s*[-/]\s*|,\s+/ : /\s*[-/]\s*|,\s+/)
    .filter(Boolean)
    .map((part) => numberOf(part.trim(), thousands))

/** Trust in a number: less where a look-alike was taken for a digit. */
export const trust = (text: string, base = CLEAN): number =>
  /[OQIL|SBZ]/.test(text.replace(/[^0-9OQIL|SBZ.,/-]/g, '')) && /[OQIL|SBZ]/.test(text)
    ? Math.min(base, DAMAGED)
    : base
