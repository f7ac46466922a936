/**
 * Synchronous speed: 120·f/poles, in rpm.
 *
 * @example synchronousRpm(60, 6) // 1200
 */
export const synchronousRpm = (hz: number, poles: number): number => (120 * hz) / poles

export interface PolesResult {
  poles: number
  synchronousRpm: number
  slip: number
  /** What is usual at top speed: 3 to 15 %, shaded poles up to 25 %. */
  usual: boolean
}

/** Poles from a plate's top speed: those of the lowest synchronous speed above it. */
export function polesOf(rpm: number, hz: number): PolesResult | null {
  for (let poles = 24; poles >= 2; poles -= 2) {
    const synchronous = synchronousRpm(hz, poles)
    if (synchronous > rpm) {
      const slip = 1 - rpm / synchronous
      return { poles, synchronousRpm: synchronous, slip, usual: slip >= 0.005 && slip <= 0.25 }
    }
  }
  return null
}

export interface BeatResult {
  rpm: number
  /** One standard deviation of the mean, in rpm. */
  spreadRpm: number
  count: number
}

/** A tap nearer than this to the one before is a bounce of the finger. */
const BOUNCE_MS = 60

/**
 * Speed from taps, one each time the marked blade passes (slow fans), with its spread. Taps that missed a turn count for
 * the turns they missed.
 * @param times milliseconds  @param blades tapped per turn, 1 for one marked blade
 */
export function rpmFromBeat(times: number[], blades = 1): BeatResult | null {
  const clean = times.filter((time, i) => i === 0 || time - times[i - 1]! >= BOUNCE_MS)
  const gaps = clean.slice(1).map((time, i) => time - clean[i]!)
  if (gaps.length < 2) return null
  const sorted = [...gaps].sort((one, two) => one - two)
  const middle = sorted[Math.floor(sorted.length / 2)]!
  const turns = gaps.map((gap) => gap / Math.max(1, Math.round(gap / middle)))
  const mean = turns.reduce((sum, each) => sum + each, 0) / turns.length
  const variance = turns.reduce((sum, each) => sum + (each - mean) ** 2, 0) / Math.max(1, turns.length - 1)
  const rpm = 60_000 / mean / blades
  return { rpm, spreadRpm: (rpm * Math.sqrt(variance / turns.length)) / mean, count: clean.length }
}
