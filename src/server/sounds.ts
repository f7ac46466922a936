import { aliveJobs } from '@/data/alive'
import { store } from './store'

/** What is kept of a recording, and when it was made. */
export interface NormalSound {
  analysis: string
  at: string
}

/**
 * How a machine sounds on a good day: the last recording after a repair that ended well.
 *
 * @param except the job that asks: its own recording is no other day
 * @returns null where no job of it ended so with a recording
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
  return row ?? null
}
