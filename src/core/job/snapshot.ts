import type { AnyRow, JobSnapshot, ListTable, RowChange, TableName } from './rows'

/** The snapshot with the changes made. Lists keep their order by position, then id. */
export function withChanges(snapshot: JobSnapshot, changes: RowChange[]): JobSnapshot {
  const next = { ...snapshot } as Record<string, unknown>
  for (const { table, id, after } of changes) {
    if (table === 'job' || table === 'machine') {
      if (after) next[table] = after
      continue
    }
    const rows = (next[table] as AnyRow[]).filter((row) => row.id !== id)
    next[table] = after ? sorted([...rows, after]) : rows
  }
  return next as unknown as JobSnapshot
}

/** The changes that take these back, last first. */
export function inverse(changes: RowChange[]): RowChange[] {
  return [...changes]
    .reverse()
    .map(({ table, id, before, after }) => ({ table, id, before: after, after: before }))
}

/** Two runs of changes as one: the first `before`, the last `after` of each row. */
export function merged(first: RowChange[], second: RowChange[]): RowChange[] {
  const rows = new Map<string, RowChange>()
  for (const change of [...first, ...second]) {
    const key = `${change.table}/${change.id}`
    const known = rows.get(key)
    rows.set(key, known ? { ...change, before: known.before } : change)
  }
  return [...rows.values()]
}

export function sorted<T extends AnyRow>(rows: T[]): T[] {
  const place = (row: AnyRow) => ('position' in row ? row.position : 0)
  return rows.sort((one, two) => place(one) - place(two) || (one.id < two.id ? -1 : 1))
}

export function rowOf<T extends ListTable>(
  snapshot: JobSnapshot,
  table: T,
  id: string,
): JobSnapshot[T][number] | undefined {
  return (snapshot[table] as { id: string }[]).find((row) => row.id === id) as
    | JobSnapshot[T][number]
    | undefined
}

export function currentRow(snapshot: JobSnapshot, table: TableName, id: string): AnyRow | undefined {
  if (table === 'job') return snapshot.job.id === id ? snapshot.job : undefined
  if (table === 'machine') return snapshot.machine.id === id ? snapshot.machine : undefined
  return rowOf(snapshot, table, id)
}
