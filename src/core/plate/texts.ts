import type { Reader } from './reader'
import type { Field } from './types'

const CAPTION_END =
  '(?=\\s{2,}|\\n|$|\\s(?:MODEL|MOD\\.|TYPE|TYP|M/N|P/N|S/N|SER\\.?|SERIAL|PART|VOLTS?|HZ|RPM|HP|AMPS?|FLA|FR\\.?|FRAME|PH|INS|CL\\.?|AMB|DUTY|ENCL|CAP|MFD|DATE|\\d+(?:[-/]\\d+)?\\s?(?:V|VAC|VOLTS|HZ|HP|W|A|RPM)\\b)|\\s[A-Z]{1,4}\\s?[:#])'

const captions = {
  modelNumber:
    '(?:MODELL?(?:\\s?(?:NO|NUMBER|NR|#))?|MOD(?=[.:\\s])(?:\\.?\\s?NO)?|M\\s?/\\s?N|TYPE?(?![A-Z]))',
  partNumber: '(?:P\\s?/\\s?N|PART\\s?(?:NO|NUMBER|NR|#)?)',
  serialNumber: '(?:S\\s?/\\s?N|SER(?:IAL)?(?![A-Z])\\.?(?:\\s?(?:NO|NUMBER|NR|#))?)',
} as const

/** Model, part and serial numbers: the value runs to two spaces, the next caption or the line's end. */
export function readNumbers(reader: Reader): Partial<Record<keyof typeof captions, Field<string>>> {
  const fields: Partial<Record<keyof typeof captions, Field<string>>> = {}
  for (const key of ['partNumber', 'serialNumber', 'modelNumber'] as const) {
    const pattern = new RegExp(
      `(?<![A-Z])${captions[key]}\\s?[.:#=]{0,2}[ \\t]{0,3}\\n?[ \\t]*([A-Z0-9][^\\n]*?)${CAPTION_END}`,
    )
    const match = pattern.exec(reader.masked())
    if (!match) continue
    const value = match[1]!.trim()
    // "Type" before a word of the trade is no model number.
    if (!/\d/.test(value) && value.length > 12) continue
    const at = match.index + match[0].lastIndexOf(match[1]!)
    const raw = reader.raw(at, at + value.length)
    reader.use(match.index, at + match[1]!.length)
    fields[key] = { value: raw.text.trim() || value, raw, confidence: 0.92 }
  }
  return fields
}

const NOT_A_NAME =
  /^(?:AC|DC|MOTOR|FAN|THERMALLY|IMPEDANCE|AUTO|MADE|FOR|CONT|AIR|MODEL|TYPE|PART|SER|VOLTS?|CAPACITOR|RUN|START|BLOWER|ELECTRIC MOTOR|FURNACE|CAUTION|WARNING|DATE|NO PCB|PROTECTED|DUAL)\b/

/** The maker: after a label, marked Co, Ltd, GmbH …, else the first or the last line where it is only a name. */
export function readManufacturer(
  reader: Reader,
  at: { linesOnly?: boolean } = {},
): Field<string> | undefined {
  const labelled = at.linesOnly
    ? null
    : reader.first(
        /(?:MFR|MFG(?: BY)?|MANUFACTURER|MANUFACTURED BY|MAKER|MADE BY)\s?[.:]?\s{0,3}([A-Z][^\n]*?)(?=\s{2,}|\n|$)/,
      )
  if (labelled) {
    const start = labelled.index + labelled[0].lastIndexOf(labelled[1]!)
    const field = reader.field('', start, start + labelled[1]!.length, 0.92)
    reader.use(labelled.index, start)
    return { ...field, value: field.raw.text.trim() }
  }
  const marked = reader.first(
    /(?<![A-Z])([A-Z][A-Z&.' -]{1,30}?\s(?:CO|LTD|GMBH|INC|CORP|MFG|LLC|AG|SPA|KG|BV)\b\.?(?:\s(?:CO|LTD|INC)\b\.?)?)/,
  )
  if (marked) return trimmed(reader, marked.index, marked.index + marked[0].length, 0.9)
  const lines = [...reader.norm.matchAll(/[^\n]+/g)]
  for (const line of [lines[0], lines.at(-1)]) {
    if (!line) continue
    const match = /^\s*([A-Z][A-Z&.' -]{2,30}?)(?=\s{2,}|\s*$)/.exec(line[0])
    if (!match) continue
    const start = line.index + match[0].indexOf(match[1]!)
    if (
      NOT_A_NAME.test(match[1]!) ||
      !reader.isFree(start, start + match[1]!.length) ||
      match[1]!.split(' ').length > 4
    )
      continue
    return trimmed(reader, start, start + match[1]!.length, 0.8)
  }
  return undefined
}

function trimmed(reader: Reader, start: number, end: number, confidence: number): Field<string> {
  const field = reader.field('', start, end, confidence)
  const extra = /^(.*?)\s(?:ELECTRIC )?MOTOR$/i.exec(field.raw.text)
  return { ...field, value: (extra?.[1] ?? field.raw.text).trim() }
}
