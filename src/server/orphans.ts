import { readdir, rm, stat } from 'node:fs/promises'
import { join } from 'node:path'
import { sql } from 'kysely'
import { pictureColumns } from '@/core/job/ledger/labels'
import { type Database, type DataFolder, transact } from '@/data/database'
import { removeUnnamed } from '@/data/recordings'

interface Opened {
  db: Database
  folder: DataFolder
}

/** A picture is stored before the act that names it: one younger than this may still be named. */
const YOUNG_MS = 24 * 3_600_000

/** Where rows name pictures by their hash. */
const NAMED_BY: readonly (readonly [table: string, column: string])[] = [
  ...pictureColumns.map((column) => ['machine', column] as const),
  ['line_photo', 'hash'],
]

/**
 * Remove pictures and recordings that no row names, and no act of the last day that can be taken back or done again: their rows in one
 * transaction, then their files, and what an interrupted writing has left.
 *
 * @returns how many pictures went
 */
export async function removeOrphans({ db, folder }: Opened, now = Date.now()): Promise<number> {
  const before = new Date(now - YOUNG_MS).toISOString()
  const gone = await transact(db, async (trx) => {
    let query = trx.selectFrom('photo').select('hash').where('at', '<', before)
    for (const [table, column] of NAMED_BY)
      query = query.where(
        sql<boolean>`not exists (select 1 from ${sql.table(table)} where ${sql.ref(column)} = photo.hash)`,
      )
    const hashes = (await query.execute()).map(({ hash }) => hash)
    const orphans: string[] = []
    for (const hash of hashes) {
      const named = await trx
        .selectFrom('event')
        .select('id')
        .where('state', '!=', 'dropped')
        .where('changes', 'like', `%${hash}%`)
        .where('at', '>=', before)
        .executeTakeFirst()
      if (!named) orphans.push(hash)
    }
    for (const hash of orphans) {
      // Taking a photo off a line can be taken back for a day; after it nothing brings the picture back, so nothing offers to.
      await trx.updateTable('event').set({ state: 'dropped' }).where('changes', 'like', `%${hash}%`).execute()
      await trx.deleteFrom('photo').where('hash', '=', hash).execute()
    }
    return orphans
  })
  await transact(db, (trx) => removeUnnamed(trx, before))
  await removeFiles({ db, folder }, now)
  return gone.length
}

/** Files that no row has: of pictures that went, and of a writing that was cut off. */
async function removeFiles({ db, folder }: Opened, now: number): Promise<void> {
  const known = new Set(
    (await db.selectFrom('photo').select('hash').execute()).map(({ hash }) => `${hash}.webp`),
  )
  for (const name of await readdir(folder.photos).catch(() => [])) {
    if (known.has(name) || !/^[0-9a-f]{64}\.webp/.test(name)) continue
    const path = join(folder.photos, name)
    const { mtimeMs } = await stat(path)
    if (now - mtimeMs > YOUNG_MS) await rm(path, { force: true })
  }
}
