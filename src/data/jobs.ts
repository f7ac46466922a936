import { type Kysely, sql, type Transaction } from 'kysely'
import type {
  AnyRow,
  CircuitJob,
  CircuitPlace,
  EventRow,
  JobBeside,
  JobRow,
  JobSnapshot,
  ListTable,
  MachineRow,
  RowChange,
} from '@/core/job/rows'
import { aliveJobs, aliveMachines } from './alive'
import { type PhotoRow, type Schema, tableOf } from './schema'

type Db = Kysely<Schema> | Transaction<Schema>

const lists = Object.keys(tableOf).filter((name) => name !== 'job' && name !== 'machine') as ListTable[]

/** Everything of one job, or null where there is none. Rows in their order. */
export async function loadSnapshot(db: Db, jobId: string): Promise<JobSnapshot | null> {
  const job = await db.selectFrom('job').selectAll().where('id', '=', jobId).executeTakeFirst()
  if (!job) return null
  const machine = await db
    .selectFrom('machine')
    .selectAll()
    .where('id', '=', job.machineId)
    .executeTakeFirstOrThrow()
  const household = await db
    .selectFrom('household')
    .selectAll()
    .where('id', '=', machine.householdId)
    .executeTakeFirstOrThrow()
  const owner = ownerOf(job)
  const circuits = await circuitsOf(db, machine)
  const snapshot: Record<string, unknown> = {
    job,
    machine,
    household,
    beside: await besideOf(db, job),
    onCircuit: await onCircuitOf(db, machine, circuits),
    circuits,
    hanging: await hangingOn(db, machine),
  }
  for (const name of lists) {
    const of = (id: string) =>
      db
        .selectFrom(tableOf[name] as 'lead')
        .selectAll()
        .where('jobId', '=', id)
        .execute() as Promise<AnyRow[]>
    const rows = await of(SHARED.includes(name) ? owner : jobId)
    // What the person said of the machine's plan is said once, for all jobs at it.
    if (name === 'fields' && owner !== jobId)
      rows.push(...(await of(owner)).filter((row) => 'part' in row && row.part === 'plan'))
    snapshot[name] = rows.sort((one, two) => placeOf(one) - placeOf(two) || (one.id < two.id ? -1 : 1))
  }
  return snapshot as unknown as JobSnapshot
}

const placeOf = (row: AnyRow): number => ('position' in row ? row.position : 0)

/** As `core/job/shared` names them; the data knows no rules of the core. */
const SHARED: ListTable[] = ['points', 'proofs', 'proofReadings', 'charges', 'waits', 'outParts', 'log']

const ownerOf = ({ id, energyJob }: Pick<JobRow, 'id' | 'energyJob'>): string => energyJob ?? id

/** The other jobs that have, or had while they were open, one energy with this one. */
function othersOf(db: Db, job: Pick<JobRow, 'id' | 'energyJob'>) {
  const owner = ownerOf(job)
  return aliveJobs(db)
    .where((eb) => eb.or([eb('id', '=', owner), eb('energyJob', '=', owner)]))
    .where('id', '!=', job.id)
}

/** Ids of the open jobs that share the energy of a machine with this one, itself left out. */
export async function sharing(db: Db, job: Pick<JobRow, 'id' | 'energyJob'>): Promise<string[]> {
  const rows = await othersOf(db, job).select('id').where('status', '=', 'open').execute()
  return rows.map(({ id }) => id)
}

async function besideOf(db: Db, job: JobRow): Promise<JobBeside[]> {
  const others = await othersOf(db, job).select(['id', 'symptom', 'handsIn', 'status']).execute()
  return Promise.all(
    others.map(async ({ id, ...own }) => {
      const closed = own.status === 'closed'
      const findings = await db.selectFrom('finding').selectAll().where('jobId', '=', id).execute()
      const stops = await db.selectFrom('stop').selectAll().where('jobId', '=', id).execute()
      return {
        id,
        title: own.symptom,
        closed,
        handsIn: !closed && own.handsIn === 1,
        open: closed ? 0 : await openActs(db, id),
        findings,
        stops,
      }
    }),
  )
}

/** Acts of the way back of a job that are open. */
async function openActs(db: Db, jobId: string): Promise<number> {
  const open = await db
    .selectFrom('ledger_line')
    .select((eb) => eb.fn.countAll().as('count'))
    .where('jobId', '=', jobId)
    .where('doneAt', 'is not', null)
    .where('backDoneAt', 'is', null)
    .where('struckAt', 'is', null)
    .where('extra', '=', 0)
    .where('action', 'not in', ['photo', 'mark', 'measure', 'note'])
    .executeTakeFirst()
  return Number(open?.count ?? 0)
}

const named = ['id', 'name', 'place', 'family', 'manufacturer', 'modelNumber'] as const

/** Open jobs at other machines of the household that hang on the breaker of this one, whatever its letters. */
async function onCircuitOf(db: Db, machine: MachineRow, circuits: CircuitPlace[]): Promise<CircuitJob[]> {
  const own = machine.circuit?.toLowerCase()
  const of = await Promise.all(
    circuits
      .filter(({ circuit }) => circuit.toLowerCase() === own)
      .map(async ({ machine: other }) => {
        const jobs = await aliveJobs(db)
          .select(['id', 'symptom', 'phase', 'handsIn', 'energyJob'])
          .where('machineId', '=', other.id)
          .where('status', '=', 'open')
          .orderBy('openedAt')
          .execute()
        return Promise.all(
          jobs.map(async ({ id, symptom, phase, handsIn, energyJob }) => ({
            id,
            title: symptom,
            machine: other,
            phase,
            handsIn: handsIn === 1,
            open: await openActs(db, id),
            points: await db
              .selectFrom('isolation_point')
              .selectAll()
              .where('jobId', '=', energyJob ?? id)
              .execute(),
          })),
        )
      }),
  )
  return of.flat()
}

/** Lights and sockets on the breaker of a machine, and how it was found that it hangs there. */
async function hangingOn(db: Db, machine: MachineRow): Promise<JobSnapshot['hanging']> {
  const own = machine.circuit?.toLowerCase()
  if (own === undefined) return { loads: [], found: null }
  const breakers = await db.selectFrom('breaker').select(['id', 'name']).execute()
  const breaker = breakers.find(({ name }) => name.toLowerCase() === own)
  const loads = breaker
    ? await db
        .selectFrom('breaker_load')
        .select('name')
        .where('breakerId', '=', breaker.id)
        .orderBy('name')
        .execute()
    : []
  const found = await db
    .selectFrom('machine_breaker')
    .selectAll()
    .where('id', '=', machine.id)
    .executeTakeFirst()
  return {
    loads: loads.map(({ name }) => name),
    found: found && found.circuit.toLowerCase() === own ? found.found : null,
  }
}

/** Other machines of the household of which the breaker is known. */
async function circuitsOf(db: Db, machine: MachineRow): Promise<CircuitPlace[]> {
  const rows = await aliveMachines(db)
    .select([...named, 'circuit'])
    .where('householdId', '=', machine.householdId)
    .where('id', '!=', machine.id)
    .where('circuit', 'is not', null)
    .orderBy('circuit')
    .execute()
  return rows.flatMap(({ circuit, ...other }) => (circuit === null ? [] : [{ circuit, machine: other }]))
}

/** The energy of a machine is one: its phase and its dead period stand alike in every open job that shares it. */
export async function shareEnergy(db: Db, job: JobRow): Promise<void> {
  const ids = await sharing(db, job)
  if (ids.length === 0) return
  await db.updateTable('job').set({ phase: job.phase, period: job.period }).where('id', 'in', ids).execute()
}

/** An open job at a machine, the first one opened: what is opened after it shares its energy. */
export const openAt = (db: Db, machineId: string): Promise<JobRow | undefined> =>
  aliveJobs(db)
    .selectAll()
    .where('machineId', '=', machineId)
    .where('status', '=', 'open')
    .orderBy('openedAt')
    .limit(1)
    .executeTakeFirst()

/** Of the open jobs at each machine one, through which its energy is reached: the one that was opened first may be closed. */
export async function openEnergyJobs(db: Db): Promise<string[]> {
  const rows = await aliveJobs(db)
    .select(({ fn, ref }) => fn.min<string>(ref('id')).as('id'))
    .where('status', '=', 'open')
    .groupBy(({ fn, ref }) => fn.coalesce(ref('energyJob'), ref('id')))
    .execute()
  return rows.map(({ id }) => id)
}

/** Make the changes of one act. A row that goes is deleted, one that stays is replaced as a whole. */
export async function writeChanges(db: Db, changes: RowChange[]): Promise<void> {
  for (const { table, id, after } of changes) {
    const name = tableOf[table] as 'lead'
    if (after === null) {
      await db.deleteFrom(name).where('id', '=', id).execute()
      continue
    }
    const { id: _, ...rest } = after
    const update = db
      .updateTable(name)
      .set(rest as never)
      .where('id', '=', id)
    // A row of another job is never overwritten, whatever id a caller makes up.
    const updated = await ('jobId' in after
      ? update.where('jobId', '=', after.jobId)
      : update
    ).executeTakeFirst()
    if (Number(updated.numUpdatedRows) === 0)
      await db
        .insertInto(name)
        .values(after as never)
        .execute()
  }
}

export async function insertJob(db: Db, job: JobRow): Promise<void> {
  await db.insertInto('job').values(job).execute()
}

export async function insertMachine(db: Db, machine: MachineRow): Promise<void> {
  await db.insertInto('machine').values(machine).execute()
}

export async function hasJob(db: Db, id: string): Promise<boolean> {
  return (await db.selectFrom('job').select('id').where('id', '=', id).executeTakeFirst()) !== undefined
}

/** SQLite takes so many values in one statement at least. */
const MOST_VALUES = 900

/** Rows of one list of a job, new to the file. */
export async function insertRows(db: Db, table: ListTable, rows: AnyRow[]): Promise<void> {
  const columns = Object.keys(rows[0] ?? {}).length
  const atOnce = Math.max(1, Math.floor(MOST_VALUES / Math.max(1, columns)))
  for (let from = 0; from < rows.length; from += atOnce)
    await db
      .insertInto(tableOf[table] as 'lead')
      .values(rows.slice(from, from + atOnce) as never)
      .execute()
}

/** A job as it stands now, every list of its own written anew; what it shares of another job's rows stays that one's. */
export async function replaceJob(db: Db, snapshot: JobSnapshot): Promise<void> {
  const { id, ...job } = snapshot.job
  await db.updateTable('job').set(job).where('id', '=', id).execute()
  for (const table of lists) {
    await db.deleteFrom(tableOf[table]).where('jobId', '=', id).execute()
    const own: AnyRow[] = snapshot[table]
    await insertRows(
      db,
      table,
      own.filter((row) => 'jobId' in row && row.jobId === id),
    )
  }
}

/** A picture whose file is there; one that is known stays as it is. */
export async function insertPhoto(db: Db, photo: PhotoRow): Promise<void> {
  await db
    .insertInto('photo')
    .values(photo)
    .onConflict((conflict) => conflict.column('hash').doNothing())
    .execute()
}

/** A job was written to: its time, and its number that tells a window whether it is behind. */
export async function touchJob(db: Db, jobId: string, at: string): Promise<number> {
  const row = await db
    .updateTable('job')
    .set((eb) => ({ touchedAt: at, rev: eb('rev', '+', 1) }))
    .where('id', '=', jobId)
    .returning('rev')
    .executeTakeFirst()
  return Number(row?.rev ?? 0)
}

/**
 * The number of a job only rises, whatever file its rows come from: a window that stands ahead would never show them.
 *
 * @param least what windows may know already
 */
export async function raiseRev(db: Db, jobId: string, least = 0): Promise<number> {
  const row = await db
    .updateTable('job')
    .set({ rev: sql<number>`max("rev", ${least}) + 1` })
    .where('id', '=', jobId)
    .returning('rev')
    .executeTakeFirst()
  return Number(row?.rev ?? 0)
}

/** The number of a job alone: what a window asks when it comes to the front. */
export async function revOf(db: Db, jobId: string): Promise<number | null> {
  const row = await db.selectFrom('job').select('rev').where('id', '=', jobId).executeTakeFirst()
  return row ? Number(row.rev) : null
}

/** A step of a job as it came from elsewhere. */
export async function insertEvent(db: Db, event: EventRow): Promise<void> {
  await db.insertInto('event').values(event).execute()
}

/** Whether an act of this id was stored already. */
export async function wasStored(db: Db, jobId: string, actId: string): Promise<boolean> {
  const of = (name: 'event' | 'known_act') =>
    db
      .selectFrom(name)
      .select('actId')
      .where('jobId', '=', jobId)
      .where('actId', '=', actId)
      .executeTakeFirst()
  return (await of('event')) !== undefined || (await of('known_act')) !== undefined
}

/** Remember an act that has no event of its own. */
export async function keepKnown(db: Db, jobId: string, actId: string): Promise<void> {
  await db
    .insertInto('known_act')
    .values({ jobId, actId })
    .onConflict((conflict) => conflict.doNothing())
    .execute()
}

/** The last (or first) event of a job in a state; of one window where it is named. */
export const lastEvent = (
  db: Db,
  jobId: string,
  state: EventRow['state'],
  order: 'asc' | 'desc',
  window = '',
): Promise<EventRow | undefined> => {
  const events = db.selectFrom('event').selectAll().where('jobId', '=', jobId).where('state', '=', state)
  return (window ? events.where('window', '=', window) : events)
    .orderBy('seq', order)
    .limit(1)
    .executeTakeFirst()
}

/** Events of a job in a state that came after a number. */
export const eventsAfter = (
  db: Db,
  jobId: string,
  state: EventRow['state'],
  seq: number,
): Promise<EventRow[]> =>
  db
    .selectFrom('event')
    .selectAll()
    .where('jobId', '=', jobId)
    .where('state', '=', state)
    .where('seq', '>', seq)
    .execute()

export async function highestSeq(db: Db, jobId: string): Promise<number> {
  const row = await db
    .selectFrom('event')
    .select((eb) => eb.fn.max('seq').as('seq'))
    .where('jobId', '=', jobId)
    .executeTakeFirst()
  return Number(row?.seq ?? 0)
}

export const listEvents = (db: Db, jobId: string, limit: number): Promise<EventRow[]> =>
  db.selectFrom('event').selectAll().where('jobId', '=', jobId).orderBy('seq', 'desc').limit(limit).execute()

/** Looks that are due by now and not answered yet, the oldest first. */
export const listDueLooks = (db: Db, now: string) =>
  db
    .selectFrom('due_look')
    .leftJoin('prove_check', (join) =>
      join
        .onRef('prove_check.jobId', '=', 'due_look.jobId')
        .onRef('prove_check.checkId', '=', 'due_look.checkId'),
    )
    .select(['due_look.jobId', 'due_look.checkId', 'due_look.dueAt'])
    .where('due_look.jobId', 'in', aliveJobs(db).select('job.id'))
    .where('prove_check.id', 'is', null)
    .where('due_look.dueAt', '<=', now)
    .orderBy('due_look.dueAt')
    .execute()
