import { sql } from 'kysely'
import type { Database, Transaction } from './database'
import type { RecordingRow } from './schema'

type Db = Database | Transaction

/** A recording that is kept; one that is there already stays. */
export async function insertRecording(db: Db, row: RecordingRow): Promise<void> {
  await db
    .insertInto('recording')
    .values(row)
    .onConflict((conflict) => conflict.column('id').doNothing())
    .execute()
}

/** A recording that belongs to a job, while the job is there. */
export const findRecording = (db: Db, jobId: string, id: string): Promise<RecordingRow | undefined> =>
  db.selectFrom('recording').selectAll().where('id', '=', id).where('jobId', '=', jobId).executeTakeFirst()

/** Those of one job that its rows name, one at a time. */
export async function* recordingsOf(db: Db, jobId: string): AsyncGenerator<RecordingRow> {
  const named = await db
    .selectFrom('recording')
    .innerJoin('sound', 'sound.id', 'recording.id')
    .select('recording.id')
    .where('recording.jobId', '=', jobId)
    .execute()
  for (const { id } of named) {
    const row = await findRecording(db, jobId, id)
    if (row) yield row
  }
}

/** Remove what was kept before a time and no sound of a job names, nor an act since then that can be taken back. */
export async function removeUnnamed(db: Db, before: string): Promise<void> {
  await db
    .deleteFrom('recording')
    .where('at', '<', before)
    .where(sql<boolean>`not exists (select 1 from "sound" where "sound"."id" = "recording"."id")`)
    .where(
      sql<boolean>`not exists (select 1 from "event" where "event"."state" <> 'dropped' and "event"."at" >= ${before} and "event"."changes" like '%' || "recording"."id" || '%')`,
    )
    .execute()
}
