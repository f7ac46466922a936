import { type JobSnapshot, type JobTables, listTables, type MachineRow } from '../job/rows'
import { isDay } from '../units/isDay'
import { archiveColumns, type Column } from './columns'

/** Ids that acts made, and those that were made from them, such as that of a look that is due. */
const ROW_ID = /^[\w-]{1,120}$/
const LONGEST_TEXT = 20_000
/** What a text of a kind looks like; a time and a day have to stand in the calendar as well. */
export const patterns: Partial<Record<string, RegExp>> = {
  time: /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,3})?Z$/,
  day: /^\d{4}-\d{2}-\d{2}$/,
  id: ROW_ID,
  hash: /^[0-9a-f]{64}$/,
}
/** Nothing of ours was written before. */
const FIRST_YEAR = 1970

/**
 * Whether a value may stand in a column: by what it says, not by its type alone.
 *
 * @example fits('x', { type: 'time' }) // false
 * @example fits('2026-02-30', { type: 'day' }) // false
 */
export function fits(value: unknown, column: Column): boolean {
  const { type } = column
  if (value === null) return column.null === true
  if (type === 'number') return typeof value === 'number' && isWithin(value, column)
  if (type === 'flag') return value === 0 || value === 1
  if (typeof value !== 'string') return false
  if (type === 'json') return isJson(value)
  if (value.length > LONGEST_TEXT) return false
  if (typeof type !== 'string') return type.includes(value)
  if (value === '' && column.empty) return true
  if (patterns[type]?.test(value) === false) return false
  return (type !== 'time' && type !== 'day') || isOnCalendar(value.slice(0, 10))
}

const LONGEST_JSON = 4_000_000

function isJson(value: string): boolean {
  if (value.length > LONGEST_JSON) return false
  try {
    JSON.parse(value)
    return true
  } catch {
    return false
  }
}

function isWithin(value: number, { least, most, whole }: Column): boolean {
  if (!Number.isFinite(value) || (whole && !Number.isSafeInteger(value))) return false
  return value >= (least ?? Number.NEGATIVE_INFINITY) && value <= (most ?? Number.POSITIVE_INFINITY)
}

/** A day of the calendar, of a year in which something of ours may have been written. */
const isOnCalendar = (day: string): boolean => isDay(day) && Number(day.slice(0, 4)) >= FIRST_YEAR

/** A column of a stored row that holds what it cannot: nothing may be worked out from such a row. */
export interface BadValue {
  table: keyof JobTables
  id: string
  column: string
  value: string
}

/** What of one row cannot be; nothing of a row that is as it may be. */
export function badValues<Table extends keyof JobTables>(table: Table, row: JobTables[Table]): BadValue[] {
  const columns: [string, Column][] = Object.entries(archiveColumns[table])
  const values = new Map<string, unknown>(Object.entries(row))
  return columns
    .filter(([name, column]) => !fits(values.get(name) ?? null, column))
    .map(([column]) => ({ table, id: row.id, column, value: String(values.get(column)).slice(0, 80) }))
}

/** What of a job, of its machine and of all its rows cannot be. */
export const badValuesOf = (snapshot: JobSnapshot): BadValue[] => [
  ...badValues('machine', snapshot.machine),
  ...badValues('job', snapshot.job),
  ...listTables.flatMap((table) => snapshot[table].flatMap((row) => badValues(table, row))),
]

export const isGoodMachine = (machine: MachineRow): boolean => badValues('machine', machine).length === 0
