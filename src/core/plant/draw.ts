import { priorOf } from '../diagnose'
import { CoreError } from '../errors'
import { plantBuild } from '../knowledge/plants'
import { type PlantFault, plantFaults } from '../knowledge/plants/faults'
import { coverOf, coversInOrder, motorWires } from '../knowledge/plants/parts'
import { type WireTask, wireTask } from '../knowledge/plants/tasks'
import type { PlantBuild } from '../knowledge/plants/types'
import type { CauseId } from '../knowledge/vocabulary'
import { companionRuns } from './acts/looks'
import { fanState, soundNow } from './acts/running'
import type { Here } from './acts/types'
import { advance } from './advance'
import { codeOf, type RoundPlan } from './code'
import type { Machine } from './machine'
import { between, randomOf, weighted } from './random'
import { type PlantState, startState } from './state'
import { soundTraits, type Traits } from './traits'

export interface Fault {
  cause: CauseId
  strength: number
}

/** A machine with its hidden faults, as it is met. */
export interface Drawn {
  plan: RoundPlan
  code: string
  machine: Machine
  faults: Fault[]
  start: PlantState
}

/** Where the next act stands: the machine as what was done to it has left it. */
export const hereOf = (drawn: Drawn, state: PlantState, nth: number): Here => ({
  machine: { ...drawn.machine, traits: state.traits },
  state,
  nth,
})

/** Share of the rounds of the level “two or none” that have none. */
const NONE_OF_TWO = 0.3
/** Seconds that it has been called when somebody comes to it. */
const CALLED_SECONDS = 150

/** Faults that this build can have and show, with their prior weights. */
export function fittingFaults(build: PlantBuild): (readonly [PlantFault, number])[] {
  const prior = new Map(
    priorOf(build.family, build.kind).map(({ cause, probability }) => [cause, probability]),
  )
  return plantFaults.flatMap((fault) => {
    const weight = prior.get(fault.cause) ?? 0
    return weight > 0 && fault.fits(build) ? [[fault, weight] as const] : []
  })
}

/** @throws CoreError `unknown-family`, `invalid-input` for a fault that this machine cannot have */
export function drawMachine(plan: RoundPlan): Drawn {
  const task = wireTask(plan.task)
  const build = task?.build ?? plantBuild(plan.family, plan.motorKind)
  if (!build)
    throw new CoreError(
      'unknown-family',
      `There is no practice machine of the family ${plan.family}.`,
      'round.family',
    )
  const code = codeOf(plan)
  const random = randomOf(`machine|${code}`)
  const sound = soundTraits(build, between(random, ...build.supply.ohm))
  const list = chosen(plan, build, random)
  for (let draw = 1; ; draw++) {
    const drawn = withFaults(plan, code, sound, build, list, random)
    // Nobody calls for a machine that shows nothing: its fault is drawn again, stronger or weaker, from the same range.
    if (list.length === 0 || draw === DRAWS || isAmiss(drawn)) return drawn
  }
}

/** Draws of a strength until something of it is noticed. */
const DRAWS = 12

function withFaults(
  plan: RoundPlan,
  code: string,
  sound: Traits,
  build: PlantBuild,
  list: PlantFault[],
  random: () => number,
): Drawn {
  let traits = sound
  const faults: Fault[] = []
  for (const fault of list) {
    const made = fault.make(build, traits, random)
    traits = made.traits
    faults.push({ cause: fault.cause, strength: made.strength })
  }
  const machine: Machine = { build, traits, level: plan.level, seed: code }
  const start = plan.level === 'wire' ? unlanded(machine, traits, wireTask(plan.task)) : met(machine, traits)
  return { plan, code, machine, faults, start }
}

/** Is there anything that its owner would notice: the fan, a sound, a smell, the other half of the machine. */
function isAmiss({ machine, start }: Drawn): boolean {
  const here: Here = { machine, state: start, nth: 0 }
  return (
    fanState(here) !== 'runs-normally' ||
    soundNow(here) !== 'nothing' ||
    start.burntSmell ||
    !companionRuns(here)
  )
}

function chosen(plan: RoundPlan, build: PlantBuild, random: () => number): PlantFault[] {
  const fitting = fittingFaults(build)
  if (plan.faults)
    return plan.faults.map((cause, i) => {
      const fault = plantFaults.find((each) => each.cause === cause)
      if (!fault?.fits(build))
        throw new CoreError(
          'invalid-input',
          `This machine cannot have ${cause}. It can have: ${fitting.map(([each]) => each.cause).join(', ')}.`,
          `round.faults[${i}]`,
        )
      return fault
    })
  if (plan.level === 'none' || plan.level === 'wire') return []
  const first = weighted(random, fitting)
  if (plan.level !== 'two') return [first]
  if (random() < NONE_OF_TWO) return []
  const others = fitting.filter(([fault]) => fault.cause !== first.cause)
  return others.length > 0 ? [first, weighted(random, others)] : [first]
}

/** Just put in: every point off and held, the covers off that its leads are behind, the leads free or as they came. */
function unlanded(machine: Machine, traits: Traits, task: WireTask | undefined): PlantState {
  const { build } = machine
  const state = startState(build, traits)
  const wires = { ...state.wires }
  const starts =
    task?.starts ?? motorWires(build).map(({ id }) => ({ wire: id, end: 'to' as const, at: null }))
  for (const { wire, end, at } of starts) {
    const now = wires[wire]
    if (now) wires[wire] = { ...now, [end]: at }
  }
  const inside = coverOf(build, motorWires(build)[0]?.from ?? '')
  const off = coversInOrder(build, inside ? [inside] : [])
  return advance(
    machine,
    {
      ...state,
      points: Object.fromEntries(build.points.map(({ id }) => [id, 'off'])),
      held: build.points.map(({ id }) => id),
      covers: { ...state.covers, ...Object.fromEntries(off.map((id) => [id, 'off' as const])) },
      wires,
    },
    1,
  )
}

/** As it is met: called for a while, unless what is wrong keeps it from that. */
function met(machine: Machine, traits: Traits): PlantState {
  const state = startState(machine.build, traits)
  const hot = advance(machine, state, CALLED_SECONDS)
  return { ...hot, seconds: 0 }
}
