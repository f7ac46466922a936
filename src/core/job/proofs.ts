import { isolationPlans } from '../knowledge/isolation'
import { proofVerdict } from '../safety/proof'
import { hasSupplyPoint, onlyPlug, pairsOf, standingPoints, switchRole } from './place'
import type { JobSnapshot, ProofReadingRow, ProofRow } from './rows'

export type ProofStep =
  | 'begin'
  | 'tester-before'
  | 'switch-on'
  | 'read'
  | 'switch-off'
  | 'tester-after'
  | 'done'

export interface FeedProof {
  feed: number
  row: ProofRow | null
  pairs: string[]
  /** The reading that counts for each pair. */
  readings: Map<string, ProofReadingRow>
  /** What comes next. */
  step: ProofStep
  /** A reading that says it is not dead; the proof has failed. */
  live: ProofReadingRow | null
  /** Pairs that are still to be read, or to be read again on a low-impedance range. */
  open: string[]
  provenAt: number | null
}

/** The proof of a feed that stands, newest first. */
export const standingProof = (snapshot: JobSnapshot, feed = 1): ProofRow | null =>
  snapshot.proofs
    .filter((proof) => !proof.voidedAt && proof.feed === feed)
    .sort((one, two) => (one.startedAt < two.startedAt ? 1 : -1))[0] ?? null

/** When a point last opened, closed, came or went: what was read before that proves nothing. */
export const lastChange = (snapshot: JobSnapshot): number =>
  Math.max(
    0,
    ...snapshot.points.flatMap((point) =>
      [point.changedAt, point.openedAt, point.struckAt].flatMap((at) => (at ? [Date.parse(at)] : [])),
    ),
  )

/** How far the proof of one feed has come. The core compares the times: steps out of order do not count. */
export function feedProof(snapshot: JobSnapshot, feed: number): FeedProof {
  const row = standingProof(snapshot, feed)
  const pairs = pairsOf(snapshot, feed)
  const since = lastChange(snapshot)
  const all = row ? snapshot.proofReadings.filter((reading) => reading.proofId === row.id) : []
  const current = all.filter((reading) => !reading.replacedAt)
  const readings = new Map(current.map((reading) => [reading.pair, reading]))
  const { supply } = isolationPlans[snapshot.machine.family]
  const verdict = (reading: ProofReadingRow) =>
    reading.volts === null ? null : proofVerdict(reading.volts, supply)
  const live = all.find((reading) => verdict(reading) === 'live') ?? null
  // Once a pair has shown 5 to 30 V, only a low-impedance range can say that it is dead.
  const doubted = (pair: string) =>
    all.some((reading) => reading.pair === pair && verdict(reading) === 'not-proven')
  const after = (at: string | null, floor: number) => at !== null && Date.parse(at) >= floor
  const before = row && after(row.testerBeforeAt, since) ? Date.parse(row.testerBeforeAt!) : null
  const setOn = switchRole(snapshot) === 'set-on' && feed === 1
  const on = !setOn
    ? before
    : before !== null && after(row!.switchOnAt, before)
      ? Date.parse(row!.switchOnAt!)
      : null
  const dead = (pair: string) => {
    const reading = readings.get(pair)
    return (
      reading !== undefined &&
      on !== null &&
      after(reading.at, on) &&
      verdict(reading) === 'dead' &&
      (!doubted(pair) || reading.range === 'low-impedance')
    )
  }
  const open = pairs.filter((pair) => !dead(pair))
  const read = current.reduce((last, reading) => Math.max(last, Date.parse(reading.at)), on ?? 0)
  const off = !setOn ? read : row && after(row.switchOffAt, read) ? Date.parse(row.switchOffAt!) : null
  const step = ((): ProofStep => {
    if (!row) return 'begin'
    if (onlyPlug(snapshot)) return after(row.testerAfterAt, since) ? 'done' : 'tester-after'
    if (before === null) return 'tester-before'
    if (on === null) return 'switch-on'
    if (open.length > 0 || live) return 'read'
    if (off === null) return 'switch-off'
    return after(row.testerAfterAt, off) ? 'done' : 'tester-after'
  })()
  return {
    feed,
    row,
    pairs,
    readings,
    step,
    live,
    open,
    provenAt: step === 'done' ? Date.parse(row!.testerAfterAt!) : null,
  }
}

/** Every point that stands is open, and one of them parts the supply. */
export const allOpen = (snapshot: JobSnapshot): boolean => {
  const points = standingPoints(snapshot)
  return hasSupplyPoint(snapshot) && points.every((point) => point.openedAt !== null)
}
