import { badValuesOf, isGoodMachine } from '@/core/archive/values'
import { isId } from '@/core/job'
import type { MachineRow } from '@/core/job/rows'
import { type MachineStory, storyOf } from '@/core/machine/story'
import { aliveJobs, aliveMachines } from '@/data/alive'
import { loadSnapshot } from '@/data/jobs'
import { store } from './store'

export interface MachinePageRows {
  machine: MachineRow
  story: MachineStory
  /** Jobs of which a stored value cannot be read: they are told by their number alone. */
  unread: number
}

/** A page tells of so many jobs; a machine with more than these has its last ones. */
const MOST_JOBS = 60

/** A machine with the story of its jobs; null where there is none, or a stored value of it cannot be read. */
export async function readMachine(id: string): Promise<MachinePageRows | null> {
  if (!isId(id)) return null
  const { db } = await store()
  const machine = await aliveMachines(db).selectAll().where('id', '=', id).executeTakeFirst()
  if (!machine || !isGoodMachine(machine)) return null
  const jobs = await aliveJobs(db)
    .select('id')
    .where('machineId', '=', id)
    .orderBy('openedAt', 'desc')
    .limit(MOST_JOBS)
    .execute()
  const stored = await Promise.all(jobs.map((job) => loadSnapshot(db, job.id).catch(() => null)))
  // Nothing is told of a job with a value that cannot be: it takes itself out of the story and not the page.
  const readable = stored.flatMap((snapshot) =>
    snapshot && badValuesOf(snapshot).length === 0 ? [snapshot] : [],
  )
  return { machine, story: storyOf(readable), unread: jobs.length - readable.length }
}
