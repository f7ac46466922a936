import { aliveJobs } from '@/data/alive'
import { store } from './store'

/** What is kept of a recording, and when it was made. */
export interface NormalSound {
  analysis: string
  at: string
}

/**
 * How a machine sounds on a good day: the last recording after a repair that ended well, or that was taken as its normal.
 *
 * @param except the job that asks: its own recording is no other day
 * @returns null where there is neither
 */
export async function normalSound(machineId: string, except: string): Promise<NormalSound | null> {
  const { db } = await store()
  const row = await aliveJobs(db)
    .innerJoin('sound', 'sound.jobId', 'job.id')
    .select(['sound.analysis', 'sound.at'])
    .where('job.machineId', '=', machineId)
    .where('job.id', '!=', except)
    .where('job.status', '=', 'closed')
    .where('job.result', 'in', ['runs', 'runs-with-remarks'])
    .where('sound.way', '=', 'after')
    .orderBy('sound.at', 'desc')
    .executeTakeFirst()
  const taken = await db
    .selectFrom('normal_sound')
    .select(['analysis', 'at'])
    .where('machineId', '=', machineId)
    .orderBy('at', 'desc')
    .executeTakeFirst()
  return (
    [row, taken].flatMap((each) => each ?? []).sort((one, two) => two.at.localeCompare(one.at))[0] ?? null
  )
}
