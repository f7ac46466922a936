import { abs, type Complex, complex, polar, sub } from '../circuit/complex'
import { type PlantPartOf, partsOf } from '../knowledge/plants/parts'
import type { PlantBuild } from '../knowledge/plants/types'
import { type Machine, synchronous } from './machine'
import { netOf } from './network/assemble'
import { type Prepared, prepare, type Solved, solveAt } from './network/phasor'
import type { PlantState } from './state'

export interface Settled {
  state: PlantState
  prepared: Prepared
  solved: Solved
}

type Volts = (a: string, b: string) => number

/** A contact that chatters at the edge of its coil's volts comes to rest after these looks. */
const LOOKS = 8
/** A transformer's primary, a drive's line: below this share it gives nothing that works. */
const WORKS_FROM = 0.7
/** Volts that a command input takes for a call. */
const COMMAND_VOLTS = 4

/** Slips of all induction motors at their speeds. */
export function slipsOf(machine: Machine, state: PlantState): Record<string, number> {
  const { hz } = machine.build.supply
  return Object.fromEntries(
    machine.build.motors.map((motor) => {
      const field = synchronous(motor, hz || 60)
      return [motor.id, Math.min(2, Math.max(-1, 1 - (state.motors[motor.id]?.omega ?? 0) / field))]
    }),
  )
}

/** A household breaker opens at once by its magnet at five times its rating. */
const MAGNET = 5

/** Over its rating, the most that any leg gives. */
export function breakerLoad({ build }: Machine, { traits }: PlantState, solved: Solved): number {
  const { legs, breakerAmps } = build.supply
  const amps = legs.map(({ id, volts, degrees }, i) => {
    const share = traits.legs[i] ?? 1
    return share === 0 ? 0 : abs(sub(polar(volts * share, degrees), solved.volts(id))) / traits.supplyOhm
  })
  return Math.max(0, ...amps) / breakerAmps
}

/**
 * Solve, look which coils pull, and solve again until nothing moves. What the capacitors hold goes on without a jump. A short
 * that takes its own relay's volts away makes it chatter: the breaker is quicker, and sees the current of the first touch.
 */
export function settle(machine: Machine, before: PlantState): Settled {
  let state = before
  let settled = solve(machine, state)
  for (let look = 0; look < LOOKS; look++) {
    const trips = !state.breakerTripped && breakerLoad(machine, state, settled.solved) > MAGNET
    const next = trips ? { ...state, breakerTripped: true } : pulled(machine, state, settled.solved)
    if (next === state) break
    state = next
    settled = solve(machine, state)
  }
  return { ...settled, state: carryCharge(machine, state, settled.solved) }
}

function solve(machine: Machine, state: PlantState): Settled {
  const prepared = prepare(netOf(machine, state))
  return { state, prepared, solved: solveAt(prepared, slipsOf(machine, state)) }
}

/** The same state where no coil, transformer or drive changes. */
function pulled(machine: Machine, state: PlantState, solved: Solved): PlantState {
  const volts: Volts = (a, b) => abs(sub(solved.volts(a), solved.volts(b)))
  const { build } = machine
  const closed = partsOf(build, 'contact').flatMap((part) =>
    pullsIn(part, state, volts, build) ? [part.id] : [],
  )
  const nominal = build.supply.legs[0]?.volts ?? 120
  const secondary = Object.fromEntries(
    partsOf(build, 'transformer').map(({ id, primary, volts: full }) => {
      const share = primary ? volts(...primary) / nominal : 1
      return [id, rounded(full * share)]
    }),
  )
  const drives = Object.fromEntries(
    partsOf(build, 'drive').map(({ id, line, by }) => {
      const fed = volts(...line) > WORKS_FROM * nominal
      return [id, fed && (by === null || volts(...by) > COMMAND_VOLTS)]
    }),
  )
  const same =
    JSON.stringify([closed, secondary, drives]) ===
    JSON.stringify([state.closed, state.secondary, state.drives])
  return same ? state : { ...state, closed, secondary, drives }
}

/** To a hundredth of a volt, so that a transformer comes to rest on its own load. */
const rounded = (volts: number): number => Math.round(volts * 100) / 100

function pullsIn(part: PlantPartOf<'contact'>, state: PlantState, volts: Volts, build: PlantBuild): boolean {
  const coil = partsOf(build, 'coil').find(({ from, to }) => from === part.by[0] && to === part.by[1])
  if (coil && state.traits.coil !== 'good') return false
  if (part.speed !== undefined && part.speed !== state.speed) return false
  const across = volts(...part.by)
  return across > (state.closed.includes(part.id) ? part.dropVolts : part.pullVolts)
}

/**
 * The voltage of a capacitor cannot jump. What its swing was at the moment of the change and is not any more stays on it as
 * charge; the phase of that moment is drawn from the round.
 */
function carryCharge(machine: Machine, state: PlantState, solved: Solved): PlantState {
  const swing = swingOf(machine, solved)
  const charge = { ...state.charge }
  for (const [id, now] of Object.entries(swing)) {
    const was = state.swing[id] ?? complex(0)
    if (abs(sub(now, was)) < 1) continue
    // The same act on the same machine meets the same moment of the mains.
    const phase = 2 * Math.PI * phaseAt(machine.seed, state.seconds)
    const held = (value: Complex) => Math.SQRT2 * (value.re * Math.cos(phase) - value.im * Math.sin(phase))
    charge[id] = (charge[id] ?? 0) + held(was) - held(now)
  }
  return { ...state, swing, charge }
}

function swingOf({ build }: Machine, solved: Solved): Record<string, Complex> {
  if (build.supply.hz === 0) return {}
  return Object.fromEntries(
    partsOf(build, 'capacitor').map(({ id, to }) => [id, sub(solved.volts(`${id}.plate`), solved.volts(to))]),
  )
}

/** The state with what swings on its capacitors now: before anything is changed at it. */
export const withSwing = (machine: Machine, { state, solved }: Settled): PlantState => ({
  ...state,
  swing: swingOf(machine, solved),
})

function phaseAt(seed: string, seconds: number): number {
  let hash = 17
  for (const letter of `${seed}|${seconds.toFixed(3)}`)
    hash = (Math.imul(hash, 31) + letter.charCodeAt(0)) | 0
  return ((hash >>> 0) % 10_007) / 10_007
}
