import { hasWayBack } from '../../refit/inverse'
import type { JobSnapshot, LedgerRow } from '../rows'

/**
 * Lines of which an act of the way back is not done. A photo taken on the way in has none, nor has a screw that stays off. It
 * asks the table of inverses alone, so that a first load need not carry the planner of the way back.
 *
 * @example stillOut(snapshot).map(({ part }) => part) // ['front door']
 */
export const stillOut = (snapshot: JobSnapshot): LedgerRow[] =>
  snapshot.ledger.filter(
    (line) =>
      line.doneAt !== null &&
      line.backDoneAt === null &&
      !line.struckAt &&
      hasWayBack(line.action, Boolean(line.extra)),
  )
