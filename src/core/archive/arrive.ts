import type { By } from '../job'
import { rowChange } from '../job/acts/changes'
import { logged } from '../job/acts/log'
import { pointsClosed } from '../job/energy/phaseActs'
import { voidAll } from '../job/energy/voiding'
import type { JobSnapshot } from '../job/rows'
import { withChanges } from '../job/snapshot'
import { isValve } from '../knowledge/isolation'

const REASON = 'the job came out of an archive'

/**
 * A job as it may stand after it came out of an archive. What a file says of power is no assertion: nobody here opened,
 * held, proved or discharged anything, so an open job is made dead anew. A closed one stays as it was.
 *
 * @param at ISO time of its arrival
 * @param reason as the record gives it
 */
export function arrived(snapshot: JobSnapshot, at: string, by: By, reason = REASON): JobSnapshot {
  if (snapshot.job.status === 'closed') return snapshot
  const working = {
    ...snapshot,
    job: { ...snapshot.job, phase: 'work' as const, period: at, energyJob: null, handsIn: 0 as const },
  }
  const [closed, voided] = [pointsClosed(working, at), voidAll(working, at, reason)]
  // Nobody here shut a cock, and nobody opened one either: it is simply not known, and the record says nothing of it.
  const unknown = working.points
    .filter(({ point, openedAt }) => isValve(point) && openedAt)
    .map((point) =>
      rowChange(working, 'points', point.id, { ...point, openedAt: null, held: '', changedAt: at }),
    )
  return withChanges(working, [
    ...closed.changes,
    ...unknown,
    ...voided.changes,
    ...logged(working, at, by, [...closed.log, ...voided.log]),
  ])
}
