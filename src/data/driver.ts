import LibsqlDatabase from 'libsql'
import { IN_USE } from './fileState'

/** What the driver takes. A boolean would abort the whole process, so it never reaches it. */
type Bindable = number | bigint | string | null | Uint8Array

/**
 * A parameter the driver can bind: booleans as 0/1, undefined and anything else refused with its kind.
 * @throws TypeError
 */
export function bindable(value: unknown): Bindable {
  if (value === true) return 1
  if (value === false) return 0
  if (value === null || typeof value === 'string' || typeof value === 'bigint') return value
  if (typeof value === 'number' && Number.isFinite(value)) return value
  if (value instanceof Uint8Array) return value
  throw new TypeError(
    `A ${value === undefined ? 'missing value' : typeof value === 'number' ? 'number that is not finite' : typeof value} cannot be stored`,
  )
}

interface Statement {
  reader: boolean
  all: (parameters: unknown[]) => unknown[]
  run: (parameters: unknown[]) => { changes: number; lastInsertRowid: number | bigint }
  iterate: (parameters: unknown[]) => IterableIterator<unknown>
}

/** The database file with guarded parameters, in the shape Kysely's SQLite dialect expects. */
export function openFile(path: string) {
  const file = new LibsqlDatabase(path)
  // Waiting for another program stops this one: it waits shortly, and who writes asks again (`transact`).
  file.exec('PRAGMA busy_timeout = 100')
  file.exec('PRAGMA journal_mode = WAL')
  file.exec('PRAGMA foreign_keys = ON')
  // What was acknowledged survives a loss of power; a whole batch of acts is one write.
  file.exec('PRAGMA synchronous = FULL')
  let marked = false
  let inside = false
  const close = () => {
    openFiles.delete(close)
    try {
      if (marked) {
        file.exec('PRAGMA user_version = 0')
        file.exec('PRAGMA wal_checkpoint(TRUNCATE)')
      }
    } catch {
      // A full or a held disk: the next start finds the log beside the file, and nothing is missing.
    }
    file.close()
  }
  /**
   * Kysely says `begin`: writers would otherwise meet at their first write instead of waiting in line. As a prepared statement that
   * meets a held file it would stay open in the driver, and no transaction after it could be ended.
   */
  const bracket = (sql: string): Statement => {
    const run = () => {
      // What ended a transaction by itself, such as a full disk, is what is told, and not that it has ended.
      if (sql !== 'rollback' || file.inTransaction) file.exec(sql === 'begin' ? 'begin immediate' : sql)
      inside = sql === 'begin'
      return { changes: 0, lastInsertRowid: 0 }
    }
    return { reader: false, run, all: () => [], iterate: () => [].values() }
  }
  return {
    prepare(sql: string): Statement {
      if (/^(begin|commit|rollback)$/.test(sql)) return bracket(sql)
      // A write by itself that meets a held file stays open in the driver likewise: it belongs into `transact`.
      if (marked && !inside && /^\s*(insert|update|delete|replace)\b/i.test(sql))
        throw new TypeError(`This writes outside a transaction: ${sql.slice(0, 60)}`)
      const statement = file.prepare(sql) as unknown as Statement
      const safe = (parameters: readonly unknown[]) => parameters.map(bindable)
      return {
        // Kysely asks this to choose between rows and a count.
        reader: statement.reader ?? /^\s*(select|with|pragma)|\breturning\b/i.test(sql),
        all: (parameters) => statement.all(safe(parameters)),
        run: (parameters) => statement.run(safe(parameters)),
        iterate: (parameters) => statement.iterate(safe(parameters)),
      }
    },
    /** While it is open the file says so itself: a copy of it without its log is known for one. */
    markInUse() {
      file.exec(`PRAGMA user_version = ${IN_USE}`)
      file.exec('PRAGMA wal_checkpoint(TRUNCATE)')
      marked = true
      openFiles.add(close)
    },
    close,
  }
}

const openFiles = new Set<() => void>()
// However the process ends in order, its files are closed in order.
process.once('exit', () => {
  for (const close of openFiles) close()
})
