import { SAFE_VOLTS } from '../capacitor/physics'
import { isolationPlans } from '../knowledge/isolation'
import { type EnergyState, vocabulary } from '../knowledge/vocabulary'
import { proofVerdict } from '../safety/proof'
import { pairsOf } from './plant'
import type { JobSnapshot, ProofRow } from './rows'
import { activeStops } from './stops'

/** A proof lasts until this long passes without a ticked act … */
const IDLE_MINUTES = 30
/** … and at most this long. */
const LONGEST_HOURS = 4
const MINUTE = 60_000

export interface Energy {
  state: EnergyState
  /** Proved dead, every charge read, every wait over: hands may go in. */
  handsIn: boolean
  provenAt: string | null
  holdsUntil: string | null
  expired: boolean
  /** The highest volts of the standing proof. */
  provenVolts: number | null
  openPoints: number
  allPoints: number
  /** What is still missing before hands may go in, in order. */
  missing: string[]
  /** A proof reading over the stop limit: nothing goes on before its source is found. */
  stop: { pair: string; volts: number } | null
  waitsUntil: string | null
}

/** The energy state of a job, worked out from what was done and measured. Never says that something is safe. */
export function energyOf(snapshot: JobSnapshot, now: number): Energy {
  const plan = isolationPlans[snapshot.machine.family]
  const points = snapshot.points.filter((point) => !point.struckAt)
  const open = points.filter((point) => point.openedAt)
  const allOpen = points.length > 0 && open.length === points.length
  const proof = standingProof(snapshot)
  const readings = proof ? snapshot.proofReadings.filter((reading) => reading.proofId === proof.id) : []
  const stopReading = readings.find(
    (reading) => reading.volts !== null && proofVerdict(reading.volts, plan.supply) === 'live',
  )
  const provenAt = provedAt(snapshot, proof)
  const holdsUntil = provenAt === null ? null : holdsUntilOf(snapshot, provenAt)
  const expired = holdsUntil !== null && now > holdsUntil
  const proven = allOpen && provenAt !== null && !expired && snapshot.job.phase === 'work'

  const missing: string[] = []
  const [stop] = activeStops(snapshot)
  if (stop) missing.push(`a stop stands: ${vocabulary.stopRules[stop.rule].label.toLowerCase()}`)
  for (const point of points) if (!point.openedAt) missing.push(`${point.label} is not open`)
  if (points.length === 0) missing.push('no isolation point is named')
  if (allOpen && expired) missing.push('the proof has run out: prove again')
  else if (allOpen && provenAt === null)
    missing.push(plan.plugIn ? 'confirm the plug in sight' : 'prove it dead')
  const charges = snapshot.charges.filter((charge) => !charge.struckAt)
  for (const charge of charges) {
    const stale =
      charge.readAt !== null &&
      provenAt !== null &&
      Date.parse(charge.readAt) < earliestOf(snapshot, provenAt)
    if (charge.volts === null || charge.volts >= SAFE_VOLTS || stale)
      missing.push(`${charge.label}: discharge it and read below ${SAFE_VOLTS} V DC`)
  }
  let waitsUntil: number | null = null
  for (const wait of snapshot.waits.filter((each) => !each.struckAt)) {
    const until = wait.startedAt === null ? null : Date.parse(wait.startedAt) + wait.minutes * MINUTE
    if (until === null) missing.push(`${wait.label}: start the ${wait.minutes} minute wait`)
    else if (until > now) {
      missing.push(`${wait.label}: ${Math.ceil((until - now) / MINUTE)} min to go`)
      waitsUntil = Math.max(waitsUntil ?? 0, until)
    }
  }
  return {
    state: stateOf(snapshot, open.length, allOpen, proven),
    handsIn: proven && missing.length === 0,
    provenAt: provenAt === null ? null : new Date(provenAt).toISOString(),
    holdsUntil: holdsUntil === null ? null : new Date(holdsUntil).toISOString(),
    expired,
    provenVolts: readings.length > 0 ? Math.max(...readings.map((reading) => reading.volts ?? 0)) : null,
    openPoints: open.length,
    allPoints: points.length,
    missing,
    stop: stopReading ? { pair: stopReading.pair, volts: stopReading.volts! } : null,
    waitsUntil: waitsUntil === null ? null : new Date(waitsUntil).toISOString(),
  }
}

function stateOf(snapshot: JobSnapshot, open: number, allOpen: boolean, proven: boolean): EnergyState {
  if (snapshot.job.phase !== 'work') return snapshot.job.phase
  if (proven) return 'proven-dead'
  if (allOpen) return 'isolated'
  return open > 0 ? 'isolating' : 'live'
}

/** The proof that was not voided, newest first. */
export function standingProof(snapshot: JobSnapshot): ProofRow | null {
  return (
    snapshot.proofs
      .filter((proof) => !proof.voidedAt)
      .sort((one, two) => (one.startedAt < two.startedAt ? 1 : -1))[0] ?? null
  )
}

/** When the proof was complete: tester tested, every pair dead, tester tested again. A plug in sight is its own proof. */
function provedAt(snapshot: JobSnapshot, proof: ProofRow | null): number | null {
  if (!proof) return null
  const plan = isolationPlans[snapshot.machine.family]
  if (onlyPlug(snapshot)) return proof.testerAfterAt ? Date.parse(proof.testerAfterAt) : null
  if (!proof.testerBeforeAt || !proof.testerAfterAt) return null
  const readings = snapshot.proofReadings.filter((reading) => reading.proofId === proof.id)
  const allDead =
    pairsOf(snapshot).every((pair) => readings.some((reading) => reading.pair === pair)) &&
    readings.every((reading) => reading.volts !== null && proofVerdict(reading.volts, plan.supply) === 'dead')
  return allDead ? Date.parse(proof.testerAfterAt) : null
}

/** Plug-connected: the plug out, in sight and tied back, proves the mains side. */
export function onlyPlug(snapshot: JobSnapshot): boolean {
  const feeds = snapshot.points.filter(
    (point) =>
      !point.struckAt &&
      ['plug', 'breaker', 'fuse', 'disconnect', 'battery', 'shore-power'].includes(point.point),
  )
  return feeds.length > 0 && feeds.every((point) => point.point === 'plug')
}

/** Acts that keep a proof alive: ledger ticks and readings. */
function holdsUntilOf(snapshot: JobSnapshot, provenAt: number): number {
  const acts = [
    ...snapshot.ledger.flatMap((line) => [line.doneAt, line.backDoneAt]),
    ...snapshot.readings.map((reading) => reading.at),
    ...snapshot.charges.map((charge) => charge.readAt),
  ].flatMap((at) => (at ? [Date.parse(at)] : []))
  let alive = provenAt
  for (const at of acts.filter((each) => each > provenAt).sort((one, two) => one - two)) {
    if (at - alive > IDLE_MINUTES * MINUTE) break
    alive = at
  }
  return Math.min(alive + IDLE_MINUTES * MINUTE, provenAt + LONGEST_HOURS * 60 * MINUTE)
}

/** A discharge counts for this isolation: since its first point was opened. */
function earliestOf(snapshot: JobSnapshot, provenAt: number): number {
  const opened = snapshot.points.flatMap((point) =>
    point.openedAt && !point.struckAt ? [Date.parse(point.openedAt)] : [],
  )
  return opened.length > 0 ? Math.min(...opened) : provenAt
}
