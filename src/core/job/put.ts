import type { Planned } from './actTypes'
import type { AnyRow, JobSnapshot, RowChange, TableName } from './rows'
import { currentRow } from './snapshot'

/** One change of a row: null makes it go. */
export function put(snapshot: JobSnapshot, table: TableName, id: string, after: AnyRow | null): RowChange {
  return { table, id, before: currentRow(snapshot, table, id) ?? null, after }
}

export const planned = (text: string, changes: RowChange[], mergeKey: string | null = null): Planned => ({
  text,
  changes,
  mergeKey,
})
