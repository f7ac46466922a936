import {
  type DiagnoseInput,
  type Diagnosis,
  diagnose,
  mapObservations,
  type PlateFigures,
  type Trial,
} from '../../diagnose'
import { alsoMendedBy } from '../../knowledge/actions'
import { mendedPart } from '../../knowledge/plants/mends'
import { partOf } from '../../knowledge/plants/parts'
import {
  type ActionId,
  type CauseId,
  causeInfo,
  type ObservationId,
  observationInfo,
} from '../../knowledge/vocabulary'
import type { Act, Answer, Sense } from '../acts/types'
import { type Drawn, hereOf } from '../draw'
import { step } from '../play'
import type { PlantState } from '../state'
import type { Story } from '../story'
import { actsFor, dead, fed } from './procedures'

/** What the advisor did on a machine, and what it came to. */
export interface Walk {
  acts: Act[]
  answers: Answer[]
  state: PlantState
  decided: { cause: CauseId; action: ActionId } | null
  /** The decided action puts an end to a fault that is there. */
  right: boolean
  tests: ObservationId[]
  observations: DiagnoseInput['observations']
  suspects: Diagnosis['suspects']
}

/** What to do next: a test, a cheap repair as a test of itself, or nothing more. */
export type Choose = (
  told: Diagnosis,
  input: DiagnoseInput,
) => { observation: ObservationId } | { trial: Trial } | null

/** The order that the application offers. */
const offered: Choose = ({ nextTests, trials }) => {
  const [test] = nextTests
  const [trial] = trials
  return trial && trial.score > (test?.score ?? 0) ? { trial } : (test ?? null)
}

/** Tests after which a person would give up. */
const ENOUGH = 14

/** Figures of the plates that the diagnosis works with. */
export function plateFigures({ machine }: Drawn): PlateFigures {
  const { plate } = machine.build
  // What a board feeds has the board's volts on its plate, and the machine those of its line.
  const rail = partOf(machine.build, 'drive') !== undefined
  const volts = Array.isArray(plate.voltages)
    ? plate.voltages.filter((each): each is number => typeof each === 'number' && !rail)
    : []
  const transformer = partOf(machine.build, 'transformer')
  return {
    ...(volts.length > 0 ? { volts } : {}),
    ...(machine.build.supply.hz === 0
      ? { controlVolts: 12 }
      : transformer
        ? { controlVolts: transformer.volts > 20 ? 24 : 12 }
        : {}),
  }
}

/** One machine, from the story to a decision: the next test of the advisor, made on the machine, until it has decided. */
export function walk(drawn: Drawn, story: Story, choose: Choose = offered): Walk {
  const from = drawn.start
  const done: Walk = {
    acts: [],
    answers: [],
    state: from,
    decided: null,
    right: false,
    tests: [],
    observations: { ...story.says },
    suspects: [],
  }
  const declined: ObservationId[] = []
  const struck: CauseId[] = []
  const plate = plateFigures(drawn)
  while (done.tests.length < ENOUGH && !done.state.over) {
    const input: DiagnoseInput = {
      family: drawn.plan.family,
      motorKind: drawn.plan.motorKind,
      observations: done.observations,
      declined,
      plate,
      known: { strike: struck },
    }
    const told = diagnose(input)
    done.suspects = told.suspects
    if (told.decided) {
      done.decided = told.decided
      break
    }
    const next = choose(told, input)
    if (!next) break
    if ('trial' in next) {
      const { trial } = next
      if (tryOut(drawn, done, trial.action)) {
        done.decided = { cause: trial.cause, action: trial.action }
        break
      }
      struck.push(
        ...told.suspects
          .map(({ cause }) => cause)
          .filter((cause) => causeInfo(cause).action === trial.action),
      )
      continue
    }
    done.tests.push(next.observation)
    if (!makeTest(drawn, done, next.observation)) declined.push(next.observation)
  }
  done.right = done.decided !== null && drawn.faults.some(({ cause }) => mends(done.decided?.action, cause))
  return done
}

/** Does the action put an end to the fault: its own, or a dearer one that takes it along? */
export const mends = (action: ActionId | undefined, cause: CauseId): boolean =>
  causeInfo(cause).action === action || (alsoMendedBy[cause] ?? []).some((also) => also.action === action)

/** The acts of one test; false where they told nothing of it. */
function makeTest(drawn: Drawn, done: Walk, observation: ObservationId): boolean {
  const here = hereOf(drawn, done.state, done.acts.length)
  const acts = actsFor(here, observation)
  if (!acts) {
    // A part that this machine does not have is said to be none.
    const none = observationInfo(observation).values.find(
      (value) => value === 'not-fitted' || value === 'none-fitted',
    )
    if (none) done.observations = { ...done.observations, [observation]: none }
    return none !== undefined
  }
  const before = done.observations[observation]
  const found = actAll(drawn, done, acts, observation)
  if (found[observation] === undefined) return false
  const value = done.observations[observation]
  if (value === undefined) return false
  // Asked again and told the same: the older reading stands.
  return before === undefined || before !== value
}

/** What was looked for is taken as it reads now; what is met on the way only where nothing was known of it. */
function actAll(drawn: Drawn, done: Walk, acts: Act[], wanted?: ObservationId): Sense {
  const found: Sense = {}
  for (const act of acts) {
    const result = step(drawn, done.state, act, done.acts.length)
    done.acts.push(act)
    done.answers.push(result.answer)
    done.state = result.state
    // Of two switches in a row one bad one is enough.
    const bad = found['wall-switch'] === 'bad'
    Object.assign(found, result.answer.sense ?? {}, bad ? { 'wall-switch': 'bad' } : {})
    if (done.state.over) break
  }
  const now = usable(drawn, found)
  const asked = wanted && now[wanted] !== undefined ? { [wanted]: now[wanted] } : {}
  done.observations = { ...now, ...done.observations, ...asked }
  return found
}

/** Numbers that the plate can judge stay numbers; the rest is left out. */
function usable(drawn: Drawn, found: Sense): DiagnoseInput['observations'] {
  const { unmapped } = mapObservations(found, plateFigures(drawn))
  const left = new Set(unmapped.map(({ observation }) => observation))
  return Object.fromEntries(
    Object.entries(found).filter(([observation]) => !left.has(observation as ObservationId)),
  )
}

/** A cheap repair as a test of itself: done, switched on, looked at. True where it then runs as it should. */
function tryOut(drawn: Drawn, done: Walk, action: ActionId): boolean {
  repair(drawn, done, action)
  return runsNow(drawn, done)
}

/** The part of an action put in, dead and proved, and the machine fed again. */
export function repair(drawn: Drawn, done: Walk, action: ActionId): void {
  const part = mendedPart[action]
  if (!part) return
  actAll(drawn, done, [...dead(hereOf(drawn, done.state, done.acts.length)), { act: 'replace', part }])
}

/** Switched on and looked at: true where it runs as it should. */
export function runsNow(drawn: Drawn, done: Walk): boolean {
  const kept = done.observations
  const found = actAll(drawn, done, [
    ...fed(hereOf(drawn, done.state, done.acts.length), true),
    { act: 'run', seconds: 60 },
    { act: 'look' },
  ])
  done.observations = kept
  return found['fan-state'] === 'runs-normally'
}
