import type { Kysely } from 'kysely'
import type { HouseholdRow, JobRow, MachineRow } from '@/core/job/rows'
import type { Schema } from './schema'

type Db = Kysely<Schema>

export const HOME = 'home'

export const findHousehold = (db: Db): Promise<HouseholdRow | undefined> =>
  db.selectFrom('household').selectAll().where('id', '=', HOME).executeTakeFirst()

export async function insertHousehold(db: Db, household: HouseholdRow): Promise<void> {
  await db.insertInto('household').values(household).execute()
}

export async function updateHousehold(db: Db, change: Partial<HouseholdRow>): Promise<void> {
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
