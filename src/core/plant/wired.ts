import { abs, complex } from '../circuit/complex'
import { speedsOf } from '../knowledge/plants/parts'
import type { Message } from '../message'
import { wireName } from './acts/reach'
import { runningOf } from './acts/running'
import type { Here } from './acts/types'
import { advance } from './advance'
import { type Drawn, hereOf } from './draw'
import { type Machine, ratedOmega } from './machine'
import { says } from './says'
import { settle } from './settle'
import { COLD_MOTOR, type PlantState, startState } from './state'

/** Long enough for every motor to stand at its speed, short of any protector. */
const SECONDS = 90
/** Two landings that are the same to the circuit agree to rounding; a tap beside the right one is 2 % and more away. */
const SPEED_APART = 0.01
const AMPS_APART = 0.08
/** An idle winding takes some mA through the air. */
const AMPS_LEAST = 0.05

/** What one motor does once it stands at its speed. */
interface Runs {
  id: string
  /** Share of its rated speed, with its sign. */
  speed: number
  main: number
  aux: number
}

/**
 * What is not as it should be in the landings of a round that is to be wired; empty where they are right. Nothing is compared by
 * name: the machine as it is landed is run beside one that is landed as its maker drew it, at each speed, and what the circuit
 * does is held against what it should do.
 */
export function notWired(drawn: Drawn, state: PlantState): Message[] {
  const here = hereOf(drawn, state, 0)
  const { machine } = here
  const loose = machine.build.wires.flatMap(({ id, capped }): Message[] => {
    const now = state.wires[id]
    return !capped && now && (now.from === null || now.to === null)
      ? [says('wired.loose', { wire: wireName(here, id) })]
      : []
  })
  if (loose.length > 0) return loose
  if (!runsNow(here)) return [says('wired.unpowered')]
  if (state.motors.fan?.burnt) return [says('wired.burnt')]
  const wanted = wantedOf(drawn)
  return speedsOf(machine.build).flatMap((speed, i) =>
    runsAt(machine, state, speed).flatMap((own) => {
      const other = wanted[i]?.find(({ id }) => id === own.id)
      const said = other ? apart(own, other, speed) : null
      return said ? [said] : []
    }),
  )
}

/** How a machine runs as its maker drew it, at each speed: run once, and asked after every act of a round. */
const known = new WeakMap<Drawn, Runs[][]>()
function wantedOf(drawn: Drawn): Runs[][] {
  const { machine } = drawn
  const right = startState(machine.build, machine.traits)
  const runs = known.get(drawn) ?? speedsOf(machine.build).map((speed) => runsAt(machine, right, speed))
  known.set(drawn, runs)
  return runs
}

function runsAt(machine: Machine, state: PlantState, speed: string | null): Runs[] {
  const { build } = machine
  const on: PlantState = {
    ...state,
    points: Object.fromEntries(build.points.map(({ id }) => [id, 'on'])),
    called: true,
    speed,
    breakerTripped: false,
    breakerHeat: 0,
    charge: {},
    swing: {},
    motors: Object.fromEntries(build.motors.map(({ id }) => [id, COLD_MOTOR])),
  }
  const after = advance(machine, on, SECONDS)
  const { solved } = settle(machine, after)
  return build.motors.map((motor) => ({
    id: motor.id,
    speed: (after.motors[motor.id]?.omega ?? 0) / ratedOmega(motor),
    main: abs(solved.main[motor.id] ?? complex(0)),
    aux: abs(solved.aux[motor.id] ?? complex(0)),
  }))
}

const differ = (one: number, other: number, share: number, least = 0): boolean =>
  Math.abs(one - other) > share * Math.abs(other) + least

function apart(own: Runs, wanted: Runs, speed: string | null): Message | null {
  const motor = { key: `motor.${own.id}` }
  const at = speed ? { key: `at-speed.${speed}` } : { key: 'at-speed.only' }
  if (Math.abs(own.speed) < 0.05 && Math.abs(wanted.speed) > 0.05) return says('wired.still', { motor, at })
  if (own.speed * wanted.speed < 0) return says('wired.turn', { motor })
  if (differ(own.speed, wanted.speed, SPEED_APART))
    return says(own.speed > wanted.speed ? 'wired.fast' : 'wired.slow', { motor, at })
  return differ(own.main, wanted.main, AMPS_APART, AMPS_LEAST) ||
    differ(own.aux, wanted.aux, AMPS_APART, AMPS_LEAST)
    ? says('wired.amps', { motor, at, amps: own.main + own.aux, wanted: wanted.main + wanted.aux })
    : null
}

/** Powered, running as it should at the speed it stands at, and asked at every other: then the landings are looked at. */
export function isWired(drawn: Drawn, state: PlantState): boolean {
  const { speeds = [] } = drawn.machine.build
  return speeds.every((speed) => state.speedsSeen[speed] !== undefined) && notWired(drawn, state).length === 0
}

/** Every point is on, and the fan turns. */
const runsNow = ({ machine, state }: Here): boolean =>
  machine.build.points.every(({ id }) => state.points[id] === 'on') &&
  runningOf({ machine, state, nth: 0 }).turns
