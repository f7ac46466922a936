import { type BadValue, badValuesOf } from '@/core/archive/values'
import { CoreError } from '@/core/errors'
import type { JobSnapshot } from '@/core/job'
import { listDeleted } from '@/data/alive'
import type { Database, Transaction } from '@/data/database'
import { loadSnapshot } from '@/data/jobs'

/**
 * A job of which every stored value can be. Nothing is worked out from one with a value that cannot: a time that is none would
 * make every question of how long ago it was come out as no.
 *
 * @returns null where there is none
 * @throws CoreError `damaged-job`, `deleted-job`
 */
export async function readableSnapshot(
  db: Database | Transaction,
  jobId: string,
): Promise<JobSnapshot | null> {
  const snapshot = await loadSnapshot(db, jobId)
  if (!snapshot) return null
  if (await isDeleted(db, snapshot))
    throw new CoreError('deleted-job', 'This job was deleted. It can be brought back under Household, Data.')
  const [bad] = badValuesOf(snapshot)
  if (bad) throw damaged(bad)
  return snapshot
}

const damaged = ({ table, column }: BadValue) =>
  new CoreError(
    'damaged-job',
    `A stored value of this job cannot be read (${column} of ${table}). Nothing is worked out from it: open the job to see what is wrong, take it along, or delete it.`,
    `${table}.${column}`,
  )

/** What of a job cannot be read; nothing where there is no such job. */
export async function damageOf(db: Database, jobId: string): Promise<BadValue[]> {
  const snapshot = await loadSnapshot(db, jobId)
  return snapshot ? badValuesOf(snapshot) : []
}

async function isDeleted(db: Database | Transaction, { job, machine }: JobSnapshot): Promise<boolean> {
  return (await listDeleted(db)).some(({ kind, id }) => id === (kind === 'job' ? job.id : machine.id))
}
