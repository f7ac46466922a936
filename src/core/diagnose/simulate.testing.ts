import { alsoMendedBy } from '../knowledge/actions'
import { tests } from '../knowledge/tests'
import type { TestInfo } from '../knowledge/types'
import type { ObservationId } from '../knowledge/vocabulary'
import { type CauseId, causeInfo, type FamilyId, familyIds, type MotorKindId } from '../knowledge/vocabulary'
import { diagnose } from '.'
import { kindShares, priorOf } from './familyPrior'
import { expectedShares, tellingValues } from './likelihood'
import { usableTest } from './nextTests'
import type { DiagnoseInput, Diagnosis, Trial } from './types'

/** A hidden fault, and the repairer who answers what is asked of it. */
export interface HiddenCase {
  family: FamilyId
  motorKind: MotorKindId
  /** The plate was read; otherwise the kind is unknown to the diagnosis. */
  kindKnown: boolean
  cause: CauseId
  /** What each test shows; null where this motor has nothing to test. The same question gets the same answer. */
  answer: (observation: ObservationId) => string | null
  /** What a second look shows, where it differs; without it, a thing asked again is left out. */
  again?: (observation: ObservationId) => string | null
}

/** Draw a case: a family, a motor kind by its share, a cause by its prior, answers by the likelihoods. */
export function drawCase(random: () => number, family = pick(random, [...familyIds])): HiddenCase {
  const { kind } = draw(random, kindShares(family), (entry) => entry.share)
  const { cause } = draw(random, priorOf(family, kind), (entry) => entry.probability)
  const answer = answersOf(kind, cause, (values, shares) =>
    draw(random, values, (each) => shares[values.indexOf(each)] ?? 0),
  )
  return { family, motorKind: kind, kindKnown: random() < 0.5, cause, answer, again: secondLook(cause) }
}

/** Every cause of every kind of every family, each seen as it mostly looks: nothing is left to luck. */
export function textbookCases(): HiddenCase[] {
  return familyIds.flatMap((family) =>
    kindShares(family).flatMap(({ kind }) =>
      priorOf(family, kind).map(({ cause }) => ({
        family,
        motorKind: kind,
        kindKnown: true,
        cause,
        again: secondLook(cause),
        answer: answersOf(
          kind,
          cause,
          (values, shares) => values[shares.indexOf(Math.max(...shares))] ?? values[0] ?? '',
        ),
      })),
    ),
  )
}

/** A protector that was open while hot has closed again: what is read then are the windings. */
const secondLook =
  (cause: CauseId): HiddenCase['again'] =>
  (observation) =>
    observation === 'winding' && cause === 'thermal-protector-open' ? 'good' : null

function answersOf(
  kind: MotorKindId,
  cause: CauseId,
  choose: (values: string[], shares: number[]) => string,
): HiddenCase['answer'] {
  const seen = new Map<ObservationId, string>()
  return (observation) => {
    const known = seen.get(observation)
    if (known !== undefined) return known
    if (tests[observation].every(({ kinds }: TestInfo) => kinds && !kinds.includes(kind)))
      return ABSENT[observation] ?? null
    const values = tellingValues(observation)
    const [shares = []] = expectedShares([cause], observation, Object.fromEntries(seen))
    const value = choose(values, shares)
    seen.set(observation, value)
    return value
  }
}

/** What is found where the part is looked for and there is none. */
const ABSENT: Partial<Record<ObservationId, string>> = {
  'capacitor-look': 'none-fitted',
  'brush-length': 'not-fitted',
}

/** A look at something, or a cheap repair done as a test of itself. */
export type Step = { observation: ObservationId; minutes: number } | { trial: Trial; minutes: number }

/** Chooses what to do next, or null where it has nothing left. */
export type Policy = (state: Diagnosis, input: DiagnoseInput) => Step | null

/** The offered order: the first of the next tests, or a repair on trial where that is worth more. */
export const offered: Policy = ({ nextTests, trials }) => {
  const [test] = nextTests
  const [trial] = trials
  if (trial && trial.score > (test?.score ?? 0)) return { trial, minutes: trial.minutes }
  return test ?? null
}

/** The offered order of somebody who declines whatever is done under power. */
export const withoutLive: Policy = (state, input) =>
  offered({ ...state, nextTests: state.nextTests.filter(({ risk }) => risk !== 'live') }, input)

/**
 * The peer: one list for every fan, from the outside in, as the trade teaches it. It stops by the same rule and skips what
 * does not fit the machine, but never looks ahead.
 */
const CHECKLIST: ObservationId[] = [
  'sound',
  'smell',
  'onset',
  'companion',
  'wiring-changed',
  'breaker',
  'speeds',
  'air-flow',
  'direction',
  'vent-path',
  'damper',
  'free-spin',
  'fouling',
  'hub',
  'mounting',
  'belt',
  'coast-down',
  'case-heat',
  'connections',
  'supply-voltage',
  'control-voltage',
  'contactor-position',
  'contactor-output',
  'wall-switch',
  'safety-switches',
  'drain-and-tube',
  'motor-voltage',
  'module-supply',
  'board-drive',
  'capacitor-look',
  'capacitor-label-match',
  'capacitor-fan-reading',
  'capacitor-other-reading',
  'winding',
  'to-frame',
  'cold-retest',
  'connections',
  'phase-resistances',
  'module-look',
  'brush-length',
  'contactor-coil',
  'nudge-start',
  'temperature-effect',
]

export const checklist: Policy = (state, input) => {
  const findings = input.observations as Record<string, string>
  for (const observation of CHECKLIST) {
    if (findings[observation] !== undefined || input.declined?.includes(observation)) continue
    const usable = usableTest(observation, input, findings)
    if (usable) return { observation, minutes: usable.info.minutes }
  }
  const [trial] = state.trials
  return trial ? { trial, minutes: trial.minutes } : null
}

export interface Outcome {
  decided: boolean
  /** What is decided, or leads at the end. */
  action: string
  /** The action taken is the one the hidden cause asks for. */
  right: boolean
  /** What the tool said of the action it decided for, 0 to 1. */
  stated: number
  /** Found by a cheap repair that helped, not by a verdict. */
  onTrial: boolean
  tests: number
  minutes: number
}

/** From the first symptom to a decision, or to the end of the tests, where the likeliest action is taken. */
export function playCase(hidden: HiddenCase, policy: Policy): Outcome {
  const input: DiagnoseInput = {
    family: hidden.family,
    ...(hidden.kindKnown ? { motorKind: hidden.motorKind } : {}),
    observations: { 'fan-state': hidden.answer('fan-state')! },
  }
  let tests = 0
  let minutes = 0
  for (;;) {
    const state = diagnose(input)
    // Cooled and read again: done at once, and what it shows is one more finding.
    if (state.decided?.action === 'cool-and-retest' && hidden.cause !== 'thermal-protector-open') {
      if (input.observations['cold-retest'] === undefined) {
        input.observations = {
          ...input.observations,
          'cold-retest': hidden.answer('cold-retest') ?? 'not-done',
        }
        tests++
        continue
      }
    }
    const next = state.decided ? null : policy(state, input)
    if (!next) return { ...verdictOf(state, hidden), onTrial: false, tests, minutes }
    tests++
    minutes += next.minutes
    if ('trial' in next) {
      const { action, probability } = next.trial
      if (mends(action, hidden.cause))
        return { decided: true, action, right: true, stated: probability, onTrial: true, tests, minutes }
      strikeAction(input, state, action)
      continue
    }
    // Readings that contradict each other are asked for again. Told the same once more, one of them is left out.
    const again = next.observation in input.observations
    if (again) input.observations = without(input.observations, next.observation)
    const value = again ? (hidden.again?.(next.observation) ?? null) : hidden.answer(next.observation)
    if (value === null) input.declined = [...(input.declined ?? []), next.observation]
    else input.observations = { ...input.observations, [next.observation]: value }
  }
}

const without = <T extends object>(rows: T, key: string): T =>
  Object.fromEntries(Object.entries(rows).filter(([name]) => name !== key)) as T

/** It was done and did not help: what it mends is struck, as a person would strike it. */
function strikeAction(input: DiagnoseInput, state: Diagnosis, action: string): void {
  const struck = state.suspects
    .map(({ cause }) => cause)
    .filter((cause) => causeInfo(cause).action === action)
  input.known = { strike: [...(input.known?.strike ?? []), ...struck] }
}

/** Does the action put an end to the fault: its own, or a dearer one that takes it along? */
const mends = (action: string, cause: CauseId): boolean =>
  causeInfo(cause).action === action || (alsoMendedBy[cause] ?? []).some((also) => also.action === action)

function verdictOf(
  state: Diagnosis,
  hidden: HiddenCase,
): Pick<Outcome, 'decided' | 'action' | 'right' | 'stated'> {
  const shares = new Map<string, number>()
  for (const { cause, probability } of state.suspects) {
    const { action } = causeInfo(cause)
    shares.set(action, (shares.get(action) ?? 0) + probability)
  }
  const likeliest = [...shares].reduce((top, entry) => (entry[1] > top[1] ? entry : top))[0]
  const action = state.decided?.action ?? likeliest
  return {
    decided: state.decided !== null,
    action,
    right: mends(action, hidden.cause),
    stated: shares.get(action)!,
  }
}

export interface Score {
  cases: number
  /** Share of all cases in which the action taken at the end is right. */
  right: number
  /** Share of cases that came to a decision, and how many of those are right against what was said of them. */
  decided: number
  decidedRight: number
  decidedStated: number
  /** Share of cases in which a cheap repair, done as a test, was all that was wanted. */
  onTrial: number
  tests: number
  minutes: number
}

export function scoreOf(outcomes: Outcome[]): Score {
  const mean = (list: Outcome[], of: (outcome: Outcome) => number) =>
    list.reduce((sum, outcome) => sum + of(outcome), 0) / Math.max(1, list.length)
  const decided = outcomes.filter((outcome) => outcome.decided && !outcome.onTrial)
  return {
    cases: outcomes.length,
    right: mean(outcomes, ({ right }) => Number(right)),
    decided: decided.length / outcomes.length,
    onTrial: mean(outcomes, ({ onTrial }) => Number(onTrial)),
    decidedRight: mean(decided, ({ right }) => Number(right)),
    decidedStated: mean(decided, ({ stated }) => stated),
    tests: mean(outcomes, ({ tests }) => tests),
    minutes: mean(outcomes, ({ minutes }) => minutes),
  }
}

const pick = <T>(random: () => number, list: T[]): T => list[Math.floor(random() * list.length)]!

function draw<T>(random: () => number, list: T[], weightOf: (entry: T) => number): T {
  let left = random() * list.reduce((sum, entry) => sum + weightOf(entry), 0)
  for (const entry of list) {
    left -= weightOf(entry)
    if (left <= 0) return entry
  }
  return list.at(-1)!
}

/** Observations that look at the thing itself or warn of danger: the noisy repairer never gets these wrong. */
const NEVER_WRONG: ObservationId[] = [
  'danger-signs',
  'smell',
  'breaker',
  'supply-voltage',
  'control-voltage',
  'contactor-output',
  'contactor-coil',
  'motor-voltage',
  'module-supply',
  'board-drive',
  'safety-switches',
  'wall-switch',
  'capacitor-fan-reading',
  'capacitor-other-reading',
  'winding',
  'to-frame',
  'cold-retest',
  'connections',
  'phase-resistances',
  'module-look',
  'brush-length',
  'fan-state',
]

/** The same case with one answer, that of the `nth` story asked for, wrong or not known. */
export function oneAnswerOff(hidden: HiddenCase, nth: number, random: () => number): HiddenCase {
  const asked: ObservationId[] = []
  const unknown = random() < 0.5
  const other = random()
  return {
    ...hidden,
    answer: (observation) => {
      const value = hidden.answer(observation)
      if (value === null || NEVER_WRONG.includes(observation)) return value
      if (!asked.includes(observation)) asked.push(observation)
      if (asked.indexOf(observation) !== nth) return value
      if (unknown) return null
      const others = tellingValues(observation).filter((each) => each !== value)
      return others[Math.floor(other * others.length)] ?? value
    },
  }
}
