import type { JobSnapshot, ListTable } from '../rows'
import { rowOf } from '../snapshot'
import { refusal } from './refusals'

/**
 * A row of the job by its id.
 * @throws CoreError `unknown-row` where another window took it away
 */
export function knownRow<T extends ListTable>(
  snapshot: JobSnapshot,
  table: T,
  id: string,
): JobSnapshot[T][number] {
  const row = rowOf(snapshot, table, id)
  if (!row) throw refusal('unknown-row/line')
  return row
}

/** @throws CoreError `no-reason` where nothing worth keeping was said */
export function needReason(reason: string, about: 'point' | 'line' = 'point'): string {
  if (reason.trim().length < 3) throw refusal(`no-reason/${about}`)
  return reason.trim()
}
