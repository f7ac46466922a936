import { abs, complex, sub } from '../circuit/complex'
import { driveOf } from '../knowledge/plants/motors'
import { fanOf, partOf } from '../knowledge/plants/parts'
import type { PlantMotor } from '../knowledge/plants/types'
import { burns, protectorOpen, smells, warmed } from './heat'
import { chanceAt, leadOf, type Machine, motorNow, overVolts, ratedOmega, supplyLeads } from './machine'
import {
  airOf,
  brushedTurning,
  inductionTurning,
  loadOf,
  moduleTurning,
  ratedTorque,
  type Turning,
  turnsByField,
} from './mechanics'
import { afterDecay, type Direct, prepareDirect } from './network/direct'
import { type Prepared, type Solved, solveAt } from './network/phasor'
import { breakerLoad, type Settled, settle, slipsOf, withSwing } from './settle'
import type { MotorState, PlantState } from './state'

/** While a speed changes, and while it stands: s. */
const QUICK = 0.05
const SLOW = 2
const IDLE = 30
/** A speed that changes by less than this share of its rated one in a second stands. */
const STEADY = 0.004

/** A settled machine with its net of direct current, worked out once it is asked for. */
interface Moving extends Settled {
  direct: () => Direct
  /** As it stood when the net was last worked out anew. */
  asSolved: PlantState
}

function moving(settled: Settled): Moving {
  let direct: Direct | undefined
  return {
    ...settled,
    asSolved: settled.state,
    direct: () => {
      direct ??= prepareDirect(settled.prepared.net)
      return direct
    },
  }
}

/** Let time pass: speeds, heat, charge, protectors, breaker, contacts. */
export function advance(machine: Machine, before: PlantState, seconds: number): PlantState {
  let settled = moving(settle(machine, before))
  let left = seconds
  let held = 0
  while (left > 1e-9) {
    const { state } = settled
    const alive = isAlive(machine, settled)
    const steady = held >= 6
    const step = Math.min(left, alive ? (steady ? SLOW : QUICK) : spinning(state) ? QUICK : IDLE)
    const next = stepBy(machine, settled, step)
    const change = Math.max(
      0,
      ...machine.build.motors.map(
        (motor) =>
          Math.abs((next.motors[motor.id]?.omega ?? 0) - (state.motors[motor.id]?.omega ?? 0)) /
          ratedOmega(motor) /
          step,
      ),
    )
    held = change < STEADY ? held + 1 : 0
    left -= step
    const same = again(machine, next, settled)
    // What swings on the capacitors is told as it stood before the change, at the speed of that moment.
    settled = changesWay(machine, settled, next) ? moving(settle(machine, withSwing(machine, same))) : same
  }
  const { state } = moving(settle(machine, withSwing(machine, settled)))
  return { ...state, air: airNow(machine, state) }
}

const spinning = (state: PlantState): boolean =>
  Object.values(state.motors).some(({ omega }) => Math.abs(omega) > 0.05)

export function airNow(machine: Machine, state: PlantState): number {
  const fan = fanOf(machine.build)
  return airOf(machine, state.traits, fan, state.motors[fan.id]?.omega ?? 0)
}

/** Is anything driven, or warm enough to change a protector soon. */
function isAlive(machine: Machine, settled: Settled): boolean {
  const { solved, prepared } = settled
  const amps = prepared.ports.some(
    ({ motor, winding }) =>
      abs((winding === 'main' ? solved.main : solved.aux)[motor.id] ?? complex(0)) > 0.01,
  )
  return (
    amps ||
    machine.build.motors.some((motor) => !turnsByField(motor) && drivenOrTurning(machine, motor, settled))
  )
}

const drivenOrTurning = (machine: Machine, motor: PlantMotor, settled: Settled): boolean =>
  Math.abs(turningOf(machine, settled.state, motor, settled).torque) > 0 ||
  Math.abs(settled.state.motors[motor.id]?.omega ?? 0) > 0.05

/** What changes which way current can go: a protector, a breaker, an air switch, a flickering joint. */
function changesWay(machine: Machine, { state: before, asSolved }: Moving, after: PlantState): boolean {
  return (
    before.breakerTripped !== after.breakerTripped ||
    before.airSwitch !== after.airSwitch ||
    before.jointOpen !== after.jointOpen ||
    before.traits !== after.traits ||
    machine.build.motors.some(
      ({ id }) => before.motors[id]?.protectorOpen !== after.motors[id]?.protectorOpen,
    ) ||
    machine.build.motors.some((motor) => !turnsByField(motor) && turnsOtherwise(motor, asSolved, after))
  )
}

/** A share of the rated speed by which what a module takes differs by less than any meter shows. */
const SAME_SPEED = 0.005

/** Brushes are driven by the difference to what they give back themselves: that one is followed at every step. */
const turnsOtherwise = (motor: PlantMotor, one: PlantState, other: PlantState): boolean => {
  const apart = Math.abs((one.motors[motor.id]?.omega ?? 0) - (other.motors[motor.id]?.omega ?? 0))
  return apart > (driveOf(motor) === 'brushes' ? 0 : SAME_SPEED * ratedOmega(motor))
}

/** The same net at other speeds and temperatures: what was factorised stays, the windings are asked anew. */
function again(machine: Machine, state: PlantState, { prepared, direct, asSolved }: Moving): Moving {
  const motors = prepared.net.motors.map((motor) => {
    const spec = machine.build.motors.find(({ id }) => id === motor.id)
    const [traits, now] = [state.traits.motors[motor.id], state.motors[motor.id]]
    if (!spec || !traits || !now) return motor
    const data = motorNow(spec, traits, now.windingCelsius, overVolts(state.traits, traits))
    return { ...motor, data: motor.aux ? data : { main: data.main, rotor: data.rotor, xm: data.xm } }
  })
  const ports = prepared.ports.map((port) => ({
    ...port,
    motor: motors.find(({ id }) => id === port.motor.id) ?? port.motor,
  }))
  const next: Prepared = { ...prepared, net: { ...prepared.net, motors }, ports }
  return { state, prepared: next, solved: solveAt(next, slipsOf(machine, state)), direct, asSolved }
}

function stepBy(machine: Machine, settled: Moving, step: number): PlantState {
  const { state, solved } = settled
  const motors: Record<string, MotorState> = {}
  let { traits, burntSmell } = state
  for (const motor of machine.build.motors) {
    const now = state.motors[motor.id]
    if (!now) continue
    const turning = turningOf(machine, state, motor, settled)
    const omega = speedAfter(machine, state, motor, now, turning, step)
    const out = Math.abs(turning.torque * omega)
    const ring = ringWatts(machine, state, motor, solved)
    const warm = warmed(
      motor,
      { ...now, omega },
      Math.max(0, turning.watts - out) + ring,
      startWatts(motor, settled),
      step,
    )
    const next = { ...warm, protectorOpen: protectorOpen(motor, warm) }
    burntSmell ||= smells(motor, next)
    if (burns(motor, next) && !now.burnt) traits = burntOut(traits, motor.id)
    motors[motor.id] = { ...next, burnt: now.burnt || burns(motor, next) }
  }
  const after: PlantState = {
    ...state,
    traits,
    burntSmell,
    motors,
    seconds: state.seconds + step,
    charge: decayed(settled, step),
    ...breakerAfter(machine, state, solved, step),
  }
  const air = airNow(machine, after)
  return {
    ...after,
    air,
    airSwitch: switchByAir(machine, state.airSwitch, air),
    jointOpen: jointOpenAt(machine, after),
  }
}

/** A loose joint holds for some seconds and lets go for some, as its round draws it. */
const HOLDS_SECONDS = 12
function jointOpenAt(machine: Machine, { traits, seconds, jointOpen, motors }: PlantState): boolean {
  if (!traits.joint?.flickers) return false
  // Shaking moves it; at rest it stays as it is.
  if (Math.abs(motors.fan?.omega ?? 0) < 1 && seconds > HOLDS_SECONDS) return jointOpen
  return chanceAt(machine, `joint|${Math.floor(seconds / HOLDS_SECONDS)}`)() < 0.5
}

/** A winding that has burnt has turns that lie bare on each other and on the iron. */
function burntOut(traits: PlantState['traits'], id: string): PlantState['traits'] {
  const own = traits.motors[id]
  return own
    ? {
        ...traits,
        motors: { ...traits.motors, [id]: { ...own, mainOpen: true, frameOhm: Math.min(own.frameOhm, 4e4) } },
      }
    : traits
}

function switchByAir({ build }: Machine, was: boolean, air: number): boolean {
  const part = partOf(build, 'air-switch')
  if (!part) return false
  return was ? air > 0.9 * part.closesAt : air > part.closesAt
}

/** Torque and power of one motor as it stands. */
function turningOf(
  machine: Machine,
  state: PlantState,
  motor: PlantMotor,
  { solved, prepared }: Pick<Settled, 'solved' | 'prepared'>,
): Turning {
  const now = state.motors[motor.id]
  const traits = state.traits.motors[motor.id]
  const none: Turning = { torque: 0, watts: 0, amps: 0 }
  if (!now || !traits) return none
  const between = (a: string, b: string) => abs(sub(solved.volts(a), solved.volts(b)))
  if (driveOf(motor) === 'brushes') {
    const [plus, minus] = [leadOf(motor, 'plus'), leadOf(motor, 'minus')]
    if (!plus || !minus) return none
    return brushedTurning(motor, state.traits, now, sub(solved.volts(plus), solved.volts(minus)).re)
  }
  if (!turnsByField(motor)) {
    const drive = partOf(machine.build, 'drive')
    const leads = supplyLeads(motor)
    const fed = leads ? between(...leads) : 0
    const supplied = drive ? railVolts(state, drive.id, drive.volts) : fed
    return moduleTurning(motor, state.traits, now, {
      supplied,
      command: motor.command ? between(...motor.command) : null,
    })
  }
  const own = prepared.net.motors.find(({ id }) => id === motor.id)
  if (!own) return none
  const across = (ends: [string, string] | undefined) =>
    ends ? sub(solved.volts(ends[0]), solved.volts(ends[1])) : complex(0)
  const slip = slipsOf(machine, state)[motor.id] ?? 1
  const volts = { main: across(own.main), aux: across(own.aux) }
  return inductionTurning(motor, { data: own.data, slip, hz: machine.build.supply.hz, volts }, solved)
}

/** Volts of a drive's rail: what its bus holds while the line is on it. */
const railVolts = (state: PlantState, id: string, volts: number): number =>
  state.drives[id] && state.traits.drive ? volts : Math.abs(state.charge[`${id}.bus`] ?? 0)

/** W in the copper of the start winding. */
function startWatts({ id }: PlantMotor, { solved, prepared }: Settled): number {
  const data = prepared.net.motors.find((motor) => motor.id === id)?.data
  return abs(solved.aux[id] ?? complex(0)) ** 2 * (data?.aux?.r ?? 0)
}

function ringWatts({ build }: Machine, state: PlantState, motor: PlantMotor, solved: Solved): number {
  const turns = state.traits.motors[motor.id]?.mainTurns ?? 1
  const run = leadOf(motor, 'run')
  if (turns >= 1 || !run || build.supply.hz === 0) return 0
  const volts = abs(sub(solved.volts(`${motor.id}.in`), solved.volts(run)))
  return (volts ** 2 * (1 - turns)) / ((0.25 * motor.volts ** 2) / motor.watts)
}

/** Newton for the shaft, implicit in the load: a stiff fan near its speed does not swing. */
function speedAfter(
  machine: Machine,
  state: PlantState,
  motor: PlantMotor,
  now: MotorState,
  turning: Turning,
  step: number,
): number {
  const load = loadOf(motor, machine.build.wheel, state.traits, now.omega)
  const inertia = (ratedTorque(motor) * motor.spinSeconds) / ratedOmega(motor)
  if (Math.abs(now.omega) < 0.05) {
    if (Math.abs(turning.torque) <= load.still) return 0
    return (
      (Math.sign(turning.torque) * (Math.abs(turning.torque) - load.still * 0.6) * Math.min(step, QUICK)) /
      inertia
    )
  }
  if (!Number.isFinite(load.still)) return 0
  const stiffness = load.turning / Math.abs(now.omega) + motorStiffness(motor)
  const force = turning.torque - Math.sign(now.omega) * load.turning
  const time = Math.min(step, QUICK * 4)
  const omega = now.omega + (force * time) / (inertia + stiffness * time)
  // Friction brings a shaft to rest and not beyond it.
  return Math.sign(omega) !== Math.sign(now.omega) && Math.abs(turning.torque) < load.still ? 0 : omega
}

/** How hard a motor holds its speed: its torque falls from twice the rated to none over a tenth of it. */
const motorStiffness = (motor: PlantMotor): number => (4 * ratedTorque(motor)) / (0.1 * ratedOmega(motor)) / 4

/** Below this a charge is no charge, V. */
const NONE = 1e-3

function decayed({ state, prepared, direct }: Moving, step: number): Record<string, number> {
  const railed = prepared.net.rails.length > 0 || prepared.net.hz === 0
  if (!railed && Object.values(state.charge).every((volts) => Math.abs(volts) < NONE)) return {}
  return afterDecay(direct(), state.charge, step)
}

/** Opens by heat above its rating; what opens it at once is met as the machine comes to rest. */
function breakerAfter(machine: Machine, state: PlantState, solved: Solved, step: number) {
  const ratio = breakerLoad(machine, state, solved)
  const breakerHeat = Math.max(0, state.breakerHeat + (ratio ** 2 - 1) * step)
  const trips = breakerHeat > 200
  return { breakerHeat: trips ? 0 : breakerHeat, breakerTripped: state.breakerTripped || trips }
}
