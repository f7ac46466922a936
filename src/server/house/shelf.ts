import { isGoodMachine } from '@/core/archive/values'
import { CoreError } from '@/core/errors'
import { machinesInUse } from '@/core/house/inUse'
import type { SpareRow } from '@/core/house/rows'
import { titleAndPlace } from '@/core/job/title'
import { type Serving, servingOf } from '@/core/machine/spares'
import { aliveJobs } from '@/data/alive'
import { loadHouse } from '@/data/house'
import { loadSnapshot } from '@/data/jobs'
import { readShelf } from '../parts'
import { store } from '../store'

/** A spare that a closed job chose from the shelf, and that nobody has taken off it yet. */
export interface ToTakeOff {
  partId: string
  jobId: string
  machineId: string
  title: string
}

/** What is known of the spares beside their figures, where each went, and what is still to be taken off. */
export async function readSpares(): Promise<{
  spares: SpareRow[]
  used: { partId: string; at: string; title: string }[]
  toTakeOff: ToTakeOff[]
  machines: { id: string; title: string }[]
}> {
  const { db } = await store()
  const rows = await loadHouse(db)
  const titles = new Map(rows.machines.map((machine) => [machine.id, titleAndPlace(machine)]))
  const titleOf = (id: string) => titles.get(id) ?? 'a machine that is no longer there'
  const chosen = await aliveJobs(db)
    .innerJoin('candidate', 'candidate.jobId', 'job.id')
    .innerJoin('field', (join) =>
      join
        .onRef('field.jobId', '=', 'job.id')
        .onRef('field.typed', '=', 'candidate.id')
        .on('field.part', '=', 'choice'),
    )
    .select(['job.id as jobId', 'job.machineId', 'candidate.ref as partId'])
    .where('candidate.source', '=', 'shelf')
    .where('job.status', '=', 'closed')
    .where('job.result', 'in', ['runs', 'runs-with-remarks'])
    .execute()
  return {
    spares: rows.spares,
    used: rows.uses.map(({ partId, at, machineId }) => ({ partId, at, title: titleOf(machineId) })),
    toTakeOff: chosen
      .filter(
        ({ partId, jobId }) =>
          rows.counts.some(({ id, count }) => id === partId && count > 0) &&
          !rows.uses.some((use) => use.partId === partId && use.jobId === jobId),
      )
      .map((each) => ({ ...each, title: titleOf(each.machineId) })),
    machines: rows.machines.map(({ id }) => ({ id, title: titleOf(id) })),
  }
}

export interface Served extends Omit<Serving, 'partId'> {
  machineId: string
  title: string
}

/**
 * The machines in use that a spare serves, by the rules of a job: each is judged by what is fitted in it, else by its newest job.
 *
 * @throws CoreError `unknown-part`
 */
export async function servedBy(partId: string): Promise<{ machines: Served[]; asked: number }> {
  const { db } = await store()
  const part = (await readShelf()).find(({ id }) => id === partId)
  if (!part) throw new CoreError('unknown-part', 'There is no such part. It may have been removed.')
  const rows = await loadHouse(db)
  const newest = await aliveJobs(db).select(['id', 'machineId']).orderBy('openedAt').execute()
  const jobOf = new Map(newest.map(({ id, machineId }) => [machineId, id]))
  const inUse = machinesInUse(rows).filter(isGoodMachine)
  const machines: Served[] = []
  for (const machine of inUse) {
    const jobId = jobOf.get(machine.id)
    const [serving] = servingOf(
      {
        capacitors: part.capacitor ? [part.capacitor] : [],
        motors: part.motor ? [part.motor] : [],
      },
      {
        fitted: rows.fitted.filter(({ machineId }) => machineId === machine.id),
        newest: jobId === undefined ? null : await loadSnapshot(db, jobId).catch(() => null),
      },
    )
    if (serving) {
      const { partId: _, ...how } = serving
      machines.push({ machineId: machine.id, title: titleAndPlace(machine), ...how })
    }
    // Others are served between two machines.
    await new Promise((resolve) => setImmediate(resolve))
  }
  return { machines, asked: inUse.length }
}
