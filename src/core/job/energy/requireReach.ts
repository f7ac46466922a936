import { refusal } from '../acts/refusals'
import type { JobSnapshot } from '../rows'
import { gateProblem, type Reach } from './gate'

/**
 * Hands go in only while proved dead, discharged and waited.
 * @throws CoreError `not-proven` with what is missing first
 */
export function requireReach(snapshot: JobSnapshot, now: number, reach: Reach, what: string): void {
  const problem = gateProblem(snapshot, now, reach)
  if (problem === null) return
  throw reach.kind === 'bench'
    ? refusal('not-proven/bench', what, problem)
    : refusal('not-proven/machine', what, problem.replace(/\.$/, ''))
}
