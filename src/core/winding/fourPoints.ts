import type { PointReading } from './place'

/**
 * Which readings alone could be wrong. In a tree the two larger of the three sums ab+cd, ac+bd, ad+bc are equal for any four
 * points (Buneman's four-point condition): of four points that break it, one of their six readings is wrong, so a single wrong
 * reading lies in all of the broken fours.
 *
 * @param limit how many of its own sigmas a reading may be off
 * @returns null where no four points contradict each other; else the indices that lie in every contradiction, none where
 *   one wrong reading cannot be all
 */
export function oddCandidates(points: number, readings: PointReading[], limit: number): Set<number> | null {
  const at = Array.from({ length: points }, () => new Array<number>(points).fill(-1))
  readings.forEach(({ a, b }, index) => {
    at[a]![b] = index
    at[b]![a] = index
  })
  let candidates: Set<number> | null = null
  for (let a = 0; a < points; a++)
    for (let b = a + 1; b < points; b++)
      for (let c = b + 1; c < points; c++)
        for (let d = c + 1; d < points; d++) {
          const six = [at[a]![b]!, at[c]![d]!, at[a]![c]!, at[b]![d]!, at[a]![d]!, at[b]![c]!]
          if (six.includes(-1) || !contradicts(six, readings, limit)) continue
          candidates = inBoth(candidates, six)
          if (candidates.size === 0) return candidates
        }
  return candidates
}

const inBoth = (before: Set<number> | null, six: number[]): Set<number> =>
  new Set(before === null ? six : six.filter((index) => before.has(index)))

/** Whether the two larger sums of three pairs differ by more than their readings can be off. */
function contradicts(six: number[], readings: PointReading[], limit: number): boolean {
  const sums = [0, 2, 4]
    .map((first) => {
      const [one, two] = [readings[six[first]!]!, readings[six[first + 1]!]!]
      return { ohm: one.ohm + two.ohm, off: limit * (one.sigma + two.sigma) }
    })
    .sort((x, y) => y.ohm - x.ohm)
  const [largest, next] = sums as [{ ohm: number; off: number }, { ohm: number; off: number }]
  return largest.ohm - next.ohm > largest.off + next.off
}
