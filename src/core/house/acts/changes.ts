import { type ParseOptions, parseTyped, type Quantity } from '../../units'
import { isDay } from '../../units/isDay'
import { houseRefusal } from '../refusals'
import type { HouseChange, HousePlan, HouseTable, HouseTables } from '../rows'

/** The change of one row. */
export const change = <Table extends HouseTable>(
  table: Table,
  before: HouseTables[Table] | null,
  after: HouseTables[Table] | null,
): HouseChange[] => {
  const id = (after ?? before)?.id
  if (id === undefined || JSON.stringify(before) === JSON.stringify(after)) return []
  // The three belong to one table, as the signature says; the union cannot follow that.
  return [{ table, id, before, after } as HouseChange]
}

export const planned = (
  key: string,
  params: Record<string, string | number>,
  ...changes: HouseChange[][]
): HousePlan => ({ said: { key, params }, changes: changes.flat() })

/** @throws CoreError `unknown-row` */
export function known<Row extends { id: string }>(rows: readonly Row[], id: string): Row {
  const row = rows.find((each) => each.id === id)
  if (!row) throw houseRefusal('unknown-row')
  return row
}

/** A day as typed, or nothing. @throws CoreError `not-a-day` */
export function dayOrNone(typed: string | undefined, field: string): string {
  const day = (typed ?? '').trim()
  if (day !== '' && !isDay(day)) throw houseRefusal('not-a-day', field)
  return day
}

/** A day that has come. @throws CoreError `not-a-day`, `future-day` */
export function pastDay(typed: string | undefined, field: string, today: string): string {
  const day = dayOrNone(typed, field)
  if (day > today) throw houseRefusal('future-day', field)
  return day
}

/** A figure as typed; null where nothing is. @throws CoreError `not-a-number` */
export function figureOrNone(
  typed: string | undefined,
  quantity: Quantity,
  options?: ParseOptions,
): number | null {
  const read = parseTyped(typed ?? '', quantity, options)
  if (read.kind === 'error') throw houseRefusal('not-a-number', read.message)
  return read.kind === 'value' ? read.value : null
}

/** @throws CoreError `no-name` */
export function nameOf(typed: string): string {
  const name = typed.trim().replace(/\s+/g, ' ')
  if (name === '') throw houseRefusal('no-name')
  return name
}

/** Days of an instant go by the person’s zone on the screen; what is refused as the future allows for every zone on earth. */
export const latestDay = (now: number): string => new Date(now + 14 * 3_600_000).toISOString().slice(0, 10)
