import { KEPT_AS, type OwnWay, ownWayOf } from '@/core/job/ledger/ownWay'
import { loadSnapshot } from '@/data/jobs'
import { jobsWithKeptWay } from '@/data/ways'
import { readJob } from './jobs'
import { store } from './store'

/** More than a household keeps of one kind of machine. */
const MOST = 20

/**
 * The ways in that were kept at machines of this job's kind, in other jobs, the newest first.
 *
 * @throws CoreError `unknown-job`
 */
export async function keptWays(jobId: string): Promise<OwnWay[]> {
  const { db } = await store()
  const { snapshot } = await readJob(jobId)
  const found = await jobsWithKeptWay(db, snapshot.machine.family, KEPT_AS)
  const others = found.filter(({ id }) => id !== jobId).slice(0, MOST)
  const ways = await Promise.all(
    others.map(async ({ id }) => {
      const other = await loadSnapshot(db, id)
      return other ? ownWayOf(other) : null
    }),
  )
  return ways.filter((way) => way !== null)
}
