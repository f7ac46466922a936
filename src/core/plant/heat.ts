import { driveOf, isInduction, lossShare } from '../knowledge/plants/motors'
import type { PlantMotor } from '../knowledge/plants/types'
import { ratedOmega } from './machine'
import { type MotorState, ROOM_CELSIUS } from './state'

/** Rise of winding over case and of case over air at that loss, K; standing still the air takes a third. */
const WINDING_RISE = 20
const CASE_RISE = 30
const STILL = 3
/** J/K for each watt of loss: two minutes from cold to the protector with a stalled rotor, twenty to a steady case. */
const WINDING_MASS = 6
const CASE_MASS = 14
/** Seconds by which a protector follows its winding. */
const LAG = 15
/** The start winding has a fifth of the copper and gives its heat to the rest within this many seconds. */
const START_SHARE = 0.2
const START_LAG = 40

/** Two nodes, winding and case, over a step in which the losses stay. Exact for the slow node, so that hours are one step. */
export function warmed(
  motor: PlantMotor,
  now: MotorState,
  lossWatts: number,
  startWatts: number,
  seconds: number,
): MotorState {
  const own = motor.watts * lossShare[driveOf(motor)]
  const share = Math.min(1, Math.abs(now.omega) / ratedOmega(motor))
  const between = WINDING_RISE / own
  const outside = (CASE_RISE / own) * (STILL - (STILL - 1) * share)
  const [winding, casing] = [WINDING_MASS * own, CASE_MASS * own]
  // Backward Euler on both nodes together: stable for any step.
  const a = 1 + seconds / (winding * between)
  const b = -seconds / (winding * between)
  const c = -seconds / (casing * between)
  const d = 1 + seconds / (casing * between) + seconds / (casing * outside)
  const first = now.windingCelsius - ROOM_CELSIUS + (seconds * lossWatts) / winding
  const second = now.caseCelsius - ROOM_CELSIUS
  const det = a * d - b * c
  const windingCelsius = ROOM_CELSIUS + (first * d - b * second) / det
  const caseCelsius = ROOM_CELSIUS + (a * second - c * first) / det
  const follow = 1 - Math.exp(-seconds / LAG)
  const protectorCelsius = now.protectorCelsius + (windingCelsius - now.protectorCelsius) * follow
  const apart = now.startCelsius - now.windingCelsius
  const settles = (startWatts * START_LAG) / (START_SHARE * winding)
  const startCelsius = windingCelsius + settles + (apart - settles) * Math.exp(-seconds / START_LAG)
  return { ...now, windingCelsius, caseCelsius, protectorCelsius, startCelsius }
}

/** A protector opens hot and closes when it has cooled. */
export function protectorOpen(motor: PlantMotor, now: MotorState): boolean {
  if (!motor.protector || !(isInduction(motor.kind) || driveOf(motor) === 'brushes')) return false
  return now.protectorOpen
    ? now.protectorCelsius > motor.protector.closes
    : now.protectorCelsius > motor.protector.opens
}

/** Varnish is smelt 30 K over its class, and the winding is gone 75 K over it. */
export const smells = (motor: PlantMotor, { windingCelsius, startCelsius }: MotorState): boolean =>
  Math.max(windingCelsius, startCelsius) > motor.classCelsius + 30
export const burns = (motor: PlantMotor, { windingCelsius, startCelsius }: MotorState): boolean =>
  Math.max(windingCelsius, startCelsius) > motor.classCelsius + 75
