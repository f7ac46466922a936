import { CoreError } from '../errors'
import type { HouseChange } from './rows'

/**
 * What undoing an act changes: each row back to what it was, the last first.
 *
 * @param present the row as it stands now, or null where there is none
 * @throws CoreError `changed-since` where a row is no longer as the act left it
 */
export function undoneChanges(
  changes: HouseChange[],
  present: (change: HouseChange) => object | null,
): HouseChange[] {
  return [...changes].reverse().map((change) => {
    if (!isAs(present(change), change.after))
      throw new CoreError(
        'changed-since',
        'This stays: something of it was changed since. Undo the newer act first.',
      )
    // Before and after of one change are rows of one table.
    return { ...change, before: change.after, after: change.before } as HouseChange
  })
}

/** Whether a stored row is what an act wrote. Columns that the act does not know are none of it. */
function isAs(row: object | null, left: object | null): boolean {
  if (row === null || left === null) return row === left
  const held = new Map<string, unknown>(Object.entries(row))
  return Object.entries(left).every(([name, value]) => held.get(name) === value)
}
