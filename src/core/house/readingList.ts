import { isCoreError } from '../errors'
import { isDay } from '../units/isDay'
import { measuredValue, takenAt } from './quantities'
import { type MeasuredKind, measuredKinds } from './rows'

/** A reading of a list, as the household takes it in. */
export interface ListedReading {
  what: MeasuredKind
  section: string
  typed: string
  at: string
  note: string
}

export interface ReadList {
  readings: ListedReading[]
  /** Lines that were not understood, with why; the first is 1, the captions. */
  faults: { line: number; why: string }[]
}

/** Captions by which a column is known, in small letters without signs. */
const captions = {
  at: ['at', 'date', 'day', 'when', 'datum'],
  what: ['what', 'quantity', 'reading', 'kind'],
  section: ['section', 'terminal', 'from', 'speed'],
  typed: ['value', 'typed', 'figure', 'measured'],
  unit: ['unit', 'units'],
  note: ['note', 'notes', 'remark'],
} as const
type Field = keyof typeof captions

/** Words by which a quantity is known in a list. */
const quantities: Record<MeasuredKind, readonly string[]> = {
  capacitanceUf: ['capacitance', 'capacitor', 'uf', 'µf', 'mfd', 'capacitanceuf'],
  currentA: ['current', 'running current', 'amps', 'a', 'currenta'],
  supplyV: ['voltage', 'supply voltage', 'supply', 'volts', 'v', 'supplyv'],
  speedRpm: ['speed', 'rpm', 'speedrpm'],
  airDifferenceC: ['air difference', 'temperature difference', 'apart', 'delta t', 'airdifferencec'],
}

/**
 * Rows of a list of readings, captions first: columns by their captions in any order, quantities by their usual words. What is not
 * understood is named by its line, and the rest is taken.
 *
 * @param rows texts, as a CSV reader gives them
 * @example readingsOfList([['date', 'what', 'value'], ['2025-06-02', 'current', '1.4']], false, Date.parse('2026-01-01')).readings[0]?.what // 'currentA'
 */
export function readingsOfList(rows: string[][], fahrenheit: boolean, now: number): ReadList {
  const [heads = [], ...lines] = rows
  const columns = new Map<Field, number>()
  heads.forEach((head, index) => {
    const field = fieldOf(head)
    if (field && !columns.has(field)) columns.set(field, index)
  })
  const missing = (['at', 'what', 'typed'] as const).filter((field) => !columns.has(field))
  if (missing.length > 0)
    return {
      readings: [],
      faults: [
        {
          line: 1,
          why: `The first line has to name its columns: date, what and value. Not found: ${missing.map((field) => captions[field][0]).join(', ')}.`,
        },
      ],
    }
  const list: ReadList = { readings: [], faults: [] }
  lines.forEach((cells, index) => {
    const cell = (field: Field) => cells[columns.get(field) ?? -1]?.trim() ?? ''
    if (cells.every((each) => each.trim() === '')) return
    const read = readingOf(cell, fahrenheit, now)
    if (typeof read === 'string') list.faults.push({ line: index + 2, why: read })
    else list.readings.push(read)
  })
  return list
}

function readingOf(cell: (field: Field) => string, fahrenheit: boolean, now: number): ListedReading | string {
  const what = quantityOf(cell('what'))
  if (!what)
    return `“${cell('what')}” is no quantity that is kept. Write capacitance, current, voltage, speed or air difference.`
  const typed = [cell('typed'), cell('unit')].filter(Boolean).join(' ')
  const at = dayOf(cell('at'))
  try {
    measuredValue(what, typed, fahrenheit)
    if (at === '') return 'The day is missing. Write it as 2026-05-31.'
    takenAt(at, now)
  } catch (error) {
    if (isCoreError(error)) return error.message
    throw error
  }
  const section = what === 'capacitanceUf' ? sectionOf(cell('section')) : cell('section')
  return { what, section, typed, at, note: cell('note') }
}

const fieldOf = (head: string): Field | null => {
  const plain = head.trim().toLowerCase()
  const found = Object.entries(captions).find(([, names]) => names.some((name) => name === plain))
  return (found?.[0] as Field | undefined) ?? null
}

const quantityOf = (text: string): MeasuredKind | null => {
  const plain = text.trim().toLowerCase()
  return measuredKinds.find((kind) => quantities[kind].includes(plain)) ?? null
}

/** A day as it stands, or the day of an instant. */
const dayOf = (text: string): string =>
  isDay(text.slice(0, 10)) && text.length > 10 && !/Z$/.test(text) ? text.slice(0, 10) : text

/** A capacitor of one section has no name on its terminals. */
const sectionOf = (text: string): string => (/^(|single|c)$/i.test(text) ? 'single' : text.toUpperCase())
