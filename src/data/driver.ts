import LibsqlDatabase from 'libsql'

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
  file.exec('PRAGMA journal_mode = WAL')
  file.exec('PRAGMA foreign_keys = ON')
  file.exec('PRAGMA busy_timeout = 5000')
  // What was acknowledged survives a loss of power; a whole batch of acts is one write.
  file.exec('PRAGMA synchronous = FULL')
  return {
    prepare(sql: string): Statement {
      // Kysely says `begin`: writers would otherwise meet at their first write instead of waiting in line.
      const statement = file.prepare(sql === 'begin' ? 'begin immediate' : sql) as unknown as Statement
      const safe = (parameters: readonly unknown[]) => parameters.map(bindable)
      return {
        // Kysely asks this to choose between rows and a count.
        reader: statement.reader ?? /^\s*(select|with|pragma)|\breturning\b/i.test(sql),
        all: (parameters) => statement.all(safe(parameters)),
        run: (parameters) => statement.run(safe(parameters)),
        iterate: (parameters) => statement.iterate(safe(parameters)),
      }
    },
    close: () => void file.close(),
  }
}
