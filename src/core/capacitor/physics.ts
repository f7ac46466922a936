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
  peakWatts: number
}

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
  return {
    peakVolts,
    energyJoules: 0.5 * farad * peakVolts ** 2,
    timeConstantSeconds,
    secondsToSafe: Math.max(0, timeConstantSeconds * Math.log(peakVolts / safeVolts)),
    peakWatts: peakVolts ** 2 / resistorOhm,
  }
}
