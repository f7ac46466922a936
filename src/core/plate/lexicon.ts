import {
  type CaptionField,
  captionWords,
  type FigureWord,
  figureWords,
  plainWords,
  type ValueWord,
  valueWords,
} from '../knowledge/plateLexicon'
import { confusion, digitOf, OTHER } from './confusions'
import { type Glyph, isWordChar } from './normal'

export interface Meanings {
  figures: FigureWord[]
  caption?: CaptionField
  value?: ValueWord
  plain?: boolean
}

export interface Form {
  /** Without blanks. */
  chars: string
  /** Made of characters that may all be figures: "LO", "S1". */
  figures: boolean
  /** Places where a blank, a dash or a stop may stand. */
  breaks: boolean[]
  meanings: Meanings
}

const forms = new Map<string, Form>()

function add(text: string, put: (meanings: Meanings) => void): void {
  const chars = text.replaceAll(' ', '')
  const form = forms.get(chars) ?? {
    chars,
    // "S.1" and "l.O" are figures: no stop is read over in them.
    figures: Array.from(chars).every((char) => digitOf(char) !== undefined),
    breaks: [],
    meanings: { figures: [] },
  }
  let at = 0
  for (const char of text)
    if (char === ' ') form.breaks[at] = true
    else at++
  put(form.meanings)
  forms.set(chars, form)
}

for (const word of figureWords) for (const text of word.forms) add(text, (m) => m.figures.push(word))
for (const { field, forms: texts } of captionWords)
  for (const text of texts)
    add(text, (m) => {
      m.caption ??= field
    })
for (const [value, texts] of Object.entries(valueWords) as [ValueWord, string[]][])
  for (const text of texts)
    add(text, (m) => {
      m.value ??= value
    })
for (const text of plainWords)
  add(text, (m) => {
    m.plain = true
  })

/** Most that a misread word may cost; short words allow one look-alike only. */
const most = (length: number): number =>
  length === 1 ? 0 : length <= 3 ? 0.36 : length === 4 ? 0.75 : length === 5 ? 1 : Math.min(3, 0.16 * length)

/** Forms by the character that may be printed for their first. */
const byFirst = new Map<string, Form[]>()
const printable = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789|!°%/ØΦ'
for (const form of forms.values())
  for (const char of printable)
    if (confusion(char, form.chars[0]!) <= most(form.chars.length)) {
      const listed = byFirst.get(char)
      if (listed) listed.push(form)
      else byFirst.set(char, [form])
    }

/** Forms whose first characters may be printed so, looked up once for each two and three. */
const byStart = new Map<string, Form[]>()
/** Print of plates has far fewer; what is no plate must not fill the memory. */
const MOST_STARTS = 20_000

/** One character more or less costs this; only words of seven letters and more can afford it. */
const SLIP = 1.1

/** What the first characters of a form cost where these are printed; beyond its end nothing. */
function startCost({ chars }: Form, printed: string): number {
  let cost = 0
  for (let k = 0; k < printed.length && k < chars.length; k++) {
    const step = confusion(printed[k]!, chars[k]!)
    cost += k > 1 ? Math.min(step, SLIP) : step
  }
  return cost
}

function candidates(line: Glyph[], start: number): Form[] {
  const first = line[start]!.char
  const all = byFirst.get(first) ?? []
  const [second, third] = [line[start + 1], line[start + 2]]
  // A sign may be read over, so it tells nothing.
  if (!isWordChar(second)) return all
  const two = known(first + second.char, all)
  return isWordChar(third) ? known(first + second.char + third.char, two) : two
}

function known(printed: string, from: Form[]): Form[] {
  const found =
    byStart.get(printed) ?? from.filter((form) => startCost(form, printed) <= most(form.chars.length))
  if (byStart.size > MOST_STARTS) byStart.clear()
  byStart.set(printed, found)
  return found
}

export interface FormMatch {
  form: Form
  /** Behind the last glyph. */
  end: number
  /** What was misread. */
  cost: number
  /** Blanks where the word has none. */
  splits: number
  /** One of them stands before the last letter. */
  lastSplit: boolean
}

/** A stop may stand inside a short form ("R.P.M.") and a dash where it has a blank ("SHADED-POLE"). */
const readOver = (char: string, atBreak: boolean, figures: boolean) =>
  ((char === '.' || char === ',') && !figures) || char === "'" || (atBreak && char === '-')

/** Every form that may stand at a place of a line. */
export function formsAt(line: Glyph[], start: number): FormMatch[] {
  const found: FormMatch[] = []
  for (const form of candidates(line, start)) {
    const match = matchForm(line, start, form)
    if (match) found.push(match)
  }
  return found
}

function matchForm(line: Glyph[], start: number, form: Form): FormMatch | null {
  const { chars, breaks, figures } = form
  const limit = most(chars.length)
  let [at, cost, splits, lastSplit] = [start, 0, 0, false]
  /** One character more or less than the word has: only long words stand for themselves then. */
  let slips = chars.length >= 6 ? 1 : 0
  for (let k = 0; k < chars.length; k++) {
    const atBreak = breaks[k] === true
    while (
      k > 0 &&
      at < line.length &&
      readOver(line[at]!.char, atBreak, figures) &&
      chars[k] !== line[at]!.char
    ) {
      // A comma for a stop stands between the letters: "R.P,M.".
      if (line[at]!.gap > 1 || (line[at]!.char === ',' && (line[at + 1]?.gap ?? 1) > 0)) return null
      at++
    }
    const glyph = line[at]
    if (!glyph) return null
    if (at > start && glyph.gap > 0 && !atBreak) {
      if (glyph.gap > 1 || (line[at - 1]!.char === '.' && chars.length > 4)) return null
      // The letters of a short form stand apart behind their stops: "C. C. W."
      if (line[at - 1]!.char === '.' && at - 1 - start >= 2 && line[at - 3]!.char !== '.') return null
      if (line[at - 1]!.char !== '.') {
        splits++
        lastSplit ||= k === chars.length - 1
      }
    }
    if (at > start && atBreak && glyph.gap > 2) return null
    const step = confusion(glyph.char, chars[k]!)
    // One letter for another makes another short word: IP is no LP.
    if (step > 0 && chars.length <= 3 && glyph.letter) return null
    // Between capitals a small l is an I or a 1.
    if (step === 0 && k === 0 && chars.length <= 2 && glyph.char === 'L' && !glyph.letter) return null
    // The last letter tells short forms apart: "CLASS F" is no "CLASSE".
    if (step > 0.4 && k === chars.length - 1 && chars.length < 8) return null
    if (step >= OTHER && slips > 0 && k > 1) {
      slips--
      cost += SLIP
      if (confusion(line[at + 1]?.char ?? '', chars[k]!) === 0) {
        at++
        k--
      }
      if (cost > limit) return null
      continue
    }
    cost += step
    if (cost > limit) return null
    at++
  }
  if (line[at]?.char === '.' && line[at]!.gap === 0) at++
  return { form, end: at, cost, splits, lastSplit }
}
