import type { Database, Transaction } from './database'
import type { PracticeActRow, PracticeCardRow, PracticeRoundRow } from './schema'

type Db = Database | Transaction

export const findRound = (db: Db, id: string): Promise<PracticeRoundRow | undefined> =>
  db.selectFrom('practice_round').selectAll().where('id', '=', id).executeTakeFirst()

/** The newest first. */
export const listRounds = (db: Db, limit: number): Promise<PracticeRoundRow[]> =>
  db.selectFrom('practice_round').selectAll().orderBy('startedAt', 'desc').limit(limit).execute()

export const actsOfRound = (db: Db, roundId: string): Promise<PracticeActRow[]> =>
  db.selectFrom('practice_act').selectAll().where('roundId', '=', roundId).orderBy('nth').execute()

export async function insertRound(db: Db, row: PracticeRoundRow): Promise<void> {
  await db.insertInto('practice_round').values(row).execute()
}

export async function insertAct(db: Db, row: PracticeActRow): Promise<void> {
  await db.insertInto('practice_act').values(row).execute()
}

export async function updateRound(
  db: Db,
  id: string,
  change: Partial<Omit<PracticeRoundRow, 'id'>>,
): Promise<void> {
  await db.updateTable('practice_round').set(change).where('id', '=', id).execute()
}

export async function deleteRound(db: Db, id: string): Promise<void> {
  await db.deleteFrom('practice_act').where('roundId', '=', id).execute()
  await db.deleteFrom('practice_round').where('id', '=', id).execute()
}

export const listCards = (db: Db): Promise<PracticeCardRow[]> =>
  db.selectFrom('practice_card').selectAll().orderBy('dueAt').execute()

export async function keepCard(db: Db, row: PracticeCardRow): Promise<void> {
  const { cause, ...figures } = row
  await db
    .insertInto('practice_card')
    .values(row)
    .onConflict((conflict) => conflict.column('cause').doUpdateSet(figures))
    .execute()
}
