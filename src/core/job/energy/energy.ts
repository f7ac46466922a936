import { SAFE_VOLTS } from '../../capacitor/physics'
import { leastMinutes } from '../../isolation'
import { breakWords, pointName } from '../../knowledge/breakWords'
import { type EnergyState, vocabulary } from '../../knowledge/vocabulary'
import type { ChargeRow, Cover, JobSnapshot } from '../rows'
import { chargeLabels } from './chargeLabels'
import { storedVolts } from './chargePairs'
import { contradictionsOf } from './contradicted'
import { stalePoints } from './daysLater'
import {
  feedsOf,
  hasSupplyPoint,
  missingCharges,
  missingWaits,
  neededCharges,
  neededWaits,
  onlyPlug,
  planAnswer,
  standingPoints,
  unansweredPlan,
} from './place'
import { planQuestions } from './planQuestions'
import { allOpen, coversOn, type FeedProof, feedProof, lastChange, ONE_GO_MS, spanOf } from './proofs'
import { activeStops } from './stops'

/** A proof lasts until this long passes without a ticked act … */
const IDLE_MINUTES = 30
/** … and at most this long. */
const LONGEST_HOURS = 4
export const MINUTE = 60_000

export interface Energy {
  state: EnergyState
  /** Proved dead, every charge read, every wait over: hands may go in. */
  handsIn: boolean
  /** Every point is open and held: covers before the proof place may come off, nothing behind them is touched. */
  coversBeforeProof: boolean
  /** Proved dead: covers before a capacitor or module may come off, and the charge may be emptied. */
  coversBeforeDischarge: boolean
  provenAt: string | null
  holdsUntil: string | null
  expired: boolean
  /** The highest volts of the standing proof. */
  provenVolts: number | null
  openPoints: number
  allPoints: number
  proofs: FeedProof[]
  /** What is still missing before hands may go in, in order. */
  missing: string[]
  /** What is still missing apart from the mains: charges and waits, which go with a part to the bench. */
  stored: string[]
  /** Of these the charges alone, which is all that a capacitor on the bench takes along. */
  charged: string[]
  /** Charges that stand against hands in the machine: one that was emptied on the bench is read anew inside it. */
  chargedInside: string[]
  /** A proof reading over the stop limit, null volts for over-range: nothing goes on before its source is found. */
  stop: { pair: string; volts: number | null } | null
  waitsUntil: string | null
}

export interface EnergyOptions {
  /** Acts told late count for what they covered themselves, never for how long a proof lasts now. */
  countLate?: boolean
}

/** The energy state of a job, worked out from what was done and measured. Never says that something is safe. */
export function energyOf(
  snapshot: JobSnapshot,
  now: number,
  { countLate = false }: EnergyOptions = {},
): Energy {
  const points = standingPoints(snapshot)
  const open = points.filter((point) => point.openedAt)
  const off = allOpen(snapshot)
  const proofs = Array.from({ length: feedsOf(snapshot.fields) }, (_, index) =>
    feedProof(snapshot, index + 1),
  )
  const live = proofs.find((proof) => proof.live !== null)?.live ?? null
  const provenAt = provedAt(snapshot, proofs)
  const holdsUntil = provenAt === null ? null : holdsUntilOf(snapshot, provenAt, countLate)
  // A proof of the future was made by another clock: nothing is known of how old it is.
  const expired = holdsUntil !== null && provenAt !== null && (now > holdsUntil || provenAt > now + MINUTE)
  const contradicted = contradictionsOf(snapshot)
  // What was off days ago may be on: a proof that still holds was made since, else each is looked at again.
  const stale = provenAt !== null && !expired ? [] : stalePoints(snapshot, now)
  const isolated =
    off &&
    snapshot.job.phase === 'work' &&
    points.every((point) => point.held.trim() !== '') &&
    stale.length === 0
  const told = live === null && contradicted.length === 0
  const proven = isolated && told && provenAt !== null && !expired
  const inside = storedOf(snapshot, now, lastChange(snapshot))
  const { stored: storedInside, waitsUntil } = inside
  // A part that lies on the bench keeps what it was emptied of, whatever happened at the machine.
  const { stored, charged } = storedOf(snapshot, now, 0)
  const stops = activeStops(snapshot).filter((stop) => stop.scope !== 'live')
  const missing = [
    ...stops
      .slice(0, 1)
      .map((stop) => `a stop stands: ${vocabulary.stopRules[stop.rule].label.toLowerCase()}`),
    ...contradicted.slice(0, 1).map(({ text }) => text),
    ...missingPoints(snapshot),
    ...stale.map(({ label }) => `look at it again, and say whether it is still off: ${pointName(label)}`),
    ...(isolated ? missingAnswers(snapshot) : []),
    ...(isolated ? missingCovers(snapshot) : []),
    ...(isolated ? missingProof(snapshot, proofs, expired) : []),
    ...storedInside,
  ]
  return {
    state: stateOf(snapshot, open.length, isolated && told, proven),
    handsIn: proven && missing.length === 0,
    coversBeforeProof: isolated && told && stops.length === 0,
    coversBeforeDischarge: proven && stops.length === 0,
    provenAt: provenAt === null ? null : new Date(provenAt).toISOString(),
    holdsUntil: holdsUntil === null ? null : new Date(holdsUntil).toISOString(),
    expired,
    provenVolts: highest(proofs),
    openPoints: open.length,
    allPoints: points.length,
    proofs,
    missing,
    stored,
    charged,
    chargedInside: inside.charged,
    stop: live === null ? null : { pair: live.pair, volts: live.volts },
    waitsUntil: waitsUntil === null ? null : new Date(waitsUntil).toISOString(),
  }
}

function stateOf(snapshot: JobSnapshot, open: number, isolated: boolean, proven: boolean): EnergyState {
  if (snapshot.job.phase === 'live-test' || snapshot.job.phase === 'in-service') return snapshot.job.phase
  if (snapshot.job.phase === 'closing-up') return 'closing-up'
  if (proven) return 'proven-dead'
  if (isolated) return 'isolated'
  // A reading that says it is live, or two that cannot both be true: it is live, whatever is open.
  if (allOpen(snapshot) && snapshot.points.some((point) => !point.struckAt && point.held.trim() === ''))
    return 'isolating'
  return open > 0 && !allOpen(snapshot) ? 'isolating' : 'live'
}

function missingPoints(snapshot: JobSnapshot): string[] {
  const points = standingPoints(snapshot)
  if (!hasSupplyPoint(snapshot))
    return ['no plug, breaker, fuse, disconnect or battery of this machine is named']
  return [
    ...points
      .filter((point) => !point.openedAt)
      .map((point) => `${pointName(point.label)} is not ${breakWords[point.point].open} yet`),
    ...points
      .filter((point) => point.openedAt && point.held.trim() === '')
      .map((point) => `nobody said yet how it is held: ${pointName(point.label)}`),
  ]
}

function missingProof(snapshot: JobSnapshot, proofs: FeedProof[], expired: boolean): string[] {
  if (expired) return ['the proof has run out: prove again']
  if (spanOf(proofs) > ONE_GO_MS)
    return ['the proof took longer than half an hour: begin it again with the tester, all circuits in one go']
  if (proofs.every((proof) => proof.provenAt !== null) && !lacksEarth(snapshot)) return []
  if (onlyPlug(snapshot)) return ['confirm the plug in sight']
  if (lacksEarth(snapshot))
    return ['there is nothing to read against but the other wire: bring a known earth by a long lead']
  const [next] = proofs.filter((proof) => proof.provenAt === null)
  return [proofs.length > 1 && next ? `prove circuit ${next.feed} dead` : 'prove it dead']
}

/** Unanswered is not answered: nothing is taken for granted of where a machine may be fed from. */
const missingAnswers = (snapshot: JobSnapshot): string[] =>
  unansweredPlan(snapshot).map((field) => `answer first: ${planQuestions[field]}`)

/** What was read behind a cover that is said to be on proves nothing. */
const missingCovers = (snapshot: JobSnapshot): string[] =>
  onlyPlug(snapshot)
    ? []
    : coversOn(snapshot).map(({ part }) => `tick it off first, the proof place lies behind it: ${part}`)

/** Without ground or a known earth a proof does not stand on one pair alone. A battery is read plus to minus. */
const lacksEarth = (snapshot: JobSnapshot): boolean =>
  !onlyPlug(snapshot) && planAnswer(snapshot, 'earth') === 'none'

/**
 * Charges not below 5 V DC, and waits that have not run out.
 * @param floor what was read or begun before this instant does not count inside the machine: it was done on the bench
 */
function storedOf(
  snapshot: JobSnapshot,
  now: number,
  floor: number,
): { stored: string[]; charged: string[]; waitsUntil: number | null } {
  const stored: string[] = []
  let waitsUntil: number | null = null
  const old = (at: string | null) => at !== null && Date.parse(at) < floor
  for (const charge of neededCharges(snapshot))
    if (!isEmpty(snapshot, charge) || old(charge.readAt))
      stored.push(`${charge.label}: discharge it and read below ${SAFE_VOLTS} V DC`)
  for (const holds of missingCharges(snapshot))
    stored.push(`${chargeLabels[holds]}: add its line under Discharge`)
  const charged = [...stored]
  for (const wait of missingWaits(snapshot)) stored.push(`${wait.label}: add the wait of ${wait.minutes} min`)
  for (const wait of neededWaits(snapshot)) {
    const until =
      wait.startedAt === null || old(wait.startedAt)
        ? null
        : Date.parse(wait.startedAt) +
          Math.max(wait.minutes, leastMinutes(snapshot.machine, wait.kind)) * MINUTE
    if (until === null) stored.push(`${wait.label}: start the ${wait.minutes} minute wait`)
    else if (until > now) {
      stored.push(`${wait.label}: ${Math.ceil((until - now) / MINUTE)} min to go`)
      waitsUntil = Math.max(waitsUntil ?? 0, until)
    }
  }
  return { stored, charged, waitsUntil }
}

/** Below 5 V at each pair of its terminals that the label names now: a label that came later asks for the rest. */
const isEmpty = (snapshot: JobSnapshot, charge: ChargeRow): boolean => {
  const volts = storedVolts(snapshot, charge)
  return volts !== null && volts < SAFE_VOLTS
}

/** When the last feed was proved, where all of them are. */
function provedAt(snapshot: JobSnapshot, proofs: FeedProof[]): number | null {
  if (lacksEarth(snapshot) || proofs.some((proof) => proof.provenAt === null)) return null
  if (spanOf(proofs) > ONE_GO_MS) return null
  return Math.max(...proofs.map((proof) => proof.provenAt ?? 0))
}

const highest = (proofs: FeedProof[]): number | null => {
  const volts = proofs.flatMap((proof) => [...proof.readings.values()].map((reading) => reading.volts ?? 0))
  return volts.length > 0 ? Math.max(...volts) : null
}

/** Acts that keep a proof alive: ledger ticks and readings that it covered, told when they were done. */
function holdsUntilOf(snapshot: JobSnapshot, provenAt: number, countLate: boolean): number {
  const counts = (cover: Cover) => cover === '' || (countLate && cover === 'late')
  const acts = [
    ...snapshot.ledger.flatMap((line) => [
      counts(line.doneCover) ? line.doneAt : null,
      counts(line.backCover) ? line.backDoneAt : null,
    ]),
    ...snapshot.readings.filter(({ cover, live }) => counts(cover) && !live).map((reading) => reading.at),
    ...snapshot.charges.map((charge) => charge.readAt),
  ].flatMap((at) => (at ? [Date.parse(at)] : []))
  const first = Math.min(
    provenAt,
    ...Array.from(
      { length: feedsOf(snapshot.fields) },
      (_, index) => feedProof(snapshot, index + 1).provenAt ?? provenAt,
    ),
  )
  let alive = provenAt
  for (const at of acts.filter((each) => each > provenAt).sort((one, two) => one - two)) {
    if (at - alive > IDLE_MINUTES * MINUTE) break
    alive = at
  }
  return Math.min(alive + IDLE_MINUTES * MINUTE, first + LONGEST_HOURS * 60 * MINUTE)
}
