import type { Kysely, Transaction } from 'kysely'
import type { HouseholdRow, JobRow, MachineRow } from '@/core/job/rows'
import type { OwnNameRow, Schema } from './schema'

type Db = Kysely<Schema> | Transaction<Schema>

export const HOME = 'home'

export const findHousehold = (db: Db): Promise<HouseholdRow | undefined> =>
  db.selectFrom('household').selectAll().where('id', '=', HOME).executeTakeFirst()

export async function insertHousehold(db: Db, household: HouseholdRow): Promise<void> {
  await db.insertInto('household').values(household).execute()
}

export async function updateHousehold(db: Db, change: Partial<HouseholdRow>): Promise<void> {
  // An answer that sets nothing is one all the same.
  if (Object.values(change).every((value) => value === undefined)) return
  await db.updateTable('household').set(change).where('id', '=', HOME).execute()
}

export const listMachines = (db: Db): Promise<MachineRow[]> =>
  db.selectFrom('machine').selectAll().orderBy('name').execute()

export const findMachine = (db: Db, id: string): Promise<MachineRow | undefined> =>
  db.selectFrom('machine').selectAll().where('id', '=', id).executeTakeFirst()

export const listJobs = (db: Db): Promise<JobRow[]> =>
  db.selectFrom('job').selectAll().orderBy('touchedAt', 'desc').execute()

export async function setPicture(db: Db, machineId: string, hash: string): Promise<void> {
  await db.updateTable('machine').set({ pictureHash: hash }).where('id', '=', machineId).execute()
}

export const listOwnNames = (db: Db): Promise<OwnNameRow[]> =>
  db.selectFrom('own_name').selectAll().orderBy('words').execute()

/** The same words learned again mean what they mean now. */
export async function keepOwnName(db: Db, row: OwnNameRow): Promise<void> {
  await db
    .insertInto('own_name')
    .values(row)
    .onConflict((conflict) => conflict.column('words').doUpdateSet(row))
    .execute()
}

export async function dropOwnName(db: Db, words: string): Promise<void> {
  await db.deleteFrom('own_name').where('words', '=', words).execute()
}
