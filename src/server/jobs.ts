import { CoreError } from '@/core/errors'
import type { EventRow, JobRow } from '@/core/job'
import {
  inverse,
  type JobSnapshot,
  merged,
  newId,
  newJob,
  newMachine,
  planAct,
  plantedPlan,
  type RowChange,
  safetyTables,
  withChanges,
} from '@/core/job'
import { validatedAct } from '@/core/job/actInput'
import { isFamily, type MotorKindId, type ObservationId } from '@/core/knowledge/vocabulary'
import type { Database } from '@/data/database'
import { findHousehold, findMachine, HOME } from '@/data/household'
import {
  highestSeq,
  insertJob,
  insertMachine,
  lastEvent,
  listEvents,
  loadSnapshot,
  touchJob,
  writeChanges,
} from '@/data/jobs'
import { store } from './store'

/** Acts on the same field within this time are one for undo. */
const MERGE_SECONDS = 60

export interface Stored {
  snapshot: JobSnapshot
  canUndo: boolean
  canRedo: boolean
}

/** @throws CoreError `unknown-job` */
export async function readJob(jobId: string): Promise<Stored> {
  const { db } = await store()
  return stored(db, jobId)
}

async function stored(db: Database, jobId: string): Promise<Stored> {
  const snapshot = await loadSnapshot(db, jobId)
  if (!snapshot) throw unknownJob()
  const [done, undone] = await Promise.all([
    lastEvent(db, jobId, 'done', 'desc'),
    lastEvent(db, jobId, 'undone', 'asc'),
  ])
  return { snapshot, canUndo: done !== undefined, canRedo: undone !== undefined }
}

const unknownJob = () =>
  new CoreError('unknown-job', 'There is no such job. It may have been deleted; look on the bench.')

/**
 * Do acts in order, all or none. Each is planned again here from what is stored, written, and kept as an event in the
 * same transaction.
 *
 * @throws CoreError as `planAct`, and `unknown-job`
 */
export async function actOnJob(
  jobId: string,
  plain: unknown[],
  now = Date.now(),
): Promise<{ canUndo: true; canRedo: false }> {
  const { db } = await store()
  const acts = plain.map(validatedAct)
  await db.transaction().execute(async (trx) => {
    let snapshot = await loadSnapshot(trx, jobId)
    if (!snapshot) throw unknownJob()
    await trx
      .updateTable('event')
      .set({ state: 'dropped' })
      .where('jobId', '=', jobId)
      .where('state', '=', 'undone')
      .execute()
    for (const act of acts) {
      const { text, changes, mergeKey } = planAct(snapshot, act, now)
      if (changes.length === 0) continue
      await writeChanges(trx, changes)
      await keepEvent(trx as unknown as Database, jobId, { text, changes, mergeKey }, now)
      snapshot = withChanges(snapshot, changes)
    }
    await touchJob(trx, jobId, new Date(now).toISOString())
  })
  return { canUndo: true, canRedo: false }
}

async function keepEvent(
  db: Database,
  jobId: string,
  act: { text: string; changes: RowChange[]; mergeKey: string | null },
  now: number,
): Promise<void> {
  const last = await lastEvent(db, jobId, 'done', 'desc')
  const at = new Date(now).toISOString()
  if (
    last &&
    act.mergeKey !== null &&
    last.mergeKey === act.mergeKey &&
    now - Date.parse(last.at) < MERGE_SECONDS * 1000
  ) {
    const changes = merged(JSON.parse(last.changes) as RowChange[], act.changes)
    await db
      .updateTable('event')
      .set({ text: act.text, changes: JSON.stringify(changes), at })
      .where('id', '=', last.id)
      .execute()
    return
  }
  const event: EventRow = {
    id: newId(now, Math.random),
    jobId,
    seq: (await highestSeq(db, jobId)) + 1,
    at,
    text: act.text,
    mergeKey: act.mergeKey,
    changes: JSON.stringify(act.changes),
    state: 'done',
  }
  await db.insertInto('event').values(event).execute()
}

/**
 * Take back the last act, or do it again. What touched the isolation voids the standing proof: an undone tap must never
 * bring a proof back to life.
 *
 * @throws CoreError `nothing-to-undo`, `nothing-to-redo`, `unknown-job`
 */
export async function stepHistory(
  jobId: string,
  direction: 'undo' | 'redo',
  now = Date.now(),
): Promise<Stored & { text: string }> {
  const { db } = await store()
  const text = await db.transaction().execute(async (trx) => {
    const event =
      direction === 'undo'
        ? await lastEvent(trx, jobId, 'done', 'desc')
        : await lastEvent(trx, jobId, 'undone', 'asc')
    if (!event)
      throw new CoreError(
        `nothing-to-${direction}`,
        direction === 'undo' ? 'There is nothing to take back.' : 'There is nothing to do again.',
      )
    const changes = JSON.parse(event.changes) as RowChange[]
    await writeChanges(trx, direction === 'undo' ? inverse(changes) : changes)
    if (changes.some(touchesSafety)) {
      await trx
        .updateTable('proof')
        .set({
          voidedAt: new Date(now).toISOString(),
          voidReason: `${direction === 'undo' ? 'taken back' : 'done again'}: ${event.text}`,
        })
        .where('jobId', '=', jobId)
        .where('voidedAt', 'is', null)
        .execute()
    }
    await trx
      .updateTable('event')
      .set({ state: direction === 'undo' ? 'undone' : 'done', mergeKey: null })
      .where('id', '=', event.id)
      .execute()
    await touchJob(trx, jobId, new Date(now).toISOString())
    return event.text
  })
  return { ...(await stored(db, jobId)), text }
}

function touchesSafety(change: RowChange): boolean {
  if (!safetyTables.includes(change.table)) return false
  if (change.table !== 'job') return true
  return (
    (change.before as JobRow | null)?.phase !== (change.after as JobRow | null)?.phase ||
    (change.before as JobRow | null)?.bench !== (change.after as JobRow | null)?.bench
  )
}

export interface NewJob {
  symptom: string
  family?: string
  machineId?: string
  motorKind?: MotorKindId | null
  name?: string
  place?: string
  findings?: { observation: ObservationId; value: string }[]
}

/** Open a job on a machine, new or known, with its isolation plan planted. Answers the job's id. */
export async function openJob(input: NewJob, now = Date.now()): Promise<string> {
  const { db } = await store()
  const id = () => newId(now, Math.random)
  const at = new Date(now).toISOString()
  return db.transaction().execute(async (trx) => {
    const household = await findHousehold(trx)
    if (!household) throw new CoreError('no-household', 'The data folder holds no household.')
    let machine = input.machineId ? await findMachine(trx, input.machineId) : undefined
    if (input.machineId && !machine)
      throw new CoreError('unknown-machine', 'There is no such machine. Choose another, or name a new one.')
    if (!machine) {
      if (!input.family || !isFamily(input.family))
        throw new CoreError('no-family', 'Choose what kind of fan has stopped.', 'family')
      machine = newMachine(id(), HOME, input.family, input, at)
      await insertMachine(trx, machine)
    }
    const job = newJob(id(), machine.id, input.symptom.slice(0, 2000), at)
    await insertJob(trx, job)
    const plan = plantedPlan(job.id, machine, id)
    const findings = (input.findings ?? []).map(({ observation, value }) => ({
      id: id(),
      jobId: job.id,
      observation,
      value,
      at,
    }))
    const changes: RowChange[] = [
      ...plan.points.map((row) => ({ table: 'points' as const, id: row.id, before: null, after: row })),
      ...plan.waits.map((row) => ({ table: 'waits' as const, id: row.id, before: null, after: row })),
      ...plan.charges.map((row) => ({ table: 'charges' as const, id: row.id, before: null, after: row })),
      ...findings.map((row) => ({ table: 'findings' as const, id: row.id, before: null, after: row })),
    ]
    await writeChanges(trx, changes)
    return job.id
  })
}

export async function readEvents(
  jobId: string,
): Promise<Pick<EventRow, 'id' | 'seq' | 'at' | 'text' | 'state'>[]> {
  const { db } = await store()
  return (await listEvents(db, jobId, 300)).map(({ id, seq, at, text, state }) => ({
    id,
    seq,
    at,
    text,
    state,
  }))
}

export async function deleteJob(jobId: string): Promise<void> {
  const { db } = await store()
  await db.deleteFrom('job').where('id', '=', jobId).execute()
}
