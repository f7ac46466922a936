import { CoreError } from '@/core/errors'
import { readHouseAct } from '@/core/house/acts'
import type { HouseChange, HouseRows } from '@/core/house/rows'
import { undoneChanges } from '@/core/house/undo'
import { type By, newId, nobody } from '@/core/job'
import type { Message } from '@/core/message'
import { dayIn } from '@/core/units/days'
import { type Transaction, transact } from '@/data/database'
import {
  findHouseEvent,
  keepHouseEvent,
  lastHouseEvents,
  loadHouse,
  markUndone,
  measuredAt,
  moveOwnNames,
  openJobsOn,
  presentRow,
  writeHouse,
} from '@/data/house'
import { findHousehold } from '@/data/household'
import { raiseRev } from '@/data/jobs'
import { announce } from '../live'
import { store } from '../store'
import { dueNow } from './season'

/** What became of an act: how it is told, and the name under which it can be undone; null where it changed nothing. */
export interface HouseAnswer {
  event: string | null
  said: Message
  /** Ids of the rows that are new, by their table. */
  made: { table: string; id: string }[]
}

/**
 * Do something to the household, in one transaction with the event by which it can be undone.
 *
 * @throws CoreError of `readHouseAct`, and as the act is refused
 */
export async function actOnHouse(
  plain: unknown,
  by: By = nobody,
  now = Date.now(),
  zone?: string,
): Promise<HouseAnswer> {
  const act = readHouseAct(plain)
  const { db } = await store()
  const { answer, told } = await transact(db, async (trx) => {
    const rows = await loadHouse(trx)
    const household = await findHousehold(trx)
    const near = act.machineId === null ? { measured: [], sounds: [] } : await measuredAt(trx, act.machineId)
    const { changes, said } = act.plan(rows, {
      now,
      by,
      newId: () => newId(now, Math.random),
      fahrenheit: household?.fahrenheit === 1,
      due: act.kind === 'round.begin' ? await dueNow(trx, rows, dayIn(now, zone)) : [],
      measuredOf: () => near,
    })
    const made = changes.filter(({ before }) => before === null).map(({ table, id }) => ({ table, id }))
    if (changes.length === 0) return { answer: { event: null, said, made }, told: [] }
    const event = newId(now, Math.random)
    if (act.merges) await moveOwnNames(trx, act.merges.from, act.merges.into)
    await writeHouse(trx, changes)
    await keepHouseEvent(trx, { id: event, at: new Date(now).toISOString(), who: by.who, said, changes })
    return { answer: { event, said, made }, told: await raised(trx, rows, changes) }
  })
  for (const { id, rev } of told) announce(id, rev)
  return answer
}

/**
 * Take an act on the household back.
 *
 * @throws CoreError `unknown-event`, `undone-already`, `changed-since`, `open-job`
 */
export async function undoOnHouse(id: string): Promise<{ said: Message }> {
  const { db } = await store()
  const { said, told } = await transact(db, async (trx) => {
    const event = await findHouseEvent(trx, id)
    if (!event) throw new CoreError('unknown-event', 'There is no such act. Load the page again.')
    if (event.undone) throw new CoreError('undone-already', 'This was undone already.')
    const changes: HouseChange[] = JSON.parse(event.changes)
    const present = new Map<HouseChange, object | null>()
    for (const each of changes) present.set(each, await presentRow(trx, each))
    const back = undoneChanges(changes, (each) => present.get(each) ?? null)
    const rows = await loadHouse(trx)
    refuseUnderWork(rows, back)
    await writeHouse(trx, back)
    await markUndone(trx, id)
    return { said: JSON.parse(event.said) as Message, told: await raised(trx, rows, back) }
  })
  for (const { id: job, rev } of told) announce(job, rev)
  return { said }
}

/** Undo reaches a machine as an act does: never where an open job rests on what would change. */
function refuseUnderWork(rows: HouseRows, changes: HouseChange[]): void {
  const touched = changes.flatMap((each) => (each.table === 'machine' ? [each] : []))
  for (const { id, before, after } of touched) {
    const same =
      before !== null &&
      after !== null &&
      before.circuit === after.circuit &&
      before.motorKind === after.motorKind &&
      before.family === after.family
    if (!same && rows.jobs.some(({ machineId, status }) => machineId === id && status === 'open'))
      throw new CoreError(
        'open-job',
        'A job is open at this machine, and its plan rests on what would be undone. Close the job first.',
      )
    // Jobs that came since would go with their machine.
    if (after === null && [...rows.jobs, ...rows.buried].some(({ machineId }) => machineId === id))
      throw new CoreError(
        'has-jobs',
        'This machine has jobs by now. Delete it under Household instead, if it has to go.',
      )
  }
}

/** Windows at the jobs of machines that changed, and at those of their breakers, read them anew. */
async function raised(
  trx: Transaction,
  { breakers }: HouseRows,
  changes: HouseChange[],
): Promise<{ id: string; rev: number }[]> {
  const machines = changes.flatMap((each) => (each.table === 'machine' ? [each] : []))
  const named = changes.flatMap((each) => {
    const rows = [each.before, each.after]
    if (each.table === 'machine') return rows.map((row) => (row && 'circuit' in row ? row.circuit : null))
    if (each.table === 'breaker') return rows.map((row) => (row && 'name' in row ? row.name : null))
    if (each.table !== 'breaker_load') return []
    const id = (each.after ?? each.before)?.breakerId
    return [breakers.find((breaker) => breaker.id === id)?.name ?? null]
  })
  const ids = await openJobsOn(
    trx,
    machines.map(({ id }) => id),
    named.filter((name) => name !== null),
  )
  const told: { id: string; rev: number }[] = []
  for (const id of ids) told.push({ id, rev: await raiseRev(trx, id) })
  return told
}

/** What was done last to the household. */
export async function lastOnHouse(most = 20) {
  const { db } = await store()
  return (await lastHouseEvents(db, most)).map(({ said, ...event }) => ({
    ...event,
    said: JSON.parse(said) as Message,
  }))
}
