import { isolationPlans, isValve } from '../../knowledge/isolation'
import { type ProofVerdict, pairVerdict } from '../../safety/proof'
import type { JobSnapshot, LedgerRow, ProofReadingRow, ProofRow } from '../rows'
import { hasSupplyPoint, onlyPlug, pairsOf, standingPoints, switchRole } from './place'

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
    ...snapshot.points
      .filter(({ point }) => !isValve(point))
      .flatMap((point) =>
        [point.changedAt, point.openedAt, point.struckAt].flatMap((at) => (at ? [Date.parse(at)] : [])),
      ),
  )

/** A proof is done in one go: from the first check of the tester to the last, over all circuits. */
export const ONE_GO_MS = 30 * 60_000

const verdictOf = (snapshot: JobSnapshot, { pair, volts }: ProofReadingRow): ProofVerdict =>
  pairVerdict(pair, volts, isolationPlans[snapshot.machine.family].supply)

/** A repeat on a range that loads the circuit, of the same pair, says of what was read before that it is only induced. */
const isInduced = (snapshot: JobSnapshot, all: ProofReadingRow[], reading: ProofReadingRow): boolean =>
  isolationPlans[snapshot.machine.family].supply === 'mains' &&
  reading.current === 'ac' &&
  all.some(
    (later) =>
      later.pair === reading.pair &&
      later.at >= reading.at &&
      later.id !== reading.id &&
      later.mistyped === null &&
      later.range === 'low-impedance' &&
      verdictOf(snapshot, later) === 'dead',
  )

/** The readings of a proof that say it is live, as long as no repeat says otherwise and nobody mistyped them. */
const liveReadings = (snapshot: JobSnapshot, proofId: string): ProofReadingRow[] => {
  const all = snapshot.proofReadings.filter((reading) => reading.proofId === proofId)
  return all.filter(
    (reading) =>
      reading.mistyped === null &&
      verdictOf(snapshot, reading) === 'live' &&
      !isInduced(snapshot, all, reading),
  )
}

/**
 * A reading that said live, of any proof, after which no point was opened or added: what feeds it has not been found, and
 * another proof would prove nothing.
 */
export const stillLive = (snapshot: JobSnapshot): ProofReadingRow | null =>
  snapshot.proofs
    .flatMap((proof) => liveReadings(snapshot, proof.id))
    .find((reading) => Date.parse(reading.at) >= lastOpened(snapshot)) ?? null

/** When a point was last opened. */
const lastOpened = (snapshot: JobSnapshot): number =>
  Math.max(
    0,
    ...snapshot.points.flatMap(({ point, openedAt }) =>
      openedAt && !isValve(point) ? [Date.parse(openedAt)] : [],
    ),
  )

/** How far the proof of one feed has come. The core compares the times: steps out of order do not count. */
export function feedProof(snapshot: JobSnapshot, feed: number): FeedProof {
  const row = standingProof(snapshot, feed)
  const pairs = pairsOf(snapshot, feed)
  const since = lastChange(snapshot)
  const all = row ? snapshot.proofReadings.filter((reading) => reading.proofId === row.id) : []
  const current = all.filter((reading) => !reading.replacedAt && reading.mistyped === null)
  const readings = new Map(current.map((reading) => [reading.pair, reading]))
  const live = row ? (liveReadings(snapshot, row.id)[0] ?? null) : null
  // Once a pair has shown 5 V and more, only a range that loads the circuit can say that it is dead.
  const doubted = (pair: string) =>
    all.some(
      (reading) =>
        reading.pair === pair && reading.mistyped === null && verdictOf(snapshot, reading) !== 'dead',
    )
  const after = (at: string | null, floor: number) => at !== null && Date.parse(at) >= floor
  const timeOf = (at: string | null, floor: number) =>
    at !== null && after(at, floor) ? Date.parse(at) : null
  const before = timeOf(row?.testerBeforeAt ?? null, since)
  const setOn = switchRole(snapshot, feed) === 'set-on'
  const on = !setOn ? before : before === null ? null : timeOf(row?.switchOnAt ?? null, before)
  const dead = (pair: string) => {
    const reading = readings.get(pair)
    return (
      reading !== undefined &&
      on !== null &&
      after(reading.at, on) &&
      verdictOf(snapshot, reading) === 'dead' &&
      (!doubted(pair) || reading.range === 'low-impedance')
    )
  }
  const open = pairs.filter((pair) => !dead(pair))
  const read = current.reduce((last, reading) => Math.max(last, Date.parse(reading.at)), on ?? 0)
  const off = setOn ? timeOf(row?.switchOffAt ?? null, read) : read
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
    provenAt: step === 'done' && row?.testerAfterAt ? Date.parse(row.testerAfterAt) : null,
  }
}

/** From the first check of the tester to the last of all circuits, in milliseconds; 0 where none has begun. */
export function spanOf(proofs: FeedProof[]): number {
  const begun = proofs.flatMap(({ row }) => (row?.testerBeforeAt ? [Date.parse(row.testerBeforeAt)] : []))
  const ended = proofs.flatMap(({ provenAt }) => (provenAt === null ? [] : [provenAt]))
  return begun.length === 0 || ended.length === 0 ? 0 : Math.max(...ended) - Math.min(...begun)
}

/** Covers that stand before the proof place and are in the ledger, but not ticked off: nobody can have read behind them. */
export const coversOn = (snapshot: JobSnapshot): LedgerRow[] =>
  snapshot.ledger.filter(
    (line) => line.access === 'before-proof' && line.cover !== null && !line.struckAt && line.doneAt === null,
  )

/** Every point that stands is open, and one of them parts the supply. */
export const allOpen = (snapshot: JobSnapshot): boolean => {
  const points = standingPoints(snapshot)
  return hasSupplyPoint(snapshot) && points.every((point) => point.openedAt !== null)
}
