import { type Kysely, sql, type Transaction } from 'kysely'
import type { HouseholdRow, JobRow, MachineRow } from '@/core/job/rows'
import { aliveJobs, aliveMachines } from './alive'
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
  aliveMachines(db).selectAll().orderBy('name').execute()

export const findMachine = (db: Db, id: string): Promise<MachineRow | undefined> =>
  aliveMachines(db).selectAll().where('id', '=', id).executeTakeFirst()

export const listJobs = (db: Db): Promise<JobRow[]> =>
  aliveJobs(db).selectAll().orderBy('touchedAt', 'desc').execute()

/** All that is searched, as one text: it changes with every name, place, plate and symptom, and not with the acts of a job. */
export async function namesKey(db: Db): Promise<string> {
  const { rows } = await sql<{ key: string }>`
    select coalesce((select group_concat("id" || "symptom" || "status") from "job"), '')
      || '/' || coalesce((select group_concat("id" || "name" || "place" || "family" || "manufacturer" || "modelNumber"
        || "serialNumber" || "note") from "machine"), '')
      || '/' || coalesce((select group_concat("kind" || "id") from "deleted"), '') as "key"`.execute(db)
  return rows[0]?.key ?? ''
}

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
