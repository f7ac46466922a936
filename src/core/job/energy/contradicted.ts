import { contradictionsIn } from '../../diagnose'
import { findingsOf } from '../evidence/derive'
import { oncePerSnapshot } from '../oncePerSnapshot'
import type { JobSnapshot } from '../rows'

/** Pairs of readings of this job that cannot both be true: the machine counts as live until they are read again or struck. */
export const contradictionsOf = oncePerSnapshot((snapshot: JobSnapshot) =>
  contradictionsIn(snapshot.machine.family, findingsOf(snapshot)),
)
