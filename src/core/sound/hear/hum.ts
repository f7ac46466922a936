import { dB } from './level'
import { bandPower, type Spectrum } from './spectrum'

/** How far a clock of a phone and the mains may be apart. */
const APART = 0.0015
const LEAST_HZ = 1.2

/**
 * Does a tone lie on the mains' doubled frequency or a harmonic of it?
 *
 * @param least hertz within which it always does: more where the lines of a spectrum lie far apart
 */
export function isHum(hz: number, lineHz: number, least = LEAST_HZ): boolean {
  const nearest = Math.round(hz / (2 * lineHz)) * 2 * lineHz
  return nearest > 0 && Math.abs(hz - nearest) < Math.max(least, APART * nearest)
}

/** Does a tone lie on the mains' own frequency or any multiple of it, as iron with a bias hums? */
export const isMains = (hz: number, lineHz: number): boolean => isHum(hz, lineHz / 2)

const BELOW_HZ = 1000

/** How strong the hum is, and whether it holds more than half of what lies below a kilohertz. */
export function humOf(spectrum: Spectrum, lineHz: number): { db: number; dominant: boolean } {
  let hum = 0
  for (let hz = 2 * lineHz; hz <= BELOW_HZ; hz += 2 * lineHz) {
    const half = Math.max(LEAST_HZ, APART * hz, 2 * spectrum.step)
    hum += bandPower(spectrum, hz - half, hz + half)
  }
  return { db: dB(hum), dominant: hum > 0.5 * bandPower(spectrum, 20, BELOW_HZ) }
}
