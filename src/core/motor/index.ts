import { abs, type Complex, conj, mul } from '../circuit/complex'
import { type MotorData, operatingPoint } from './model'

export { type MotorData, torqueWatts, windingImpedances } from './model'

export interface MotorInput extends MotorData {
  poles: number
  volts: number
  hz: number
  capacitorUf?: number
  coreWatts?: number
  frictionWatts?: number
  slip?: number
  fan?: { torqueAtNm: number; rpm: number }
  stictionNm?: number
}

export interface MotorPoint {
  slip: number
  rpm: number
  amps: number
  mainAmps: number
  auxAmps: number
  capacitorVolts: number
  powerFactor: number
  inputWatts: number
  shaftWatts: number
  torqueNm: number
  efficiency: number
}

export interface MotorResult {
  synchronousRpm: number
  at?: MotorPoint
  curve: { slip: number; rpm: number; torqueNm: number; amps: number }[]
  starting: { torqueNm: number; amps: number; starts: boolean }
  running: {
    rpm: number
    amps: number
    auxAmps: number
    capacitorVolts: number
    inputWatts: number
    shaftWatts: number
  } | null
}

const CURVE_POINTS = 60
const LEAST_SLIP = 0.001
const SEARCH_STEPS = 800

/**
 * The two-winding motor by the double revolving field theory: torque curve, starting, and the running point against a fan
 * whose torque goes with rpm².
 *
 * @param input impedances in Ω referred to the main winding; `aux` r and x are the winding's own. Core and friction watts
 *   come off the mechanical power. Without `capacitorUf` the auxiliary winding is open.
 */
export function runMotor(input: MotorInput): MotorResult {
  const synchronousRpm = (120 * input.hz) / input.poles
  const starting = operatingPoint(input, input.volts, input.hz, input.capacitorUf, 1)
  const startTorque = starting.torqueWatts / synchronousSpeed(input)
  const starts = startTorque > (input.stictionNm ?? 0) && startTorque > 0
  const curve = Array.from({ length: CURVE_POINTS }, (_, i) => {
    const slip = 1 - (i * (1 - LEAST_SLIP)) / (CURVE_POINTS - 1)
    const point = pointAt(input, slip)
    return { slip, rpm: point.rpm, torqueNm: point.torqueNm, amps: point.amps }
  })
  const at = input.slip === undefined ? undefined : pointAt(input, input.slip)
  const running = starts ? runningPoint(input) : null
  return {
    synchronousRpm,
    ...(at ? { at } : {}),
    curve,
    starting: { torqueNm: startTorque, amps: abs(starting.line), starts },
    running: running
      ? {
          rpm: running.rpm,
          amps: running.amps,
          auxAmps: running.auxAmps,
          capacitorVolts: running.capacitorVolts,
          inputWatts: running.inputWatts,
          shaftWatts: running.shaftWatts,
        }
      : null,
  }
}

/** ωs = 4πf/poles, rad/s. */
const synchronousSpeed = ({ hz, poles }: MotorInput) => (4 * Math.PI * hz) / poles

function pointAt(input: MotorInput, slip: number): MotorPoint {
  const { main, aux, line, torqueWatts } = operatingPoint(
    input,
    input.volts,
    input.hz,
    input.capacitorUf,
    slip,
  )
  const speed = synchronousSpeed(input) * (1 - slip)
  const losses = (input.coreWatts ?? 0) + (input.frictionWatts ?? 0)
  const shaftWatts = torqueWatts * (1 - slip) - losses
  const amps = abs(line)
  const inputWatts = realPower(input.volts, line)
  return {
    slip,
    rpm: ((120 * input.hz) / input.poles) * (1 - slip),
    amps,
    mainAmps: abs(main),
    auxAmps: abs(aux),
    capacitorVolts:
      input.capacitorUf === undefined ? 0 : (abs(aux) * 1e6) / (2 * Math.PI * input.hz * input.capacitorUf),
    powerFactor: amps > 0 ? inputWatts / (input.volts * amps) : 0,
    inputWatts,
    shaftWatts,
    // At standstill the losses have no speed to divide by: what the field gives is what the shaft has.
    torqueNm: speed > 1e-6 ? shaftWatts / speed : torqueWatts / synchronousSpeed(input),
    efficiency: inputWatts > 0 ? shaftWatts / inputWatts : 0,
  }
}

const realPower = (volts: number, current: Complex) => mul({ re: volts, im: 0 }, conj(current)).re

/** Net shaft torque over the load at a slip. Near standstill fixed losses are taken as torque at full speed, not as power over nothing. */
function surplus(input: MotorInput, slip: number): number {
  const rpm = ((120 * input.hz) / input.poles) * (1 - slip)
  const { torqueWatts } = operatingPoint(input, input.volts, input.hz, input.capacitorUf, slip)
  const lossTorque = ((input.coreWatts ?? 0) + (input.frictionWatts ?? 0)) / synchronousSpeed(input)
  const speed = synchronousSpeed(input) * (1 - slip)
  const shaft =
    slip > 0.5
      ? torqueWatts / synchronousSpeed(input) - lossTorque * (1 - slip)
      : (torqueWatts * (1 - slip) - (input.coreWatts ?? 0) - (input.frictionWatts ?? 0)) / speed
  return shaft - (input.fan ? input.fan.torqueAtNm * (rpm / input.fan.rpm) ** 2 : 0)
}

/** The first balance of torque and load on the way up from rest, by steps and then by halving. */
function runningPoint(input: MotorInput): MotorPoint | null {
  let before = 1
  for (let step = 1; step <= SEARCH_STEPS; step++) {
    const slip = 1 - step / SEARCH_STEPS + 1e-6
    if (surplus(input, slip) <= 0) {
      let [high, low] = [before, slip]
      for (let i = 0; i < 60; i++) {
        const middle = (high + low) / 2
        if (surplus(input, middle) > 0) high = middle
        else low = middle
      }
      return pointAt(input, (high + low) / 2)
    }
    before = slip
  }
  return null
}
