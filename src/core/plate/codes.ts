import type { CaptionField } from '../knowledge/plateLexicon'
import type { Scan } from './scan'
import type { Token } from './tokens'
import type { Field } from './types'

type CodeField = 'modelNumber' | 'partNumber' | 'serialNumber' | 'frame'

const codeFields = new Set<CaptionField>([
  'modelNumber',
  'partNumber',
  'serialNumber',
  'frame',
  'catalogue',
  'none',
])

/** Numbers of a part behind their captions: to two blanks, the next caption or the line's end. */
export function readCodes(scan: Scan): Partial<Record<CodeField, Field<string>>> {
  const { catalogue, ...fields } = allCodes(scan)
  if (!fields.serialNumber) {
    const alone = numberAlone(scan)
    if (alone) fields.serialNumber = alone
  }
  return catalogue && !fields.modelNumber ? { ...fields, modelNumber: catalogue } : fields
}

/** "N° 77 120", "Nr. 88210/19": a number that nothing else names is the one the maker gave this piece. */
function numberAlone(scan: Scan): Field<string> | null {
  const match =
    /(?<![\p{L}\d.-])(?:N[°º]|Nr\.?|N\.(?=\s*\d)) *[:.]? *(\d[\w/.-]*(?: \d{2,}[\w/-]*)*)(?= {2}|\s*[\n|,;]|$)/iu.exec(
      scan.source,
    )
  if (!match) return null
  const [start, end] = [match.index, match.index + match[0].length]
  const tokens = scan.between(start, end)
  if (tokens.length === 0 || tokens.some((token) => scan.isUsed(token))) return null
  scan.use(tokens)
  const text = match[1]!.replace(/[.,;:\s]+$/, '')
  const from = end - match[1]!.length
  return { value: text, raw: { text, start: from, end: from + text.length }, confidence: 0.8 }
}

function allCodes(scan: Scan): Partial<Record<CodeField | 'catalogue', Field<string>>> {
  const fields: Partial<Record<CodeField | 'catalogue', Field<string>>> = {}
  for (const line of scan.lines)
    for (let at = 0; at < line.length; at++) {
      const caption = line[at]!.meanings.caption
      if (line[at]!.kind !== 'word' || !caption || !codeFields.has(caption) || scan.isUsed(line[at]!))
        continue
      const from = valueStart(line, at)
      const before = caption === 'frame' ? frameBefore(scan, line, at, from) : null
      if (before) {
        fields.frame ??= before
        continue
      }
      const value = valueTokens(line, from)
      if (value.length === 0 || !isCode(scan, value, caption)) continue
      const used = line.slice(at, from + value.length)
      if (caption === 'none') {
        scan.use(used)
        continue
      }
      const field = caption as CodeField | 'catalogue'
      if (fields[field]) continue
      const raw = scan.raw(value)
      scan.use(used)
      // The last stop belongs to the sentence.
      const text = raw.text.replace(/[.,;:\s]+$/, '')
      fields[field] = {
        value: text,
        raw: { text, start: raw.start, end: raw.start + text.length },
        confidence: 0.93,
      }
      at = from + value.length - 1
    }
  return fields
}

/** "48Y FRAME": the size before its caption, where no size stands behind it. */
function frameBefore(scan: Scan, line: Token[], at: number, from: number): Field<string> | null {
  const [before, behind] = [line[at - 1], line[from]]
  if (!before || line[at]!.gap > 1 || before.kind === 'word' || !FRAME.test(scan.raw([before]).text))
    return null
  if (behind && behind.gap <= 1 && FRAME.test(scan.raw([behind]).text)) return null
  // The letter of the size may be a token of its own: "48 Y".
  const start = line[at - 2]?.kind === 'number' && before.gap === 0 ? at - 2 : at - 1
  const tokens = line.slice(start, at)
  const { text, start: first } = scan.raw(tokens)
  scan.use(line.slice(start, at + 1))
  return { value: text, raw: { text, start: first, end: first + text.length }, confidence: 0.88 }
}

const FRAME = /^[0-9OISBZl]{2,3}[A-Z]{0,3}$/i

/** Behind the caption, the same in another language, and what joins it to its value. */
function valueStart(line: Token[], at: number): number {
  const { caption } = line[at]!.meanings
  let next = at + 1
  while (next < line.length) {
    const token = line[next]!
    const joins = token.kind === 'sign' && ':.#=|/°º(-'.includes(token.text)
    const again = token.kind === 'word' && token.meanings.caption === caption && token.gap <= 1
    // "PART" at the end of a line, "NO. TS3-4075" on the next.
    const number = /^(?:NO|NR|NUMBER|NUMERO)$/.test(token.text) && line[next + 1] !== undefined
    if (!joins && !again && !number) break
    next++
  }
  return next
}

/** Tokens of a number: its first word, and further ones that carry figures and are not the next thing. */
function valueTokens(line: Token[], from: number): Token[] {
  const value: Token[] = []
  for (let at = from; at < line.length; at++) {
    const token = line[at]!
    if (at > from && token.gap > 0) {
      if (token.gap > 1 || (token.kind === 'sign' && token.text !== '-')) break
      if (
        isNext(
          line,
          at,
          value.some(({ text }) => /\d/.test(text)),
        )
      )
        break
    } else if (token.kind === 'sign' && (token.text === '|' || token.text === ';')) break
    value.push(token)
  }
  return value
}

/** Another thing begins here: a caption, a figure with its unit, a word of the trade. */
function isNext(line: Token[], at: number, told: boolean): boolean {
  const token = line[at]!
  if (token.kind === 'word' && token.text.length > 1) return true
  if (!told) return false
  let end = at + 1
  while (end < line.length && line[end]!.gap === 0) end++
  const chunk = line.slice(at, end)
  // "115 V", "115V", "1/4 HP": a unit follows.
  const unit =
    chunk.length > 1
      ? chunk.find((each) => each.kind === 'word' && each.meanings.figures.length > 0)
      : undefined
  if (unit && chunk[0]!.kind === 'number') return true
  const after = line[end]
  return (
    chunk.every(({ kind }) => kind !== 'raw') &&
    after?.kind === 'word' &&
    after.gap <= 1 &&
    after.meanings.figures.some(({ side }) => side !== 'behind')
  )
}

function isCode(scan: Scan, value: Token[], caption: CaptionField): boolean {
  const { text } = scan.raw(value)
  if (caption === 'frame') return /^[0-9OISBZl]{2,3}[A-Z]{0,3}\b/i.test(text)
  if (/\d/.test(text)) return true
  if (caption !== 'modelNumber' && caption !== 'partNumber') return /[OISBZl]{3}/.test(text)
  // A model without figures is one strange word of capitals.
  return value.length === 1 && value[0]!.kind === 'raw' && /^[A-Z][A-Z-]{1,11}$/.test(text)
}
