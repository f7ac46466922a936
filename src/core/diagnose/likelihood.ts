import { type Given, givens } from '../knowledge/given'
import { leaks, uninformative } from '../knowledge/leaks'
import { likelihoods } from '../knowledge/likelihoods'
import { type CauseId, type ObservationId, observationInfo } from '../knowledge/vocabulary'
import { takenFor } from './takenFor'
import { BY_RECORDING, type Findings } from './types'

/** Observations of a part, and the causes that need that part: "not fitted" strikes just those. */
const partCauses: Partial<Record<ObservationId, CauseId[]>> = {
  'contactor-position': ['contactor-coil-open', 'contactor-contacts-bad'],
  'safety-switches': ['safety-switch-open'],
  'wall-switch': ['wall-switch-or-pull-chain'],
  'capacitor-look': [
    'capacitor-weak',
    'capacitor-open',
    'capacitor-shorted',
    'speed-capacitor-failed',
    'wrong-capacitor',
    'capacitor-other-section-failed',
    'start-capacitor-failed',
  ],
  'brush-length': ['brushes-worn'],
  damper: ['damper-stuck'],
  'drain-and-tube': ['pressure-tube-or-drain'],
  belt: ['belt-worn'],
}
const NOT_FITTED = ['not-fitted', 'none-fitted']

export function isInformative(observation: ObservationId, value: string): boolean {
  return !(uninformative[observation] ?? []).includes(value)
}

const telling: Partial<Record<ObservationId, string[]>> = {}

/** Values of an observation that carry information, in the vocabulary's order. */
export function tellingValues(observation: ObservationId): string[] {
  const known = telling[observation]
  if (known) return known
  const values = observationInfo(observation).values.filter(
    (value) => isInformative(observation, value) && !NOT_FITTED.includes(value),
  )
  telling[observation] = values
  return values
}

/** Never quite nothing: people misread. */
const LEAST = 0.0005
/** A value that another finding rules out: somebody misread, whatever the cause. */
const MISREAD = 0.005

const NOTHING_KNOWN: Findings = {}

/**
 * P(value | cause, what is known already). What a cause does not name is left to the leak; what another finding settles is
 * the same under every cause, so that one fact is not counted twice.
 */
export function likelihood(
  cause: CauseId,
  observation: ObservationId,
  value: string,
  findings: Findings = NOTHING_KNOWN,
): number {
  if (!tellingValues(observation).includes(value)) return alone(cause, observation, value)
  return readingOf(
    observation,
    value,
    findings,
  )(sharesOf(settledBy(observation, findings), observation, cause))
}

/**
 * What a row of shares says of a value: its own share, or, where a recording told it, what each sound is taken for so often.
 */
function readingOf(
  observation: ObservationId,
  value: string,
  findings: Findings,
): (shares: number[]) => number {
  const values = tellingValues(observation)
  const sure = findings[BY_RECORDING]
  if (observation !== 'sound' || !sure || findings.sound !== value) {
    const place = values.indexOf(value)
    return (shares) => shares[place]!
  }
  const weights = values.map((truth) => takenFor(truth, value, sure))
  return (shares) => weights.reduce((sum, weight, place) => sum + weight * shares[place]!, 0)
}

type ByCause = Partial<Record<CauseId, number[]>>
/** For causes alone and for each entry of `givens`: shares in the order of the telling values, worked out once. */
const cache = new Map<Given | null, Partial<Record<ObservationId, ByCause>>>()

function sharesOf(given: Given | null, observation: ObservationId, cause: CauseId): number[] {
  let table = cache.get(given)
  if (!table) {
    table = {}
    cache.set(given, table)
  }
  let byCause = table[observation]
  if (!byCause) {
    byCause = {}
    table[observation] = byCause
  }
  let shares = byCause[cause]
  if (!shares) {
    shares = tellingValues(observation).map((value) => compute(cause, observation, value, given))
    byCause[cause] = shares
  }
  return shares
}

/** The finding that already says something of the observation, if there is one. */
export function settledBy(observation: ObservationId, findings: Findings): Given | null {
  for (const given of byChild[observation] ?? [])
    if (given.values.includes(findings[given.finding] ?? '')) return given
  return null
}

const byChild: Partial<Record<ObservationId, Given[]>> = {}
/** Observations whose meaning depends on this one. */
const dependents: Partial<Record<ObservationId, ObservationId[]>> = {}
for (const given of givens) {
  byChild[given.of] = [...(byChild[given.of] ?? []), given]
  if (!given.after) dependents[given.finding] = [...new Set([...(dependents[given.finding] ?? []), given.of])]
}

/** P(value | cause, what is known already) of several causes at once, in their order. */
export function likelihoodsOf(
  causes: CauseId[],
  observation: ObservationId,
  value: string,
  findings: Findings,
): number[] {
  if (!tellingValues(observation).includes(value))
    return causes.map((cause) => alone(cause, observation, value))
  const given = settledBy(observation, findings)
  const reading = readingOf(observation, value, findings)
  return causes.map((cause) => reading(sharesOf(given, observation, cause)))
}

/**
 * What each telling value of a finding yet to come would multiply each cause by: its own likelihood, and what it changes in
 * the meaning of findings that are there already. A row for each cause, sum 1 or nearly.
 */
export function expectedShares(
  causes: CauseId[],
  observation: ObservationId,
  findings: Findings,
): number[][] {
  const given = settledBy(observation, findings)
  const rows = causes.map((cause) => sharesOf(given, observation, cause))
  const known = dependents[observation]?.filter((of) => findings[of] !== undefined) ?? []
  if (known.length === 0) return rows
  const values = tellingValues(observation)
  const changes = known.map((of) => {
    const now = likelihoodsOf(causes, of, findings[of]!, findings)
    return values.map((value) =>
      likelihoodsOf(causes, of, findings[of]!, { ...findings, [observation]: value }).map(
        (then, index) => then / now[index]!,
      ),
    )
  })
  return rows.map((row, index) =>
    row.map((share, place) => changes.reduce((product, change) => product * change[place]![index]!, share)),
  )
}

function compute(cause: CauseId, observation: ObservationId, value: string, given: Given | null): number {
  if (!given || given.except?.includes(cause) || !tellingValues(observation).includes(value))
    return alone(cause, observation, value)
  if (given.shares) return given.shares[value] ?? MISREAD
  const left = tellingValues(observation).filter((each) => !given.rulesOut!.includes(each))
  if (!left.includes(value)) return MISREAD
  const sum = left.reduce((total, each) => total + alone(cause, observation, each), 0)
  return Math.max(LEAST, ((1 - MISREAD) * alone(cause, observation, value)) / sum)
}

function alone(cause: CauseId, observation: ObservationId, value: string): number {
  if (!isInformative(observation, value)) return 1
  if (NOT_FITTED.includes(value)) return partCauses[observation]?.includes(cause) ? 0.01 : 1
  const leak = leaks[observation]
  const values = tellingValues(observation)
  const named = likelihoods[cause]?.[observation]
  const leakSum = values.reduce((sum, each) => sum + (leak[each] ?? 0), 0)
  if (!named) return Math.max(LEAST, (leak[value] ?? 0) / leakSum)
  if (named[value] !== undefined) return named[value]
  const left = 1 - Object.values(named).reduce((sum, share) => sum + share, 0)
  const unnamed = values.filter((each) => named[each] === undefined)
  const unnamedLeak = unnamed.reduce((sum, each) => sum + (leak[each] ?? 0), 0)
  return Math.max(LEAST, unnamedLeak > 0 ? (Math.max(0, left) * (leak[value] ?? 0)) / unnamedLeak : 0)
}

/** Does the cause say anything of its own about the observation? */
export const speaksOf = (cause: CauseId, observation: ObservationId): boolean =>
  likelihoods[cause]?.[observation] !== undefined
