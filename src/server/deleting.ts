import { arrived } from '@/core/archive/arrive'
import { badValuesOf } from '@/core/archive/values'
import { CoreError } from '@/core/errors'
import { type By, nobody } from '@/core/job'
import { titleAndPlace } from '@/core/job/title'
import { dropDeleted, keepDeleted, listDeleted, removeForGood } from '@/data/alive'
import { type Database, type Transaction, transact } from '@/data/database'
import { loadSnapshot, openAt, raiseRev, replaceJob } from '@/data/jobs'
import type { DeletedRow } from '@/data/schema'
import { announce } from './live'
import { removeOrphans } from './orphans'
import { UNDO_MS } from './purge'
import { store } from './store'

type Kind = DeletedRow['kind']

/** What goes along with a job or a machine, told before it goes. */
export interface Deletion {
  kind: Kind
  id: string
  title: string
  /** Jobs of a machine, and their photos, readings and lines. */
  jobs: number
  photos: number
  readings: number
  lines: number
  /** Acts of the way back that are open: the machine lies apart. */
  apart: number
  /** Why it cannot be deleted now; null where it can. */
  problem: string | null
}

/** @throws CoreError `unknown-job`, `unknown-machine` */
export async function deletionOf(kind: Kind, id: string): Promise<Deletion> {
  const { db } = await store()
  const jobs = await jobsOf(db, kind, id)
  const title = await titleOf(db, kind, id)
  const snapshots = (await Promise.all(jobs.map((each) => loadSnapshot(db, each)))).filter(
    (each) => each !== null,
  )
  const count = (of: (snapshot: (typeof snapshots)[number]) => number) =>
    snapshots.reduce((sum, snapshot) => sum + of(snapshot), 0)
  return {
    kind,
    id,
    title,
    jobs: jobs.length,
    photos: count(({ photos }) => photos.length),
    readings: count(({ readings, proofReadings }) => readings.length + proofReadings.length),
    lines: count(({ ledger }) => ledger.length),
    apart: count(({ job, ledger }) =>
      job.status === 'closed'
        ? 0
        : ledger.filter(
            ({ doneAt, backDoneAt, struckAt, extra }) => doneAt && !backDoneAt && !struckAt && !extra,
          ).length,
    ),
    problem: kind === 'job' ? await sharedBy(db, id) : null,
  }
}

async function titleOf(db: Database, kind: Kind, id: string): Promise<string> {
  const machine = await db
    .selectFrom('machine')
    .selectAll()
    .where('id', '=', kind === 'machine' ? id : db.selectFrom('job').select('machineId').where('id', '=', id))
    .executeTakeFirst()
  if (!machine)
    throw kind === 'job'
      ? new CoreError('unknown-job', 'There is no such job. It may have been deleted; look on the bench.')
      : new CoreError('unknown-machine', 'There is no such machine.')
  return titleAndPlace(machine)
}

const jobsAt = async (db: Database | Transaction, machineId: string): Promise<string[]> =>
  (await db.selectFrom('job').select('id').where('machineId', '=', machineId).execute()).map(({ id }) => id)

/** Another job reads what is off, proved and emptied from this one's rows: without them it would have nothing. */
async function sharedBy(db: Database | Transaction, id: string): Promise<string | null> {
  const other = await db
    .selectFrom('job')
    .select('symptom')
    .where('energyJob', '=', id)
    .where('id', '!=', id)
    .executeTakeFirst()
  return other
    ? `Another job at the machine (“${other.symptom || 'without words'}”) stands on what was switched off and proved in this one. Delete that one first, or the machine with all its jobs.`
    : null
}

/**
 * Out of sight at once, gone for good after a day.
 *
 * @throws CoreError `unknown-job`, `unknown-machine`, `still-shared`
 */
export async function deleteThing(kind: Kind, id: string, who: string, now = Date.now()): Promise<void> {
  const { db } = await store()
  const { problem } = await deletionOf(kind, id)
  if (problem) throw new CoreError('still-shared', problem)
  const told = await transact(db, async (trx) => {
    await keepDeleted(trx, { kind, id, at: new Date(now).toISOString(), who })
    return raised(trx, await jobsOf(trx, kind, id))
  })
  for (const job of told) announce(job.id, job.rev)
}

const jobsOf = async (db: Database | Transaction, kind: Kind, id: string): Promise<string[]> =>
  kind === 'job' ? [id] : jobsAt(db, id)

/** Windows at these jobs read them anew. */
async function raised(trx: Transaction, ids: string[]): Promise<{ id: string; rev: number }[]> {
  const told: { id: string; rev: number }[] = []
  for (const id of ids) told.push({ id, rev: await raiseRev(trx, id) })
  return told
}

const BROUGHT_BACK = 'the job had been deleted, and was brought back'

/**
 * In sight again as it was. Nobody watched the machine meanwhile: an open job is made dead anew, and where another was opened at
 * its machine since it shares that one's energy.
 *
 * @throws CoreError `not-deleted` where its day is over
 */
export async function bringBack(kind: Kind, id: string, by: By = nobody, now = Date.now()): Promise<void> {
  const { db } = await store()
  const told = await transact(db, async (trx) => {
    const others = new Map<string, Awaited<ReturnType<typeof openAt>>>()
    const jobs = await jobsOf(trx, kind, id)
    for (const each of jobs) {
      const snapshot = await loadSnapshot(trx, each)
      if (snapshot && kind === 'job') others.set(each, await openAt(trx, snapshot.job.machineId))
    }
    if (!(await dropDeleted(trx, kind, id)))
      throw new CoreError('not-deleted', 'This was not deleted, or its day is over and it is gone for good.')
    for (const each of jobs) {
      const snapshot = await loadSnapshot(trx, each)
      // What cannot be read is brought back to be looked at, not to be worked on.
      if (!snapshot || snapshot.job.status === 'closed' || badValuesOf(snapshot).length > 0) continue
      if (snapshot.job.energyJob !== null && kind === 'machine') continue
      const here = arrived(snapshot, new Date(now).toISOString(), by, BROUGHT_BACK)
      const other = others.get(each)
      await replaceJob(trx, {
        ...here,
        job: {
          ...here.job,
          ...(other
            ? { energyJob: other.energyJob ?? other.id, phase: other.phase, period: other.period }
            : {}),
        },
      })
    }
    return raised(trx, jobs)
  })
  for (const job of told) announce(job.id, job.rev)
}

/** For good, now; its photos go with the next clearing. */
export async function deleteForGood(kind: Kind, id: string): Promise<void> {
  const opened = await store()
  const known = (await listDeleted(opened.db)).some((row) => row.kind === kind && row.id === id)
  if (!known) throw new CoreError('not-deleted', 'Delete it first: for a day it can be brought back.')
  await transact(opened.db, (trx) => removeForGood(trx, { kind, id }))
  await removeOrphans(opened)
}

/** What was deleted and is still here, with when it goes for good. */
export async function readDeleted(): Promise<
  { kind: Kind; id: string; title: string; at: string; until: string }[]
> {
  const { db } = await store()
  const rows = await listDeleted(db)
  return Promise.all(
    rows.map(async ({ kind, id, at }) => ({
      kind,
      id,
      at,
      title: await titleOf(db, kind, id).catch(() => 'no longer there'),
      until: new Date(Date.parse(at) + UNDO_MS).toISOString(),
    })),
  )
}
