import { isValve } from '../../knowledge/isolation'
import type { BenchPart } from '../../refit/types'
import type { JobSnapshot, PointRow } from '../rows'
import { partsOut } from './bench'
import { isPresent } from './period'
import { standingPoints } from './place'

/**
 * An evening and a night. What was said of the power before that is asked again: others live in the house, and a breaker that
 * was off for days may be on.
 */
export const ASKED_AGAIN_MS = 12 * 3_600_000

const isOld = (at: string | null, now: number): boolean =>
  at !== null && now - Date.parse(at) >= ASKED_AGAIN_MS

/** Points that were opened, or seen open, so long ago that nobody knows what they are now. Valves stay as they were left. */
export const stalePoints = (snapshot: JobSnapshot, now: number): PointRow[] =>
  snapshot.job.phase === 'work'
    ? standingPoints(snapshot).filter(({ point, openedAt }) => !isValve(point) && isOld(openedAt, now))
    : []

export interface DaysLater {
  points: PointRow[]
  /** When one of them was last seen. */
  since: string
  /** Parts that lay on the bench then. */
  out: BenchPart[]
  /** Checks before power that were answered then, and have to be answered again. */
  checks: number
  /** Readings that were taken then, without power. */
  readings: number
}

/** What was said days ago and is asked again, as one list; null where nothing is. */
export function daysLaterOf(snapshot: JobSnapshot, now: number): DaysLater | null {
  const points = stalePoints(snapshot, now)
  const since = points
    .map(({ openedAt }) => openedAt ?? '')
    .sort()
    .at(-1)
  if (since === undefined || snapshot.job.status === 'closed') return null
  return {
    points,
    since,
    out: partsOut(snapshot),
    checks: snapshot.checks.filter(({ period, at }) => isPresent(snapshot, period) && isOld(at, now)).length,
    readings: snapshot.readings.filter(({ live, at }) => !live && isOld(at, now)).length,
  }
}
