import { significant } from '../units/format'

/**
 * Capacitance in µF from the current through and the voltage across a working capacitor: C = I / (2πfV).
 * @param amps rms current in the capacitor lead  @param volts rms across the capacitor  @param hz line frequency
 */
export function capacitanceUnderLoad(input: { amps: number; volts: number; hz: number }): { uF: number } {
  return { uF: (1e6 * input.amps) / (2 * Math.PI * input.hz * input.volts) }
}

export interface DischargeInput {
  uF: number
  acVolts: number
  resistorOhm: number
  safeVolts?: number
}

export interface Discharge {
  peakVolts: number
  energyJoules: number
  timeConstantSeconds: number
  secondsToSafe: number
  /** V²/R in the first moment. */
  peakWatts: number
  warnings: DischargeWarning[]
}

export interface DischargeWarning {
  code: 'resistor-too-small' | 'resistor-too-large'
  text: string
}

/** What a 20 W resistor on leads bears for the moment of a discharge; the trade's own leads are 15 to 20 kΩ. */
const MOST_WATTS = 20
/** Below this a resistor is nearly a short to a charged capacitor. */
const LEAST_OHM = 1000
/** A charge that small is emptied by anything. */
const SMALL_VOLTS = 50
/** Nobody holds two probes still for longer. */
const MOST_SECONDS = 300

/** Below this a charge is not felt and does not arc. */
export const SAFE_VOLTS = 5

/**
 * What a charged capacitor holds at the most and how a resistor lead empties it:
 * peak = √2·V, E = ½CV², t = RC·ln(Vpeak/Vsafe), first power = Vpeak²/R.
 */
export function discharge({ uF, acVolts, resistorOhm, safeVolts = SAFE_VOLTS }: DischargeInput): Discharge {
  const farad = uF * 1e-6
  const peakVolts = Math.SQRT2 * acVolts
  const timeConstantSeconds = resistorOhm * farad
  const secondsToSafe = Math.max(0, timeConstantSeconds * Math.log(peakVolts / safeVolts))
  const peakWatts = peakVolts ** 2 / resistorOhm
  return {
    peakVolts,
    energyJoules: 0.5 * farad * peakVolts ** 2,
    timeConstantSeconds,
    secondsToSafe,
    peakWatts,
    warnings: dischargeWarnings({ resistorOhm, peakVolts, peakWatts, secondsToSafe }),
  }
}

/** Input of a usual digital meter on its volts range. */
const METER_OHM = 10e6

/**
 * How long the meter alone takes to empty a capacitor, its leads clipped on: t = RC·ln(Vpeak/Vsafe), seconds.
 *
 * @example Math.round(secondsThroughMeter(5, 370)) // 233
 */
export const secondsThroughMeter = (uF: number, acVolts: number): number =>
  discharge({ uF, acVolts, resistorOhm: METER_OHM }).secondsToSafe

function dischargeWarnings({
  resistorOhm,
  peakVolts,
  peakWatts,
  secondsToSafe,
}: Pick<Discharge, 'peakVolts' | 'peakWatts' | 'secondsToSafe'> & {
  resistorOhm: number
}): DischargeWarning[] {
  const warnings: DischargeWarning[] = []
  if (peakWatts > MOST_WATTS || (resistorOhm < LEAST_OHM && peakVolts > SMALL_VOLTS))
    warnings.push({
      code: 'resistor-too-small',
      text: `${significant(resistorOhm, 3)} Ω is too little: in the first moment it takes ${significant(peakWatts, 2)} W, sparks and may burst. Take 15,000 to 20,000 Ω (15 to 20 kΩ), 2 W or more, on insulated leads.`,
    })
  if (secondsToSafe > MOST_SECONDS)
    warnings.push({
      code: 'resistor-too-large',
      text: `With ${significant(resistorOhm, 3)} Ω it takes ${significant(secondsToSafe / 60, 2)} minutes to empty: take 15,000 to 20,000 Ω (15 to 20 kΩ), and read the volts before you touch.`,
    })
  return warnings
}
