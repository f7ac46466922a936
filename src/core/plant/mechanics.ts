import { abs, type Complex, conj, mul } from '../circuit/complex'
import { driveOf, isInduction, restOf, SHADING } from '../knowledge/plants/motors'
import type { PlantMotor, PlantWheel } from '../knowledge/plants/types'
import { fieldImpedances, torqueWatts } from '../motor/model'
import { type Machine, ratedOmega, synchronous } from './machine'
import { armatureOhm, standbyOhm, voltsPerOmega } from './network/electronic'
import type { WindingAmps } from './network/phasor'
import type { MotorState } from './state'
import type { Traits } from './traits'

/** What turns a motor's shaft and what it takes to do so. */
export interface Turning {
  /** N·m at the shaft before its bearings. */
  torque: number
  /** W taken from the net. */
  watts: number
  /** A of the whole motor. */
  amps: number
}

export const ratedTorque = (motor: PlantMotor): number => motor.watts / ratedOmega(motor)

/** Bearings of a sound motor while it turns, of its rated torque. */
const TURNING = 0.03

/** Torque and power of an induction motor at the currents it draws. */
export function inductionTurning(
  motor: PlantMotor,
  net: {
    data: Parameters<typeof fieldImpedances>[0]
    slip: number
    hz: number
    volts: { main: Complex; aux: Complex }
  },
  amps: WindingAmps,
): Turning {
  const [main, aux] = [amps.main[motor.id] ?? { re: 0, im: 0 }, amps.aux[motor.id] ?? { re: 0, im: 0 }]
  const { forward, backward } = fieldImpedances(net.data, net.slip)
  let watts = torqueWatts(net.data, forward, backward, main, aux)
  if (driveOf(motor) === 'shading')
    watts += SHADING * abs(main) ** 2 * forward.re * Math.min(1, net.slip + 0.3)
  return {
    torque: watts / synchronous(motor, net.hz),
    watts: mul(net.volts.main, conj(main)).re + mul(net.volts.aux, conj(aux)).re,
    amps: Math.hypot(main.re + aux.re, main.im + aux.im),
  }
}

/** A module turns its motor to its rated speed with up to twice its torque; it needs its supply and its command. */
export function moduleTurning(
  motor: PlantMotor,
  traits: Traits,
  now: MotorState,
  /** Volts of its supply, and of its command where it waits for one. */
  { supplied: volts, command }: { supplied: number; command: number | null },
): Turning {
  const own = traits.motors[motor.id]
  const asked = command === null || command > 4
  const able = own?.module === 'good' && own.phases === 'equal' && volts > 0.7 * motor.volts && asked
  if (!able) return { torque: 0, watts: volts > 0 ? volts ** 2 / standbyOhm(motor) : 0, amps: 0 }
  const wanted = ratedOmega(motor)
  const error = (wanted - now.omega) / wanted
  const torque = ratedTorque(motor) * Math.max(0, Math.min(2, 1 + 8 * error))
  const watts = (torque * Math.max(now.omega, 0.2 * wanted)) / 0.7
  return { torque, watts, amps: watts / volts }
}

/** Armature current times k. `volts` with its sign: plus to minus. */
export function brushedTurning(motor: PlantMotor, traits: Traits, now: MotorState, volts: number): Turning {
  const own = traits.motors[motor.id]
  const ohm = own ? armatureOhm(motor, own, now) : null
  if (ohm === null) return { torque: 0, watts: 0, amps: 0 }
  const k = voltsPerOmega(motor)
  const amps = (volts - k * now.omega) / ohm
  return { torque: k * amps, watts: volts * amps, amps: Math.abs(amps) }
}

/** What the wheel and the bearings ask at this speed, against the turn. N·m, and what has to be overcome from rest. */
export function loadOf(motor: PlantMotor, wheel: PlantWheel, traits: Traits, omega: number) {
  const rated = ratedTorque(motor)
  const own = traits.motors[motor.id]
  const share = Math.abs(omega) / ratedOmega(motor)
  const bearings = rated * (own?.friction ?? 0)
  // A ring of shorted turns brakes as a shorted coil in any changing field does.
  const brake = 1.1 * rated * (1 - (own?.mainTurns ?? 1))
  const still = own?.seized ? Number.POSITIVE_INFINITY : rated * restOf(motor) + 1.3 * bearings + brake
  // A compressor that has stood starts against equal pressures, and its torque rises as it pumps.
  if (motor.load === 'constant')
    return { still: still + 0.08 * rated, turning: rated * (0.2 + 0.8 * share ** 2) + bearings + brake }
  const held = traits.held !== 'no' ? Number.POSITIVE_INFINITY : 0
  const rubs = traits.rubs ? 0.12 * rated : 0
  const dirt = traits.dirt * 0.18 * rated
  const air = traits.slips || traits.belt === 'broken' ? 0.02 : airLoad(wheel, traits)
  return {
    still: Math.max(still + rubs + dirt, held),
    turning: rated * TURNING + bearings + brake + rubs + dirt * share + rated * air * share ** 2,
  }
}

/** A forward-curved wheel that is starved of air takes less; an axial one against a blocked outlet more. Of its rated torque. */
function airLoad(wheel: PlantWheel, traits: Traits): number {
  const open = Math.max(0.1, traits.vent * traits.damper)
  const broken = traits.wheel === 'broken' ? 0.7 : 1
  return (
    broken * (wheel.kind === 'axial' ? 1 + 0.35 * (1 - open) : 0.45 + 0.55 * open) * (1 + 0.25 * traits.dirt)
  )
}

/** Share of a sound machine's air at its outlet; negative the wrong way. */
export function airOf(machine: Machine, traits: Traits, motor: PlantMotor, omega: number): number {
  const { wheel } = machine.build
  const share = Math.abs(omega) / ratedOmega(motor)
  const way = Math.max(0.02, traits.vent) * Math.max(0.1, traits.damper)
  const blades = (1 - 0.65 * traits.dirt) * (traits.wheel === 'broken' ? 0.5 : 1)
  const grip =
    traits.belt === 'broken' ? 0 : (traits.slips ? 0.12 : 1) * (traits.belt === 'slipping' ? 0.55 : 1)
  const turned = omega >= 0 ? 1 : wheel.kind === 'axial' ? -0.6 : 0.35
  return share * way * blades * grip * turned
}

/** Is a motor of the field: its speed follows from its slip. */
export const turnsByField = (motor: PlantMotor): boolean => isInduction(motor.kind)
