import { ohmUncertainty } from './meter'
import { readingOf, type ZeroedPair } from './points'
import type { OhmMeter, SumCheck } from './types'

/** Three points: the largest reading equals the sum of the other two, within 2 % of it or the meter's own uncertainty. */
export function sumCheckOf(points: string[][], pairs: ZeroedPair[], meter: OhmMeter): SumCheck | null {
  const between = (p: number, q: number) => {
    for (const a of points[p]!) {
      for (const b of points[q]!) {
        const ohm = readingOf(pairs, a, b)
        if (ohm !== undefined && ohm !== null) return { pair: [a, b] as [string, string], ohm }
      }
    }
    return null
  }
  const found = [between(0, 1), between(0, 2), between(1, 2)]
  if (found.some((entry) => entry === null)) return null
  const [largest, second, third] = (found as { pair: [string, string]; ohm: number }[]).sort(
    (x, y) => y.ohm - x.ohm,
  )
  const sumOhm = second!.ohm + third!.ohm
  const differenceOhm = largest!.ohm - sumOhm
  const uncertainty = found.reduce((sum, entry) => sum + ohmUncertainty(entry!.ohm, meter), 0)
  const toleranceOhm = Math.max(0.02 * largest!.ohm, uncertainty)
  return {
    largestPair: largest!.pair,
    largestOhm: largest!.ohm,
    sumOhm,
    differenceOhm,
    toleranceOhm,
    pass: Math.abs(differenceOhm) <= toleranceOhm + 1e-9,
  }
}
