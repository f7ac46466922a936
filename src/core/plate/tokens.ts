import { digitOf, isDigit } from './confusions'
import { type FormMatch, formsAt, type Meanings } from './lexicon'
import { type Glyph, isWordChar, linesOf } from './normal'

/** A piece of a plate's line: a word that the lexicon knows, a figure, a sign, or what is none of them. */
export interface Token {
  kind: 'word' | 'number' | 'sign' | 'raw'
  /** As compared: capitals, without accents and blanks. */
  text: string
  meanings: Meanings
  /** Place in the source. */
  start: number
  end: number
  /** Blanks before it. */
  gap: number
  column: number
  /** How much of it was misread; 0 as printed. */
  damage: number
}

type Before = 'none' | 'number' | 'word' | 'raw'
const befores: Before[] = ['none', 'number', 'word', 'raw']

interface Step {
  cost: number
  from: number
  before: Before
  /** Blanks inside a word of three letters or more. */
  splits: number
  token: Omit<Token, 'start' | 'end' | 'gap' | 'column'>
}

/** What a blank inside costs: in whole print nearly a word's end, in print that was torn apart next to nothing. */
interface Splitting {
  word: number
  number: number
}
const whole: Splitting = { word: 0.7, number: 1.2 }
const torn: Splitting = { word: 0.1, number: 0.12 }

/**
 * The lines of a plate as tokens: the cheapest way through each line, where a known word costs least, a misread one more, and
 * what nobody knows most. Words and figures that are glued together or torn apart come out as they were meant.
 *
 * @example tokenLines('115V60HZ')[0].map((t) => t.text) // ['115', 'V', '60', 'HZ']
 */
export function tokenLines(source: string): Token[][] {
  const lines = linesOf(source)
  const first = lines.map((line) => tokensOf(line, whole))
  // Figures side by side with one blank between are half a sign of it.
  const split = first.reduce(
    (sum, { tokens, splits }) =>
      sum +
      splits +
      0.5 *
        tokens.filter(
          ({ kind, gap }, i) => kind === 'number' && gap === 1 && tokens[i - 1]?.kind === 'number',
        ).length,
    0,
  )
  // At least one word was torn: figures alone may stand so.
  const isTorn = split >= 2 && first.some(({ splits }) => splits > 0)
  return isTorn ? lines.map((line) => tokensOf(line, torn).tokens) : first.map(({ tokens }) => tokens)
}

function tokensOf(line: Glyph[], splitting: Splitting): { tokens: Token[]; splits: number } {
  const best: Map<Before, Step>[] = Array.from({ length: line.length + 1 }, () => new Map())
  const known = formsOfLine(line)
  const wordsAt = (at: number) => {
    const found = known.get(at) ?? formsAt(line, at)
    known.set(at, found)
    return found
  }
  for (let at = 0; at < line.length; at++) {
    const starts: (Before | null)[] = at === 0 ? [null] : befores.filter((each) => best[at]!.has(each))
    if (starts.length === 0) continue
    const words = wordsAt(at)
    const numbers = numbersAt(line, at, splitting)
    const raws = rawsAt(line, at)
    for (const before of starts) {
      const soFar = before ? best[at]!.get(before)!.cost : 0
      const prev = before ?? 'none'
      const reach = (end: number, kind: Before, cost: number, token: Step['token'], splits = 0) => {
        const step: Step = { cost: soFar + cost, from: at, before: prev, splits, token }
        const known = best[end]!.get(kind)
        if (known && known.cost <= step.cost) return
        best[end]!.set(kind, step)
      }
      for (const match of words) {
        const cost = wordCost({ line, at, before: prev, splitting, wordsAt }, match)
        if (cost !== null)
          reach(
            match.end,
            'word',
            cost,
            {
              kind: 'word',
              text: match.form.chars,
              meanings: match.form.meanings,
              damage: match.cost,
            },
            match.form.chars.length >= 3 ? match.splits : 0,
          )
      }
      // A number right behind letters that nobody knows is mostly part of them.
      const alone = at === 1 || (line[at - 1]?.gap ?? 0) > 0 || !isWordChar(line[at - 2])
      const behindLetters = prev === 'raw' && line[at]!.gap === 0 && !alone ? 0.5 : 0
      for (const { end, cost, text, damage } of numbers)
        reach(end, 'number', cost + behindLetters, { kind: 'number', text, meanings: NONE, damage })
      if (!/[\p{L}\p{N}]/u.test(line[at]!.char))
        reach(at + 1, 'none', 0.1, { kind: 'sign', text: line[at]!.char, meanings: NONE, damage: 0 })
      for (const { end, text } of raws) {
        const middle =
          line[at]!.gap === 0 && at > 0 ? { none: 0, raw: 1.2, number: 0.7, word: 0.15 }[prev] : 0
        // A long word is a name; figures and letters that long are mostly several things run together.
        const each = /\d/.test(text) ? 0.19 : 0.11
        // "CLASS E,IP54": a comma between letters parts two things.
        const parted = /\p{L},\p{L}/u.test(text) ? 1.5 : 0
        const letter =
          prev === 'word' && line[at]!.gap <= (/^[BEH]$/.test(text) ? 1 : 0)
            ? letterOfClass(text, best[at]!.get('word'), line[end])
            : 0
        reach(end, 'raw', 1.5 + each * text.length + middle + letter + parted, {
          kind: 'raw',
          text,
          meanings: NONE,
          damage: 0,
        })
      }
    }
  }
  return walkBack(line, best)
}

/** Forms by their places, of the lines seen last: a plate is read again with other line ends, and most lines stay. */
const seen = new Map<string, Map<number, FormMatch[]>>()
const MOST_SEEN = 64

function formsOfLine(line: Glyph[]): Map<number, FormMatch[]> {
  const key = line.map(({ char, gap, letter }) => `${gap}${char}${letter ? '' : '.'}`).join('')
  const forms = seen.get(key) ?? new Map<number, FormMatch[]>()
  seen.delete(key)
  seen.set(key, forms)
  const oldest = seen.keys().next().value
  if (seen.size > MOST_SEEN && oldest !== undefined) seen.delete(oldest)
  return forms
}

const NONE: Meanings = { figures: [] }

/** A token that has been read already: in its place stands something that nobody knows. */
export const unknown = (token: Token): Token => ({ ...token, kind: 'raw', text: '·', meanings: NONE })

function walkBack(line: Glyph[], best: Map<Before, Step>[]) {
  const tokens: Token[] = []
  let total = 0
  let at = line.length
  let kind = cheapest(best[at]!)
  while (at > 0 && kind) {
    const step: Step = best[at]!.get(kind)!
    total += step.splits
    const [first, last] = [line[step.from]!, line[at - 1]!]
    tokens.unshift({ ...step.token, start: first.at, end: last.at + 1, gap: first.gap, column: first.column })
    kind = step.from === 0 ? null : step.before
    at = step.from
  }
  return { tokens, splits: total }
}

const cheapest = (steps: Map<Before, Step>): Before | null =>
  [...steps].sort(([, a], [, b]) => a.cost - b.cost)[0]?.[0] ?? null

const endsWord = (line: Glyph[], end: number) =>
  end >= line.length || line[end]!.gap > 0 || !isWordChar(line[end]) || line[end - 1]!.char === '.'

interface Place {
  line: Glyph[]
  at: number
  before: Before
  splitting: Splitting
  wordsAt: (at: number) => FormMatch[]
}

function wordCost(
  { line, at, before, splitting, wordsAt }: Place,
  { form, end, cost, splits, lastSplit }: FormMatch,
): number | null {
  const { length } = form.chars
  const { figures, caption } = form.meanings
  // "MODEL NQ-33" is no misread "MODEL NO": what goes on behind a dash is a number of its own.
  if (cost > 0 && caption !== undefined && line[end]?.char === '-' && line[end]!.gap === 0) return null
  const atStart = at === 0 || line[at]!.gap > 0 || !isWordChar(line[at - 1])
  const behindNumber =
    before === 'number' && line[at]!.gap <= 1 && figures.some(({ side }) => side !== 'behind')
  // "-40°CTO+85": what leads from one to the other.
  const leads = form.chars === 'TO' && before === 'word' && !isLetterAt(line, end)
  const stands =
    atStart && (endsWordOrDigits(line, end, figures.length > 0) || !/[\p{L}\p{N}]$/u.test(form.chars))
  // "CLB": the letter of the class closes the word.
  const ofClass =
    form.meanings.caption === 'insulationClass' &&
    atStart &&
    /^[ABEFHN]$/.test(line[end]?.char ?? '') &&
    endsWord(line, end + 1)
  // "CWROTATION": two letters right before a long word.
  const glues = length === 2 && atStart && end < line.length && startsLong(wordsAt(end))
  // One or two letters are a word where they stand alone, or as the unit of the figure before them.
  if (length <= 2 && !behindNumber && !stands && !leads && !ofClass && !glues) return null
  // A letter right behind a unit's figure and before more letters is the beginning of a word.
  if (length === 1 && !endsWord(line, end) && !isDigit(line[end]!.char) && !startsKnown(wordsAt(end)))
    return null
  const base = behindNumber
    ? length === 1
      ? 0.25
      : 0.15
    : length === 1
      ? 0.9
      : length === 2
        ? 0.55
        : length === 3
          ? 0.3
          : 0.2
  const glued = atStart || behindNumber ? 0 : before === 'raw' ? 1.3 : 0.35
  // "CLASS E" is no torn "CLASSE": a last letter that stands apart has a meaning of its own.
  const letter = lastSplit && splitting === whole ? 1.5 : 0
  // More letters behind it that are no word: it is the beginning of another word.
  // Behind the caption of a number nothing is known in any case.
  const runsOn =
    form.meanings.caption === undefined &&
    !endsWord(line, end) &&
    /\p{L}/u.test(line[end]!.char) &&
    digitOf(line[end]!.char) === undefined &&
    !/[=:]/.test(line[end + 1]?.char ?? '') &&
    !startsKnown(wordsAt(end))
      ? 0.9
      : 0
  return base + cost + glued + splits * splitting.word + letter + runsOn
}

const endsWordOrDigits = (line: Glyph[], end: number, figure: boolean) =>
  endsWord(line, end) || (figure && digitOf(line[end]!.char) !== undefined)

/** Another known word begins right here. */
const startsKnown = (words: FormMatch[]) =>
  words.some(({ form, cost }) => form.chars.length >= 2 && cost < 0.4)

const startsLong = (words: FormMatch[]) =>
  words.some(({ form, cost }) => form.chars.length >= 5 && cost < 0.2)

/** "CLASSF70C", "INSB": the letter right behind a class costs less than another unknown word. */
function letterOfClass(text: string, before: Step | undefined, next: Glyph | undefined): number {
  if (!/^[ABEFHN]$/.test(text)) return 0
  if (before?.token.meanings.caption === 'insulationClass') return -1.4
  return next && isDigit(next.char) ? -0.9 : 0
}

const isLetterAt = (line: Glyph[], at: number) =>
  at < line.length && line[at]!.gap === 0 && /\p{L}/u.test(line[at]!.char)

interface NumberAt {
  end: number
  cost: number
  text: string
  damage: number
}

/** A figure from here to each place where it may end. */
function numbersAt(line: Glyph[], start: number, splitting: Splitting): NumberAt[] {
  const found: NumberAt[] = []
  let [text, digits, letters, blanks, point] = ['', 0, 0, 0, false]
  for (let at = start; at < line.length && at - start < 14; at++) {
    const glyph = line[at]!
    if (at > start && glyph.gap > 0) {
      if (glyph.gap > 1) break
      blanks++
    }
    if (glyph.char === '.' || glyph.char === ',') {
      // "-25..70": the second point leads on, it is no decimal.
      if (at === start && at > 0 && glyph.gap === 0 && line[at - 1]!.char === '.') break
      const next = line[at + 1]
      if (point || !next || next.gap > (splitting === torn ? 1 : 0) || digitOf(next.char) === undefined) break
      point = true
      text += glyph.char
      continue
    }
    if (glyph.char === '|' && (glyph.gap > 0 || (line[at + 1]?.gap ?? 1) > 0) && text === '') break
    if (digitOf(glyph.char) === undefined) break
    if (isDigit(glyph.char)) digits++
    else letters++
    text += glyph.char
    const next = line[at + 1]
    // A run of figures is not cut inside.
    const cut = next && next.gap === 0 && isDigit(next.char) && isDigit(glyph.char) ? 2 : 0
    // One letter alone is seldom a figure, but for those that look like nothing else.
    const alone = digits === 0 && text.length === 1 && !/[IL|!]/.test(text) ? 0.6 : 0
    const none = digits === 0 ? alone + (point ? 0.4 : 0.6) : 0
    const started =
      start > 0 && line[start]!.gap === 0 && isDigit(line[start - 1]!.char) && isDigit(line[start]!.char)
        ? 2
        : 0
    found.push({
      end: at + 1,
      cost: 0.5 + 0.35 * letters + none + cut + started + blanks * splitting.number,
      text,
      damage: letters,
    })
  }
  return found
}

/** The run of letters from here. */
function lettersAt(line: Glyph[], start: number): { end: number; text: string } {
  let [end, text] = [start, '']
  while (end < line.length && (end === start || line[end]!.gap === 0) && /\p{L}/u.test(line[end]!.char)) {
    text += line[end]!.char
    end++
  }
  return line[end]?.gap === 0 ? { end, text } : { end, text: '' }
}

/** What nobody knows: to the next sign, and to the next blank. */
function rawsAt(line: Glyph[], start: number): { end: number; text: string }[] {
  if (!isWordChar(line[start])) return []
  let [end, text] = [start, '']
  const found: { end: number; text: string }[] = []
  // "CLASSF70C": the letter of a class right before a figure.
  if (/\p{L}/u.test(line[start]!.char) && line[start + 1]?.gap === 0)
    found.push({ end: start + 1, text: line[start]!.char })
  // "MKP8,0µF": the letters of a kind, right before its figure.
  const letters = lettersAt(line, start)
  if (letters.text.length >= 2 && letters.text.length <= 4 && isDigit(line[letters.end]?.char ?? ''))
    found.push(letters)
  while (end < line.length && (end === start || line[end]!.gap === 0)) {
    if (!isWordChar(line[end]) && found.every((each) => each.end === start + 1)) found.push({ end, text })
    if (end > start && line[end]!.char === '=') break
    text += line[end]!.char
    end++
  }
  // A stop or comma at the end belongs to the sentence.
  const tail = /[^\p{L}\p{N}]+$/u.exec(text)?.[0].length ?? 0
  if (tail > 0) [end, text] = [end - tail, text.slice(0, -tail)]
  if (found.every((each) => each.end !== end)) found.push({ end, text })
  return found
}
