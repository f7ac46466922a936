import type { JobSnapshot, RowChange } from '../rows'

/** The present dead period by its name. */
export const periodOf = ({ job }: JobSnapshot): string => job.period ?? ''

/** Whether something was done in the present period; what no period is known of was not. */
export const isPresent = (snapshot: JobSnapshot, period: string | null): boolean =>
  period !== null && period === periodOf(snapshot)

/**
 * The changes of an act with the period ended: the job gets the next one, named by the time. Two that end in the same
 * millisecond have names of their own.
 */
export function withNextPeriod(snapshot: JobSnapshot, changes: RowChange[], at: string): RowChange[] {
  const { job } = snapshot
  const now = periodOf(snapshot)
  const period = now.startsWith(at) ? `${now}+` : at
  const own = changes.filter(({ table }) => table === 'job').at(-1)
  const after = { ...job, ...own?.after, period }
  return [...changes.filter((change) => change !== own), { table: 'job', id: job.id, before: job, after }]
}

/**
 * The period in which something was done out of reach: the present one where it has begun by then, else none that is known.
 *
 * @param done milliseconds since the epoch
 */
export function periodAt(snapshot: JobSnapshot, done: number): string | null {
  const period = periodOf(snapshot)
  return Date.parse(period.replaceAll('+', '')) <= done ? period : null
}
