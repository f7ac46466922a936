import type { Kysely, Transaction } from 'kysely'
import type { DeletedRow, Schema } from './schema'

type Db = Kysely<Schema> | Transaction<Schema>

/** Jobs that nobody deleted, nor their machine. */
export const aliveJobs = (db: Db) =>
  db.selectFrom('job').where(({ not, exists, selectFrom }) =>
    not(
      exists(
        selectFrom('deleted')
          .select('deleted.id')
          .where(({ and, eb, or }) =>
            or([
              and([eb('deleted.kind', '=', 'job'), eb('deleted.id', '=', eb.ref('job.id'))]),
              and([eb('deleted.kind', '=', 'machine'), eb('deleted.id', '=', eb.ref('job.machineId'))]),
            ]),
          ),
      ),
    ),
  )

/** Machines that nobody deleted. */
export const aliveMachines = (db: Db) =>
  db
    .selectFrom('machine')
    .where(({ not, exists, selectFrom }) =>
      not(
        exists(
          selectFrom('deleted')
            .select('deleted.id')
            .whereRef('deleted.id', '=', 'machine.id')
            .where('deleted.kind', '=', 'machine'),
        ),
      ),
    )

export const listDeleted = (db: Db): Promise<DeletedRow[]> =>
  db.selectFrom('deleted').selectAll().orderBy('at', 'desc').execute()

/** Deleted twice, it was deleted the first time. */
export async function keepDeleted(db: Db, row: DeletedRow): Promise<void> {
  await db
    .insertInto('deleted')
    .values(row)
    .onConflict((conflict) => conflict.doNothing())
    .execute()
}

export async function dropDeleted(db: Db, kind: DeletedRow['kind'], id: string): Promise<boolean> {
  const gone = await db.deleteFrom('deleted').where('kind', '=', kind).where('id', '=', id).executeTakeFirst()
  return Number(gone.numDeletedRows) > 0
}

/** For good, with every row that belongs to it. */
export async function removeForGood(db: Db, { kind, id }: Pick<DeletedRow, 'kind' | 'id'>): Promise<void> {
  await db.deleteFrom(kind).where('id', '=', id).execute()
  await dropDeleted(db, kind, id)
}
