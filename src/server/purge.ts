import { listDeleted, removeForGood } from '@/data/alive'
import { type Database, transact } from '@/data/database'

/** What was deleted can be brought back for a day. */
export const UNDO_MS = 24 * 3_600_000

/**
 * What was deleted more than a day ago goes for good.
 *
 * @returns how many jobs and machines went
 */
export async function purgeDeleted(db: Database, now = Date.now()): Promise<number> {
  const over = (await listDeleted(db)).filter(({ at }) => !(now - Date.parse(at) < UNDO_MS))
  if (over.length > 0)
    await transact(db, async (trx) => {
      for (const row of over) await removeForGood(trx, row)
    })
  return over.length
}
