import { plainFractions } from './fractions'
import { type Quantity, quantities } from './quantities'

export type Typed =
  | { kind: 'empty' }
  | { kind: 'over' }
  | { kind: 'value'; value: number; unit: string | null }
  | { kind: 'error'; message: string }

export interface ParseOptions {
  /** What is named as an example where what was typed is no number; else the usual one of the quantity. */
  example?: string
  /** The person's unit where none is typed: `in` for millimetres, `°F` for temperatures. */
  defaultUnit?: string
  /** Accept "OL": the meter showed over-range. */
  over?: boolean
  min?: number
  max?: number
}

const OVER = /^(o|ol|o\.l\.?|0l|0\.l\.?|over|over ?range|open|inf|∞)$/i
const NUMBER =
  /^([+\-−]?)\s*(?:(\d+)(?:\s+|\s*-\s*|\+)(\d+)\s*\/\s*(\d+)|(\d+)\s*\/\s*(\d+)|(\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+(?:[.,]\d*)?|[.,]\d+))\s*(.*)$/
/** 4k7 and 4R7, as printed on resistors and written by electricians. */
const LETTER_AS_POINT = /^(\d+)([kKrRM])(\d+)$/

/**
 * Read a number as people type it at a bench: `4.7k`, `0,5`, `1 1/2 in`, `1/4`, `OL`.
 *
 * @param text what was typed; units may follow and are converted to the quantity's base unit
 * @returns the value in the base unit of `quantity`, over-range, empty, or a sentence that says what to do
 */
export function parseTyped(text: string, quantity: Quantity, options: ParseOptions = {}): Typed {
  const info = quantities[quantity]
  // Spaces first: what looks for a fraction would walk a long run of them again and again.
  let source = plainFractions(text.trim().replace(/\s+/g, ' ')).trim()
  if (source === '') return { kind: 'empty' }
  if (OVER.test(source)) {
    if (options.over) return { kind: 'over' }
    return fail(
      `Over-range does not belong here. Type the ${info.noun} as a number, for example ${info.example}.`,
    )
  }
  const letter = quantity === 'ohm' ? LETTER_AS_POINT.exec(source) : null
  if (letter) source = `${letter[1]}.${letter[3]}${/r/i.test(letter[2]!) ? '' : letter[2]}`

  // A currency stands before its figure in half of the world.
  const before = info.before?.exec(source)
  if (before) source = source.slice(before[0].length).trim()

  const match = NUMBER.exec(source)
  if (!match)
    return fail(
      `"${clip(text)}" is not a ${info.noun}. Type a number, for example ${options.example ?? info.example}.`,
    )
  const [, sign, whole, top, bottom, soloTop, soloBottom, plain, tail] = match
  let value: number
  if (bottom !== undefined || soloBottom !== undefined) {
    const denominator = Number(bottom ?? soloBottom)
    if (denominator === 0) return fail('A fraction cannot have 0 below the line.')
    value = Number(whole ?? 0) + Number(top ?? soloTop) / denominator
  } else {
    value = plainNumber(plain!, info.thousandsComma === true)
  }
  if (sign === '-' || sign === '−') value = -value

  const typedUnit = tail!.trim()
  const unit = typedUnit || options.defaultUnit || ''
  const scaled = toBase(value, unit, quantity)
  if (scaled === null) {
    return fail(`"${clip(typedUnit)}" is not a unit of ${info.noun}. Use ${info.symbol || 'a plain number'}.`)
  }
  value = scaled
  if (!Number.isFinite(value))
    return fail(`This is no ${info.noun} that can be measured. Check what was typed.`)
  if (value < 0 && !info.negative)
    return fail(
      `${/^[aeiou]/.test(info.noun) ? 'An' : 'A'} ${info.noun} cannot be negative. Type it without the minus sign.`,
    )
  if (info.whole && !Number.isInteger(value)) return fail(`Type a whole number, for example ${info.example}.`)
  if (options.min !== undefined && value < options.min) {
    return fail(
      `${info.symbol ? `Below ${options.min} ${info.symbol}` : `Below ${options.min}`} is not possible here.`,
    )
  }
  if (options.max !== undefined && value > options.max) {
    return fail(`More than ${options.max} ${info.symbol} is not possible here. Check the decimal point.`)
  }
  return { kind: 'value', value, unit: typedUnit || null }
}

function plainNumber(plain: string, thousandsComma: boolean): number {
  const grouped = /^\d{1,3}(,\d{3})+(\.\d+)?$/.test(plain)
  if (grouped && (thousandsComma || /,\d{3},/.test(plain) || plain.includes('.'))) {
    return Number(plain.replaceAll(',', ''))
  }
  return Number(plain.replace(',', '.'))
}

function toBase(value: number, unit: string, quantity: Quantity): number | null {
  if (unit === '') return value
  const info = quantities[quantity]
  const compact = unit.replace(/\s+/g, '').replace('Ω', 'Ω')
  const factor =
    info.cased?.[compact] ??
    info.units[compact.toLowerCase()] ??
    info.units[compact.replace('Ω', 'ω').toLowerCase()]
  if (factor === undefined) return null
  if (quantity === 'celsius') {
    if (/f$/i.test(compact)) return ((value - 32) * 5) / 9
    if (/^k$/i.test(compact)) return value - 273.15
  }
  return value * factor
}

const clip = (text: string) => (text.length > 24 ? `${text.slice(0, 24)}…` : text)
const fail = (message: string): Typed => ({ kind: 'error', message })

/** The value of a typed text, or null where it is empty, over-range or not a number. */
export function typedValue(
  text: string | null | undefined,
  quantity: Quantity,
  options?: ParseOptions,
): number | null {
  const typed = parseTyped(text ?? '', quantity, options)
  return typed.kind === 'value' ? typed.value : null
}
