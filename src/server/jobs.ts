import { badValues } from '@/core/archive/values'
import { CoreError, type ErrorShape, isCoreError } from '@/core/errors'
import {
  type Act,
  activeStops,
  type By,
  type EventRow,
  isId,
  type JobRow,
  type JobSnapshot,
  merged,
  newId,
  newJob,
  newMachine,
  nobody,
  plantedPlan,
  type RowChange,
  withChanges,
} from '@/core/job'
import { validatedAct } from '@/core/job/acts/actInput'
import { planAct } from '@/core/job/acts/plan'
import { type Envelope, receive } from '@/core/job/acts/receive'
import { otherText } from '@/core/job/acts/typedValue'
import { planHistory } from '@/core/job/acts/undo'
import { breakerClosed, closedWith } from '@/core/job/energy/circuit'
import { isFamily, type MotorKindId, type ObservationId, type StopRuleId } from '@/core/knowledge/vocabulary'
import { wiringHolds } from '@/core/wiring/ofJob'
import { type Database, type Transaction, transact } from '@/data/database'
import { findHousehold, findMachine, HOME } from '@/data/household'
import {
  eventsAfter,
  highestSeq,
  insertJob,
  insertMachine,
  keepKnown,
  lastEvent,
  listEvents,
  loadSnapshot,
  openAt,
  openEnergyJobs,
  revOf,
  shareEnergy,
  sharing,
  touchJob,
  wasStored,
  writeChanges,
} from '@/data/jobs'
import { announce } from './live'
import { readableSnapshot } from './readable'
import { clockWasSet } from './serverClock'
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

async function stored(db: Database, jobId: string, window = ''): Promise<Stored> {
  const snapshot = await readableSnapshot(db, jobId)
  if (!snapshot) throw unknownJob()
  return { snapshot, ...(await stepsOf(db, jobId, window)) }
}

/** Whether the window, or anybody where none is named, has something to take back or to do again. */
async function stepsOf(
  db: Database,
  jobId: string,
  window: string,
): Promise<Pick<Stored, 'canUndo' | 'canRedo'>> {
  const [done, undone] = await Promise.all([
    lastEvent(db, jobId, 'done', 'desc', window),
    lastEvent(db, jobId, 'undone', 'asc', window),
  ])
  return { canUndo: done !== undefined, canRedo: undone !== undefined }
}

const unknownJob = () =>
  new CoreError('unknown-job', 'There is no such job. It may have been deleted; look on the bench.')

/** What became of one act: stored (now or before), or refused with its reason. */
/** `other`: what another window had written into the same field meanwhile; the later writer's text stands. */
export type ActAnswer =
  | { id: string; stored: true; other?: string }
  | { id: string; stored: false; error: ErrorShape }

export interface ActsAnswer {
  answers: ActAnswer[]
  rev: number
  canUndo: boolean
  canRedo: boolean
  serverNow: number
}

/**
 * Store acts in the order in which they come, each by itself: one that is refused takes no other along, and one that was
 * stored before is not stored again. Each is planned again here from what is stored, with its age, and kept as an event in
 * the same transaction.
 *
 * @throws CoreError `unknown-job`
 */
export async function storeActs(
  jobId: string,
  plain: unknown[],
  by: By = nobody,
  now = Date.now(),
): Promise<ActsAnswer> {
  const { db } = await store()
  if (clockWasSet()) await endPeriods(now)
  const { answers, rev, others } = await transact(db, async (trx) => {
    let snapshot = await readableSnapshot(trx, jobId)
    if (!snapshot) throw unknownJob()
    const answers: ActAnswer[] = []
    const { job: before, machine } = snapshot
    let written = false
    let breakerOn = false
    for (const each of plain) {
      const id = envelopeId(each)
      try {
        const envelope = validatedEnvelope(each)
        let other: string | null = null
        if (!(await wasStored(trx, jobId, envelope.id))) {
          refuseWrongWiring(snapshot, envelope.act)
          other = otherText(snapshot, envelope.act, envelope.was)
          const planned = receive(snapshot, envelope, now, by)
          refuseUnreadable(planned.changes)
          if (planned.changes.length > 0) {
            if (!written) await dropUndone(trx, jobId)
            written = true
            breakerOn ||= breakerClosed(planned.changes)
            await writeChanges(trx, planned.changes)
            await keepEvent(trx, jobId, { ...planned, id: envelope.id }, by, now)
            snapshot = withChanges(snapshot, planned.changes)
          } else await keepKnown(trx, jobId, envelope.id)
        }
        answers.push({ id, stored: true, ...(other === null ? {} : { other }) })
      } catch (error) {
        if (!isCoreError(error)) throw error
        answers.push({ id, stored: false, error: error.toShape() })
      }
    }
    const rev = written ? await touchJob(trx, jobId, new Date(now).toISOString()) : snapshot.job.rev
    const others = written ? await touchOthers(trx, before, snapshot.job, now) : []
    if (breakerOn) others.push(...(await closeBreaker(trx, snapshot, now)))
    if (machine.circuit !== snapshot.machine.circuit) others.push(...(await tellCircuits(trx, snapshot, now)))
    return { answers, rev, others }
  })
  announce(jobId, rev)
  for (const other of others) announce(other.id, other.rev)
  return { answers, rev, ...(await stepsOf(db, jobId, by.window)), serverNow: now }
}

/**
 * Do acts at once, as a story does: the first that is refused is thrown.
 * @throws CoreError as `planAct`, and `unknown-job`
 */
export async function actOnJob(jobId: string, plain: unknown[], now = Date.now()): Promise<ActsAnswer> {
  const envelopes = plain.map((act) => ({ id: newId(now, Math.random), act, ageMs: 0 }))
  const answer = await storeActs(jobId, envelopes, nobody, now)
  const refused = answer.answers.find((each) => !each.stored)
  if (refused && !refused.stored)
    throw new CoreError(refused.error.code, refused.error.message, refused.error.path)
  return answer
}

/** The clock of the server was set: how old a proof is cannot be told any more, so that every dead period ends. */
export async function endPeriods(now: number): Promise<void> {
  const { db } = await store()
  const touched = await transact(db, async (trx) => {
    const ids = await openEnergyJobs(trx)
    return Promise.all(
      ids.map(async (id) => {
        const snapshot = await loadSnapshot(trx, id)
        if (!snapshot) return []
        return told(trx, snapshot, [{ kind: 'proof.void', reason: 'the clock of the server was set' }], now)
      }),
    )
  })
  for (const { id, rev } of touched.flat()) announce(id, rev)
}

/** The breaker is on again: at every other machine that hangs on it what was proved behind it is void. */
async function closeBreaker(
  trx: Transaction,
  here: JobSnapshot,
  now: number,
): Promise<{ id: string; rev: number }[]> {
  const touched: { id: string; rev: number }[] = []
  for (const { id } of here.onCircuit ?? []) {
    const other = await loadSnapshot(trx, id)
    const acts = other ? closedWith(other, here) : []
    if (other && acts.length > 0) touched.push(...(await told(trx, other, acts, now)))
  }
  return touched
}

/** Acts of the server's own on a job, each behind what its record holds; the windows of all that share its energy hear of it. */
async function told(
  trx: Transaction,
  before: JobSnapshot,
  acts: Act[],
  now: number,
): Promise<{ id: string; rev: number }[]> {
  let snapshot = before
  for (const act of acts) {
    const { changes } = planAct(snapshot, act, Math.max(now, lastOf(snapshot) + 1))
    await writeChanges(trx, changes)
    snapshot = withChanges(snapshot, changes)
  }
  const { id } = snapshot.job
  const rev = await touchJob(trx, id, new Date(now).toISOString())
  return [{ id, rev }, ...(await touchOthers(trx, before.job, snapshot.job, now))]
}

/** Who shares a breaker is another: the windows at the machines of the old and of the new one, and here, read it anew. */
async function tellCircuits(
  trx: Transaction,
  before: JobSnapshot,
  now: number,
): Promise<{ id: string; rev: number }[]> {
  const after = await loadSnapshot(trx, before.job.id)
  const ids = [before, after].flatMap((each) => each?.onCircuit?.map(({ id }) => id) ?? [])
  const at = new Date(now).toISOString()
  return Promise.all(
    [...new Set([before.job.id, ...ids])].map(async (id) => ({ id, rev: await touchJob(trx, id, at) })),
  )
}

/** When the record was last written to: what follows stands behind it, whatever the clock says. */
const lastOf = ({ log }: JobSnapshot): number => Math.max(0, ...log.map(({ at }) => Date.parse(at)))

/**
 * Jobs that share the machine's energy stand as this one does, and their windows hear of it. What is written into a job that
 * was closed before says nothing of the machine: it stands as it stood at its end.
 */
async function touchOthers(
  trx: Transaction,
  before: JobRow,
  after: JobRow,
  now: number,
): Promise<{ id: string; rev: number }[]> {
  if (before.status === 'open' || after.status === 'open') await shareEnergy(trx, after)
  const at = new Date(now).toISOString()
  return Promise.all(
    (await sharing(trx, after)).map(async (id) => ({ id, rev: await touchJob(trx, id, at) })),
  )
}

/** What could not be read again is not stored: it would take the whole job out of reach. */
function refuseUnreadable(changes: RowChange[]): void {
  for (const { table, after } of changes) {
    const [bad] = after === null ? [] : badValues(table, after)
    if (bad)
      throw new CoreError(
        'invalid-input',
        `This cannot be stored: ${bad.column} cannot be “${bad.value}”.`,
        bad.column,
      )
  }
}

/** The circuit is solved here and not in the planner, which every page loads. */
function refuseWrongWiring(snapshot: JobSnapshot, act: Act): void {
  const powers = act.kind === 'job.phase' && act.phase !== 'work' && act.phase !== 'closing-up'
  const runs = act.kind === 'job.close' && (act.result === 'runs' || act.result === 'runs-with-remarks')
  if (!powers && !runs) return
  const problem = wiringHolds(snapshot)
  if (problem) throw new CoreError('not-ready', `Before power returns: ${problem}`)
}

const envelopeId = (plain: unknown): string => {
  const id = (plain as { id?: unknown } | null)?.id
  return typeof id === 'string' ? id.slice(0, 40) : ''
}

/** No act waits longer on a device: ten years. */
const OLDEST_MS = 10 * 365 * 24 * 3_600_000

/** @throws CoreError `invalid-input`, `unknown-act` */
function validatedEnvelope(plain: unknown): Envelope {
  const { id, act, ageMs, was } = (plain ?? {}) as Record<string, unknown>
  if (typeof id !== 'string' || !isId(id))
    throw new CoreError('invalid-input', 'Every act needs an id of its own.', 'id')
  if (typeof ageMs !== 'number' || !Number.isFinite(ageMs) || Math.abs(ageMs) > OLDEST_MS)
    throw new CoreError('invalid-input', 'Every act says how long ago it was done.', 'ageMs')
  return {
    id,
    act: validatedAct(act),
    ageMs,
    ...(typeof was === 'string' ? { was: was.slice(0, 4000) } : {}),
  }
}

const dropUndone = (db: Transaction, jobId: string) =>
  db
    .updateTable('event')
    .set({ state: 'dropped' })
    .where('jobId', '=', jobId)
    .where('state', '=', 'undone')
    .execute()

async function keepEvent(
  db: Transaction,
  jobId: string,
  act: { id: string; text: string; changes: RowChange[]; mergeKey: string | null },
  by: By,
  now: number,
): Promise<void> {
  const last = await lastEvent(db, jobId, 'done', 'desc')
  const at = new Date(now).toISOString()
  if (
    last &&
    act.mergeKey !== null &&
    last.mergeKey === act.mergeKey &&
    last.window === by.window &&
    now - Date.parse(last.at) < MERGE_SECONDS * 1000
  ) {
    const changes = merged(JSON.parse(last.changes) as RowChange[], act.changes)
    // Sent again, the older act would put the older text back.
    await keepKnown(db, jobId, last.actId)
    await db
      .updateTable('event')
      .set({ text: act.text, changes: JSON.stringify(changes), at, actId: act.id })
      .where('id', '=', last.id)
      .execute()
    return
  }
  const event: EventRow = {
    id: newId(now, Math.random),
    jobId,
    seq: (await highestSeq(db, jobId)) + 1,
    at,
    actId: act.id,
    who: by.who,
    window: by.window,
    text: act.text,
    mergeKey: act.mergeKey,
    changes: JSON.stringify(act.changes),
    state: 'done',
  }
  await db.insertInto('event').values(event).execute()
}

/**
 * Take back the last act, or do it again, as the core plans it: what was proved is void where the act touched energy.
 *
 * @throws CoreError `nothing-to-undo`, `nothing-to-redo`, `unknown-job`, and as `planHistory`
 */
export async function stepHistory(
  jobId: string,
  direction: 'undo' | 'redo',
  now = Date.now(),
  by: By = nobody,
): Promise<Stored & { text: string }> {
  const { db } = await store()
  const { text, rev, others } = await transact(db, async (trx) => {
    const snapshot = await readableSnapshot(trx, jobId)
    if (!snapshot) throw unknownJob()
    const event =
      direction === 'undo'
        ? await lastEvent(trx, jobId, 'done', 'desc', by.window)
        : await lastEvent(trx, jobId, 'undone', 'asc', by.window)
    if (!event)
      throw new CoreError(
        `nothing-to-${direction}`,
        direction === 'undo'
          ? 'This window has done nothing that can be taken back.'
          : 'This window has taken nothing back that can be done again.',
      )
    const changes = JSON.parse(event.changes) as RowChange[]
    await refuseChangedSince(trx, event, changes)
    const planned = planHistory(snapshot, { text: event.text, changes }, direction, now, by)
    await writeChanges(trx, planned.changes)
    await trx
      .updateTable('event')
      .set({ state: direction === 'undo' ? 'undone' : 'done', mergeKey: null })
      .where('id', '=', event.id)
      .execute()
    const after = withChanges(snapshot, planned.changes)
    const others = await touchOthers(trx, snapshot.job, after.job, now)
    if (breakerClosed(planned.changes)) others.push(...(await closeBreaker(trx, after, now)))
    return { text: event.text, rev: await touchJob(trx, jobId, new Date(now).toISOString()), others }
  })
  announce(jobId, rev)
  for (const other of others) announce(other.id, other.rev)
  return { ...(await stored(db, jobId, by.window)), text }
}

/** What another window has changed since is not put back over its head. */
async function refuseChangedSince(trx: Transaction, event: EventRow, changes: RowChange[]): Promise<void> {
  const touched = new Set(changes.flatMap(fieldsChanged))
  for (const later of await eventsAfter(trx, event.jobId, 'done', event.seq)) {
    const rows = JSON.parse(later.changes) as RowChange[]
    if (later.window !== event.window && rows.flatMap(fieldsChanged).some((field) => touched.has(field)))
      throw new CoreError(
        'changed-since',
        `“${event.text}” stays: ${later.who || 'another window'} has changed the same since (“${later.text}”).`,
      )
  }
}

/** The fields that a change touches, by table and row; a row that came or went touches all that it holds. */
function fieldsChanged({ table, id, before, after }: RowChange): string[] {
  const [from, to] = [before ?? {}, after ?? {}] as Record<string, unknown>[]
  return Object.keys({ ...from, ...to })
    .filter((name) => from?.[name] !== to?.[name])
    .map((name) => `${table}/${id}/${name}`)
}

/** @throws CoreError `unknown-job` */
export async function readRev(jobId: string): Promise<number> {
  const { db } = await store()
  const rev = await revOf(db, jobId)
  if (rev === null) throw unknownJob()
  return rev
}

export interface NewJob {
  symptom: string
  family?: string
  machineId?: string
  motorKind?: MotorKindId | null
  name?: string
  place?: string
  findings?: { observation: ObservationId; value: string }[]
  /** Dangers that the person's words name; one that was meant otherwise is raised and lifted, so that the record has both. */
  stops?: { rule: StopRuleId; note: string; meant?: string }[]
}

/** Open a job on a machine, new or known, with its isolation plan planted. Answers the job's id. */
export async function openJob(input: NewJob, now = Date.now()): Promise<string> {
  const { db } = await store()
  const id = () => newId(now, Math.random)
  const at = new Date(now).toISOString()
  return transact(db, async (trx) => {
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
    // A second job at a machine shares what is off, proved and emptied there: the machine has one energy.
    const first = input.machineId ? await openAt(trx, machine.id) : undefined
    const fresh = newJob(id(), machine.id, input.symptom.slice(0, 2000), at)
    const job = first
      ? { ...fresh, energyJob: first.energyJob ?? first.id, phase: first.phase, period: first.period }
      : fresh
    await insertJob(trx, job)
    const plan = first ? { points: [], waits: [], charges: [] } : plantedPlan(job.id, machine, id)
    const changes: RowChange[] = [
      ...plan.points.map((row) => ({ table: 'points' as const, id: row.id, before: null, after: row })),
      ...plan.waits.map((row) => ({ table: 'waits' as const, id: row.id, before: null, after: row })),
      ...plan.charges.map((row) => ({ table: 'charges' as const, id: row.id, before: null, after: row })),
    ]
    await writeChanges(trx, changes)
    // As acts, so that a danger in the first sentence stands in the record of safety like any other.
    let snapshot = await loadSnapshot(trx, job.id)
    if (!snapshot) throw unknownJob()
    const does = async (before: JobSnapshot, act: Act): Promise<JobSnapshot> => {
      const { changes } = planAct(before, act, now)
      await writeChanges(trx, changes)
      return withChanges(before, changes)
    }
    for (const { observation, value } of input.findings ?? [])
      snapshot = await does(snapshot, { kind: 'finding.set', id: id(), observation, value })
    // A danger that a finding already says raises its stop by itself; the others stand as rows of their own.
    for (const { rule, note, meant } of input.stops ?? []) {
      if (activeStops(snapshot).some((stop) => stop.rule === rule)) continue
      snapshot = await does(snapshot, { kind: 'stop.raise', id: id(), rule, note })
      if (meant) snapshot = await does(snapshot, { kind: 'stop.lift', rule, how: 'mistake', reason: meant })
    }
    return job.id
  })
}

export async function readEvents(
  jobId: string,
): Promise<Pick<EventRow, 'id' | 'seq' | 'at' | 'text' | 'state' | 'who'>[]> {
  const { db } = await store()
  return (await listEvents(db, jobId, 300)).map(({ id, seq, at, text, state, who }) => ({
    id,
    seq,
    at,
    text,
    state,
    who,
  }))
}
