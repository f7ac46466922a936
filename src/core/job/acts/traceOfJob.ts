import type { FastenerLook } from '../../refit/fastenerLook'
import { type TraceLine, traceFastener } from '../../refit/trace'
import { refitOf } from '../ledger/refitOf'
import type { JobSnapshot } from '../rows'

/**
 * The lines of a job that a screw in the hand may belong to, nearest first.
 *
 * @example traceOfJob(snapshot, { head: 'hex', size: '', length: 'long' }).map(({ part }) => part)
 */
export function traceOfJob(snapshot: JobSnapshot, seen: FastenerLook): TraceLine[] {
  return traceFastener(
    refitOf(snapshot).steps,
    snapshot.ledger
      .filter((row) => !row.struckAt)
      .map(({ id, part, action, fastener, cup, count, backDoneAt }) => ({
        id,
        part,
        action,
        fastener,
        cup,
        count,
        backDone: backDoneAt !== null,
      })),
    seen,
  )
}
