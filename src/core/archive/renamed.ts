import { listTables } from '../job/rows'
import type { ArchivedJob } from './read'

/**
 * The same job with names of its own: its id and those of all its rows, wherever one of them names another.
 *
 * @param fresh a new id each time
 */
export function renamed(archived: ArchivedJob, fresh: () => string): ArchivedJob {
  const ids = [archived.job.id, ...listTables.flatMap((table) => archived[table].map(({ id }) => id))]
  const names = new Map([...new Set(ids)].map((id) => [id, fresh()]))
  const again = <Row extends object>(row: Row): Row =>
    // Only texts that are one of the old names change, so that every column keeps its kind.
    Object.fromEntries(
      Object.entries(row).map(([column, value]) => [
        column,
        typeof value === 'string' ? (names.get(value) ?? value) : value,
      ]),
    ) as Row
  const lists = Object.fromEntries(
    listTables.map((table) => [table, archived[table].map((row) => again(row))]),
  )
  // Each list is the one it was, with other names in it.
  return { ...archived, ...lists, job: again(archived.job) } as ArchivedJob
}
