import { rises } from './rises'
import type { Samples } from './types'

/** Blows that stand out of the noise: how many a second, how evenly they come, how equal they are. */
export interface Blows {
  perSecond: number
  /** One over the usual interval, Hz; 0 with fewer than three. */
  beat: number
  /** Share of the intervals that are one usual interval, or twice it where one was missed. */
  even: number
  /** Spread of their heights over their mean. */
  spread: number
  /** How far the loudest hundredth stands over the middle of the envelope. */
  peaky: number
  /** Share of the time that is as loud as a third of a blow: a click is over at once, a word is not. */
  filled: number
}

/** Two blows lie this far apart at least, s. */
const APART = 0.05
/** Of the loudest ones: what is fainter came back from the walls. */
const OF_LOUDEST = 0.25
const ECHO_SECONDS = 0.15
const ECHO_TIMES = 1.4
/** Over the middle of the envelope. */
const TIMES = 3
const EVENLY = 0.12

/** From 0 to 1: blows that come evenly and alike, up to six a second. */
export function evenly({ perSecond, even, spread, peaky, filled }: Blows): number {
  if (perSecond < 0.5 || perSecond > 6.6) return 0
  return (
    rises(even, 0.6, 0.9) *
    (1 - rises(spread, 0.3, 0.55)) *
    rises(peaky, 1.5, 2.5) *
    (1 - rises(filled, 0.15, 0.35))
  )
}

export function blowsOf({ samples, rate }: Samples): Blows {
  const sorted = Float32Array.from(samples).sort()
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0
  const middle = Math.max(at(0.5), 1e-9)
  const reach = Math.round(APART * rate)
  const loudest = at(0.998)
  const found: { at: number; height: number }[] = []
  for (let i = reach; i < samples.length - reach; i++) {
    const here = samples[i] ?? 0
    if (here < Math.max(TIMES * middle, OF_LOUDEST * loudest) || !isTop(samples, i, reach)) continue
    const before = found.at(-1)
    // What comes back from the walls is no second blow.
    if (before && i / rate - before.at < ECHO_SECONDS && before.height > ECHO_TIMES * here) continue
    found.push({ at: i / rate, height: here })
  }
  const peaky = at(0.99) / middle
  if (found.length < 2)
    return {
      perSecond: (found.length * rate) / samples.length,
      beat: 0,
      even: 0,
      spread: 1,
      peaky,
      filled: 1,
    }
  const gaps = found.slice(1).map((blow, i) => blow.at - (found[i]?.at ?? 0))
  const usual = [...gaps].sort((a, b) => a - b)[gaps.length >> 1] ?? 1
  const fits = (gap: number) => [1, 2].some((n) => Math.abs(gap / usual - n) < EVENLY * n)
  const one = gaps.filter((gap) => Math.abs(gap / usual - 1) < EVENLY)
  const heights = found.map(({ height }) => height)
  const mean = heights.reduce((a, b) => a + b, 0) / heights.length
  const spread = Math.sqrt(heights.reduce((sum, each) => sum + (each - mean) ** 2, 0) / heights.length) / mean
  return {
    perSecond: (found.length * rate) / samples.length,
    beat: one.length < 2 ? 0 : one.length / one.reduce((a, b) => a + b, 0),
    even: gaps.length < 2 ? 0 : gaps.filter(fits).length / gaps.length,
    spread,
    peaky,
    filled: samples.reduce((sum, each) => sum + (each > mean / 3 ? 1 : 0), 0) / samples.length,
  }
}

function isTop(samples: Float32Array, at: number, reach: number): boolean {
  const here = samples[at] ?? 0
  for (let i = at - reach; i <= at + reach; i++) {
    const other = samples[i] ?? 0
    if (other > here || (other === here && i < at)) return false
  }
  return true
}
