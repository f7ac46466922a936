import { isGoodMachine } from '@/core/archive/values'
import { isId } from '@/core/job'
import type { JobSnapshot, MachineRow } from '@/core/job/rows'
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
  const snapshots: JobSnapshot[] = []
  let unread = 0
  for (const job of jobs) {
    const snapshot = await loadSnapshot(db, job.id).catch(() => null)
    if (snapshot && canBeTold(snapshot)) snapshots.push(snapshot)
    else unread++
  }
  return { machine, story: storyOf(snapshots), unread }
}

/** One damaged row takes its own job out of the story and not the page. */
function canBeTold(snapshot: JobSnapshot): boolean {
  try {
    storyOf([snapshot])
    return true
  } catch {
    return false
  }
}
