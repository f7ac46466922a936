import { CoreError } from '../errors'
import { energyOf } from './energy'
import type { JobSnapshot } from './rows'

/**
 * Hands go in only while proved dead, discharged and waited. A part on the bench is never gated.
 * @throws CoreError `not-proven` with what is missing first
 */
export function requireHandsIn(snapshot: JobSnapshot, now: number, what: string): void {
  const energy = energyOf(snapshot, now)
  if (energy.handsIn) return
  const first =
    energy.state === 'live-test' || energy.state === 'in-service' || energy.state === 'closing-up'
      ? 'the power may be on'
      : (energy.missing[0] ?? 'it is not proved dead')
  throw new CoreError(
    'not-proven',
    `${what} needs hands in the machine, and ${first}. Go to Make dead first.`,
  )
}
