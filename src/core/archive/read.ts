import { CoreError } from '../errors'
import type { HouseTables } from '../house/rows'
import { type JobSnapshot, type JobTables, listTables, type MachineRow } from '../job/rows'
import { type ArchiveExtras, archiveColumns, type Column, extraColumns } from './columns'
import { type ArchivedHouseTable, houseColumns } from './houseColumns'
import { fits } from './values'

export const ARCHIVE_FORMAT = 'rest-cog-archive'
export const ARCHIVE_VERSION = 5

/** The first file of an archive. */
export interface ArchiveHead {
  format: typeof ARCHIVE_FORMAT
  version: number
  madeAt: string
}

/** One job as an archive holds it: all its rows, without its machine, which stands in the list of machines. */
export type ArchivedJob = Omit<JobSnapshot, 'machine' | 'household'>

const MOST_ROWS = 50_000

const bad = (path: string, what: string) =>
  new CoreError(
    'bad-archive',
    `This archive is damaged or was changed: ${what}. Nothing was brought in.`,
    path,
  )

/**
 * The head of an archive.
 *
 * @throws CoreError `bad-archive`, `newer-archive` where a newer program made it
 * @example archiveHead({ format: 'rest-cog-archive', version: 1, madeAt: '' }).version // 1
 */
export function archiveHead(json: unknown): ArchiveHead {
  const { format, version, madeAt } = objectOf(json, 'rest-cog.json')
  if (format !== ARCHIVE_FORMAT || typeof version !== 'number' || !Number.isInteger(version) || version < 1)
    throw bad('rest-cog.json', 'its first file is not that of an archive')
  if (version > ARCHIVE_VERSION)
    throw new CoreError(
      'newer-archive',
      'This archive was made by a newer Rest Cog. Bring this one up to date, then bring the archive in.',
      'rest-cog.json',
    )
  return { format: ARCHIVE_FORMAT, version, madeAt: typeof madeAt === 'string' ? madeAt : '' }
}

/** @throws CoreError `bad-archive` */
export function archivedMachines(json: unknown): MachineRow[] {
  return rowsOf('machine', json, 'machines.json')
}

/**
 * A job of an archive, every row and column of it checked.
 *
 * @param path the file's name, for the refusal
 * @throws CoreError `bad-archive`
 */
export function archivedJob(json: unknown, path: string): ArchivedJob {
  const raw = objectOf(json, path)
  const { job: rawJob, ...rest } = raw
  const unknown = Object.keys(rest).find((name) => !listTables.some((table) => table === name))
  if (unknown !== undefined) throw bad(path, `it has a list “${unknown.slice(0, 40)}” that no job has`)
  const job = rowOf('job', rawJob, `${path}: job`)
  const lists = Object.fromEntries(
    listTables.map((table) => {
      const rows = rowsOf(table, rest[table] ?? [], `${path}: ${table}`)
      if (rows.some(({ jobId }) => jobId !== job.id))
        throw bad(path, `a row of ${table} belongs to another job`)
      return [table, rows]
    }),
  )
  // Each list was read by its own columns just above.
  return { job, ...lists } as ArchivedJob
}

/**
 * Rows that stand beside machines and jobs: settings, names, lists, parts, what can be taken back.
 *
 * @throws CoreError `bad-archive`
 */
export function archivedExtras<Table extends keyof ArchiveExtras>(
  table: Table,
  json: unknown,
  path: string,
): ArchiveExtras[Table][] {
  if (!Array.isArray(json) || json.length > MOST_ROWS * 10)
    throw bad(path, 'a list is missing or far too long')
  // Every column is checked against what its table says of it.
  return json.map(
    (row, index) =>
      valuesOf(extraColumns[table], row, `${path}[${index}]`) as unknown as ArchiveExtras[Table],
  )
}

/**
 * Rows of the household over the years.
 *
 * @throws CoreError `bad-archive`
 */
export function archivedHouseRows<Table extends ArchivedHouseTable>(
  table: Table,
  json: unknown,
  path: string,
): HouseTables[Table][] {
  if (!Array.isArray(json) || json.length > MOST_ROWS * 10)
    throw bad(path, 'a list is missing or far too long')
  // Every column is checked against what its table says of it.
  return json.map(
    (row, index) => valuesOf(houseColumns[table], row, `${path}[${index}]`) as unknown as HouseTables[Table],
  )
}

function rowsOf<Table extends keyof JobTables>(
  table: Table,
  json: unknown,
  path: string,
): JobTables[Table][] {
  if (!Array.isArray(json) || json.length > MOST_ROWS) throw bad(path, 'a list is missing or far too long')
  const rows = json.map((row, index) => rowOf(table, row, `${path}[${index}]`))
  if (new Set(rows.map(({ id }) => id)).size !== rows.length) throw bad(path, 'two rows have the same id')
  return rows
}

function rowOf<Table extends keyof JobTables>(table: Table, json: unknown, path: string): JobTables[Table] {
  // Every column was checked against what its table says of it.
  return valuesOf(archiveColumns[table], json, path) as unknown as JobTables[Table]
}

function valuesOf(table: Record<string, Column>, json: unknown, path: string): Record<string, unknown> {
  const raw = objectOf(json, path)
  const columns = Object.entries(table)
  const unknown = Object.keys(raw).find((name) => !columns.some(([column]) => column === name))
  if (unknown !== undefined) throw bad(path, `there is no column “${unknown.slice(0, 40)}”`)
  return Object.fromEntries(
    columns.map(([name, column]) => {
      const value = column.later ? (raw[name] ?? null) : raw[name]
      if (!fits(value, column)) throw bad(`${path}.${name}`, `${name} is missing or is none that it may be`)
      return [name, value]
    }),
  )
}

function objectOf(json: unknown, path: string): Record<string, unknown> {
  if (typeof json !== 'object' || json === null || Array.isArray(json))
    throw bad(path, 'a part of it is missing')
  return Object.fromEntries(Object.entries(json))
}
