import type { AnyRow, JobSnapshot, RowChange, TableName } from '../rows'
import { currentRow } from '../snapshot'
import type { LogEntry } from './log'

/** One change of a row: null makes it go. */
export function rowChange(
  snapshot: JobSnapshot,
  table: TableName,
  id: string,
  after: AnyRow | null,
): RowChange {
  return { table, id, before: currentRow(snapshot, table, id) ?? null, after }
}

/** Changes, and what the safety record says of them. */
export interface Steps {
  changes: RowChange[]
  log: LogEntry[]
  /** Power may have come back: the dead period ends with it, and what is done from now on belongs to another. */
  discards?: true
}

/** What an act changes before its entries have their places in the record. */
export interface Draft extends Steps {
  text: string
}

export const planned = (text: string, changes: RowChange[], log: LogEntry[] = []): Draft => ({
  text,
  changes,
  log,
})

/** A draft with the steps that follow from it, as a voiding does. */
export const withSteps = (draft: Draft, ...more: Steps[]): Draft => ({
  ...draft,
  changes: [...draft.changes, ...more.flatMap((steps) => steps.changes)],
  log: [...draft.log, ...more.flatMap((steps) => steps.log)],
  ...(draft.discards || more.some((steps) => steps.discards) ? { discards: true } : {}),
})
