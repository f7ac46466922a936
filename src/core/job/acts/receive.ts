import type { Cover, JobSnapshot, LogKind } from '../rows'
import { reachOf, ruleOf } from './actRules'
import type { Act, By, Planned } from './actTypes'
import { coveredThen } from './coverThen'
import { planAct } from './plan'
import { refusal } from './refusals'

/** An act as a page sends it: with an id of its own, and how long ago it was done. */
export interface Envelope {
  id: string
  act: Act
  /** Milliseconds between doing and sending, sleep included; below zero where the clock went back. */
  ageMs: number
  /** What the text field held that it types into, as its window showed it. */
  was?: string
}

/** What asserts that something is off, dead or over is stored only while it is fresh. */
export const FRESH_MS = 3 * 60_000
/** The last entry of a record may lie so far before the clock of the server, and no farther. */
const CLOCK_SLACK_MS = 5000
/** What hands did longer ago than this was done out of reach, and is judged by the proof as it stood then. */
const AT_ONCE_MS = 10_000

/**
 * Plan an act that reaches the server with its age. The server's time less the age is when it was done; the order is the
 * order in which the server takes them.
 *
 * @param serverNow milliseconds since the epoch by the server's clock
 * @throws CoreError `too-old` where an assertion about energy has grown older than three minutes or claims to come from
 * the future, or where the clock of the server stands before the last entry: it is shown and done anew; else as `planAct`
 */
export function receive(snapshot: JobSnapshot, { act, ageMs }: Envelope, serverNow: number, by: By): Planned {
  const { energy } = ruleOf(act)
  if (energy === 'asserts') {
    if (!(ageMs >= 0 && ageMs <= FRESH_MS)) throw refusal(ageMs >= 0 ? 'too-old/late' : 'too-old/clock')
    const next = afterLast(snapshot)
    // A clock that was set back would make it younger than it is: what follows in the record is dated behind the last entry.
    if (next > serverNow + CLOCK_SLACK_MS) throw refusal('too-old/behind')
    const done = serverNow - ageMs
    if (overtaken(snapshot, done, by)) throw refusal('overtaken')
    return planAct(snapshot, act, Math.max(done, next), by)
  }
  // Power that may be back is back from the moment at which it becomes known.
  if (energy === 'reverts') return planAct(snapshot, act, Math.max(serverNow, afterLast(snapshot)), by)
  const age = Math.max(0, Number.isFinite(ageMs) ? ageMs : 0)
  const done = serverNow - age
  if (energy === 'plain' || age <= AT_ONCE_MS) return planAct(snapshot, act, done, by)
  const reach = reachOf(snapshot, act)
  const cover: Cover = reach && !coveredThen(snapshot, done, reach) ? 'none' : 'late'
  return planAct(snapshot, act, done, { ...by, cover })
}

/** What tells that power may have come back, or that a plan changed. */
const reverting: LogKind[] = [
  'closed',
  'restored',
  'added',
  'voided',
  'phase',
  'proof-failed',
  'part-back',
  'stop-raised',
  'taken-back',
  'done-again',
]

/** An assertion is overtaken where another window reverted something after it was done and before it came here. */
const overtaken = (snapshot: JobSnapshot, done: number, by: By): boolean => {
  const at = new Date(done).toISOString()
  return snapshot.log.some((row) => row.window !== by.window && row.at > at && reverting.includes(row.kind))
}

/** A millisecond after the last entry of the record: two acts are never at the same instant, so that times tell their order. */
const afterLast = (snapshot: JobSnapshot): number => {
  const last = snapshot.log
    .map(({ at }) => at)
    .sort()
    .at(-1)
  return last ? Date.parse(last) + 1 : 0
}
