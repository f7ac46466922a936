export interface DriftReading {
  /** Years since any fixed day. */
  years: number
  uF: number
}

export interface Drift {
  /** Line through the readings: µF at `years` 0, and µF per year. */
  startUf: number
  perYearUf: number
  /** When the line leaves the window, on the same scale of years; null where it does not. */
  leavesAtYears: number | null
  /** Nine times in ten between these; an end is null where it is never reached. */
  earliestYears: number | null
  latestYears: number | null
}

/** Student's t, two-sided 90 %, by degrees of freedom. */
const T90 = [6.31, 2.92, 2.35, 2.13, 2.02, 1.94, 1.89, 1.86, 1.83, 1.81]

/** A line through readings, with what its uncertainty is worked out from. */
interface Fit {
  n: number
  start: number
  slope: number
  meanT: number
  meanC: number
  /** Sum of the squares of the times from their mean, years². */
  spread: number
  /** Sum of the squares that the readings lie off the line, µF². */
  residual: number
}

/** @returns null with fewer than two readings at different times */
function fitOf(readings: DriftReading[]): Fit | null {
  const n = readings.length
  if (n < 2) return null
  const meanT = readings.reduce((sum, each) => sum + each.years, 0) / n
  const meanC = readings.reduce((sum, each) => sum + each.uF, 0) / n
  const spread = readings.reduce((sum, each) => sum + (each.years - meanT) ** 2, 0)
  if (spread < 1e-9) return null
  const slope = readings.reduce((sum, each) => sum + (each.years - meanT) * (each.uF - meanC), 0) / spread
  const start = meanC - slope * meanT
  const residual = readings.reduce((sum, each) => sum + (each.uF - start - slope * each.years) ** 2, 0)
  return { n, start, slope, meanT, meanC, spread, residual }
}

/** Student's t for the readings of a line; three at least. */
const tOf = (n: number): number => T90[Math.min(n - 3, T90.length - 1)] ?? 1.8

/**
 * Least-squares line through readings of one capacitor over the years, and when it leaves its window.
 * @param readings at least two, at different times
 * @returns null with fewer; the interval needs at least three readings
 */
export function capacitorDrift(
  readings: DriftReading[],
  window: { lowUf: number; highUf: number },
): Drift | null {
  const fit = fitOf(readings)
  if (!fit) return null
  const { n, start, slope, meanT, meanC, spread, residual } = fit
  const leaves = (rate: number): number | null => {
    if (Math.abs(rate) < 1e-12) return null
    const limit = rate < 0 ? window.lowUf : window.highUf
    return meanT + (limit - meanC) / rate
  }
  const result: Drift = {
    startUf: start,
    perYearUf: slope,
    leavesAtYears: leaves(slope),
    earliestYears: null,
    latestYears: null,
  }
  if (n < 3) return result
  const error = Math.sqrt(residual / (n - 2) / spread) * tOf(n)
  const sign = Math.sign(slope) || -1
  const slow = slope - sign * error
  return {
    ...result,
    earliestYears: leaves(slope + sign * error),
    latestYears: Math.sign(slow) === sign ? leaves(slow) : null,
  }
}

/**
 * The 90 % band of the line itself at a time: how far the line may lie off, not how far a reading may.
 * Source: least squares, s·t·√(1/n + (x − x̄)²/Sxx).
 *
 * @returns half the width in µF at a time on the scale of the readings; 0 everywhere with fewer than three readings
 */
export function driftBand(readings: DriftReading[]): (atYears: number) => number {
  const fit = fitOf(readings)
  if (!fit || fit.n < 3) return () => 0
  const { n, residual, meanT, spread } = fit
  return (atYears) => tOf(n) * Math.sqrt((residual / (n - 2)) * (1 / n + (atYears - meanT) ** 2 / spread))
}
