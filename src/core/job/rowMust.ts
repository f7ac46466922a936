import { CoreError } from '../errors'
import type { JobSnapshot, ListTable } from './rows'
import { rowOf } from './snapshot'

/**
 * A row of the job by its id.
 * @throws CoreError `unknown-row` where another window took it away
 */
export function must<T extends ListTable>(
  snapshot: JobSnapshot,
  table: T,
  id: string,
): JobSnapshot[T][number] {
  const row = rowOf(snapshot, table, id)
  if (!row) throw new CoreError('unknown-row', 'This line is no longer there. Reload the page.')
  return row
}

/** @throws CoreError `no-reason` where nothing worth keeping was said */
export function needReason(
  reason: string,
  ask = 'Say in a few words why this machine does not have it.',
): string {
  if (reason.trim().length < 3) throw new CoreError('no-reason', ask)
  return reason.trim()
}
