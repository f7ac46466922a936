import { sql } from 'kysely'
import type { ArchivedHouseTable } from '@/core/archive/houseColumns'
import type {
  BreakerRow,
  HouseChange,
  HouseRows,
  HouseTables,
  MeasuredRow,
  NormalSoundRow,
} from '@/core/house/rows'
import type { Message } from '@/core/message'
import { aliveJobs, aliveMachines } from './alive'
import type { Database, Transaction } from './database'
import { SHELF } from './parts'
import type { HouseEventRow } from './schema'

type Db = Database | Transaction

/** The breakers of the panel, as they were put on it. */
export const listBreakers = (db: Db): Promise<BreakerRow[]> =>
  db.selectFrom('breaker').selectAll().orderBy('position').execute()

/** Everything of the household that its acts are planned from. */
export async function loadHouse(db: Db): Promise<HouseRows> {
  return {
    machines: await aliveMachines(db).selectAll().orderBy('name').execute(),
    ...(await jobsOf(db)),
    lives: await db.selectFrom('machine_life').selectAll().execute(),
    fitted: await db.selectFrom('fitted').selectAll().orderBy('id').execute(),
    breakers: await listBreakers(db),
    loads: await db.selectFrom('breaker_load').selectAll().orderBy('name').execute(),
    onBreaker: await db.selectFrom('machine_breaker').selectAll().execute(),
    rounds: await db.selectFrom('season_round').selectAll().orderBy('startedAt', 'desc').execute(),
    items: await db.selectFrom('round_item').selectAll().orderBy('position').execute(),
    spares: await db.selectFrom('spare').selectAll().execute(),
    uses: await db.selectFrom('spare_use').selectAll().orderBy('at').execute(),
    guests: await db.selectFrom('guest').selectAll().orderBy('id', 'desc').execute(),
    counts: await db.selectFrom('part').select(['id', 'count']).where('catalogueId', '=', SHELF).execute(),
  }
}

async function jobsOf(db: Db): Promise<Pick<HouseRows, 'jobs' | 'buried'>> {
  const jobs = await aliveJobs(db).select(['id', 'machineId', 'status']).execute()
  const alive = new Set(jobs.map(({ id }) => id))
  const all = await db.selectFrom('job').select(['id', 'machineId']).execute()
  return { jobs, buried: all.filter(({ id }) => !alive.has(id)) }
}

/** Readings of a machine that were taken without a job, and how it sounded on good days. */
export async function measuredAt(
  db: Db,
  machineId: string,
): Promise<{ measured: MeasuredRow[]; sounds: NormalSoundRow[] }> {
  return {
    measured: await db
      .selectFrom('measured')
      .selectAll()
      .where('machineId', '=', machineId)
      .orderBy('at')
      .execute(),
    sounds: await db
      .selectFrom('normal_sound')
      .selectAll()
      .where('machineId', '=', machineId)
      .orderBy('at', 'desc')
      .execute(),
  }
}

/** Figures of a machine that were taken on days on which it was well. */
export const normalMeasured = (db: Db, machineId: string): Promise<MeasuredRow[]> =>
  db
    .selectFrom('measured')
    .selectAll()
    .where('machineId', '=', machineId)
    .where('normal', '=', 1)
    .orderBy('at')
    .execute()

/** Write rows as an act or its undoing leaves them. A row that has to go goes last, so that nothing that was moved off it goes along. */
export async function writeHouse(db: Db, changes: HouseChange[]): Promise<void> {
  for (const each of changes) if (each.after !== null) await putRow(db, each)
  for (const each of changes)
    if (each.after === null) await db.deleteFrom(each.table).where('id', '=', each.id).execute()
}

async function putRow(db: Db, { table, id, before, after }: HouseChange): Promise<void> {
  // The table names its row type; Kysely cannot follow a union of tables through one statement.
  const row = after as never
  if (before === null) await db.insertInto(table).values(row).execute()
  else await db.updateTable(table).set(row).where('id', '=', id).execute()
}

/** A row as it stands now, or null. */
export const presentRow = async (db: Db, { table, id }: HouseChange): Promise<object | null> =>
  (await db.selectFrom(table).selectAll().where('id', '=', id).executeTakeFirst()) ?? null

export async function keepHouseEvent(
  db: Db,
  event: { id: string; at: string; who: string; said: Message; changes: HouseChange[] },
): Promise<void> {
  const { id, at, who, said, changes } = event
  await db
    .insertInto('house_event')
    .values({ id, at, who, said: JSON.stringify(said), changes: JSON.stringify(changes), undone: 0 })
    .execute()
}

export const findHouseEvent = (db: Db, id: string): Promise<HouseEventRow | undefined> =>
  db.selectFrom('house_event').selectAll().where('id', '=', id).executeTakeFirst() as Promise<
    HouseEventRow | undefined
  >

export async function markUndone(db: Db, id: string): Promise<void> {
  await db.updateTable('house_event').set({ undone: 1 }).where('id', '=', id).execute()
}

/** What was done to the household last, the newest first; without what it changed, which may be long. */
export const lastHouseEvents = (db: Db, most: number): Promise<Omit<HouseEventRow, 'changes' | 'seq'>[]> =>
  db
    .selectFrom('house_event')
    .select(['id', 'at', 'who', 'said', 'undone'])
    .orderBy('seq', 'desc')
    .limit(most)
    .execute()

/** Names that the household uses for a machine stay with the one that it became. */
export async function moveOwnNames(db: Db, from: string, into: string): Promise<void> {
  await db.updateTable('own_name').set({ machineId: into }).where('machineId', '=', from).execute()
}

/** Whatever of a job names its machine changes with it: windows at these jobs read it anew. */
export async function openJobsOn(db: Db, machineIds: string[], circuits: string[]): Promise<string[]> {
  const names = circuits.map((name) => name.toLowerCase())
  const rows = await aliveJobs(db)
    .innerJoin('machine', 'machine.id', 'job.machineId')
    .select([
      'job.id',
      'machine.id as machineId',
      sql<string | null>`lower("machine"."circuit")`.as('circuit'),
    ])
    .where('job.status', '=', 'open')
    .execute()
  return rows
    .filter(
      ({ machineId, circuit }) =>
        machineIds.includes(machineId) || (circuit !== null && names.includes(circuit)),
    )
    .map(({ id }) => id)
}

/** Machines that are in use no more, with since when. */
export async function retiredMachines(db: Db): Promise<Map<string, string>> {
  const rows = await db
    .selectFrom('machine_life')
    .select(['id', 'retiredAt'])
    .where('retiredAt', 'is not', null)
    .execute()
  return new Map(rows.flatMap(({ id, retiredAt }) => (retiredAt === null ? [] : [[id, retiredAt]])))
}

/** All rows of a table of the household over the years; of machines that are deleted none. */
export const houseTable = (db: Db, table: ArchivedHouseTable): Promise<object[]> =>
  db.selectFrom(table).selectAll().orderBy('id').execute()

/**
 * Rows that are not here yet; what is here stays as it is, and what names a machine, a breaker or a round that is not here is left
 * out. A job that is not here is named no more.
 *
 * @returns how many came
 */
export async function insertMissingHouse<Table extends ArchivedHouseTable>(
  db: Db,
  table: Table,
  rows: HouseTables[Table][],
): Promise<number> {
  const idsOf = async (of: 'machine' | 'job' | 'breaker' | 'season_round' | Table) =>
    new Set(
      (
        await db
          .selectFrom(of as 'machine')
          .select('id')
          .execute()
      ).map(({ id }) => id),
    )
  const here = await idsOf(table)
  const [machines, jobs, breakers, rounds] = await Promise.all([
    idsOf('machine'),
    idsOf('job'),
    idsOf('breaker'),
    idsOf('season_round'),
  ])
  const underWay = await db
    .selectFrom('season_round')
    .select('id')
    .where('endedAt', 'is', null)
    .executeTakeFirst()
  const missing = rows.flatMap((row) => {
    const own = 'machineId' in row ? row.machineId : OF_MACHINE.includes(table) ? row.id : null
    const isHere =
      !here.has(row.id) &&
      (own === null || machines.has(own)) &&
      (!('breakerId' in row) || breakers.has(row.breakerId)) &&
      (!('roundId' in row) || rounds.has(row.roundId)) &&
      // Two rounds cannot be walked at once: the one that is under way here is gone on with.
      !(underWay && 'endedAt' in row && row.endedAt === null)
    if (!isHere) return []
    return [
      { ...row, ...('jobId' in row && row.jobId !== null && !jobs.has(row.jobId) ? { jobId: null } : {}) },
    ]
  })
  for (let at = 0; at < missing.length; at += AT_ONCE)
    await db
      .insertInto(table)
      // The rows are of this table; Kysely cannot follow a table that is a parameter.
      .values(missing.slice(at, at + AT_ONCE) as never)
      .execute()
  return missing.length
}

/** Tables whose id is that of their machine. */
const OF_MACHINE: readonly string[] = ['machine_life', 'machine_breaker']
/** Rows go in by so many at once: a statement takes a limited number of values. */
const AT_ONCE = 200
