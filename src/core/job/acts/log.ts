import type { JobSnapshot, LogKind, LogRow, RowChange } from '../rows'
import { energyJobOf } from '../shared'
import type { By } from './actTypes'

export interface LogEntry {
  kind: LogKind
  subject?: string
  label?: string
  detail?: string
}

/**
 * Entries for the safety record as changes. The record only grows: nothing that plans an undo takes one of these away.
 * Ids count on from what the snapshot holds, so that the browser and the server name them alike.
 */
export function logged(snapshot: JobSnapshot, at: string, by: By, entries: LogEntry[]): RowChange[] {
  const from = (snapshot.log.at(-1)?.position ?? -1) + 1
  return entries.map(({ kind, subject = '', label = '', detail = '' }, index) => {
    const row: LogRow = {
      id: `${energyJobOf(snapshot.job)}-l${from + index}`,
      jobId: energyJobOf(snapshot.job),
      position: from + index,
      at,
      kind,
      subject,
      label,
      detail,
      who: by.who,
      window: by.window,
    }
    return { table: 'log', id: row.id, before: null, after: row }
  })
}
