import type { ReadingRow } from '../rows'

export interface Beside {
  pointA: string
  pointB: string
  kind: ReadingRow['kind']
  old: ReadingRow | null
  new: ReadingRow | null
}

/**
 * The new part's readings next to the old part's at the same points, whichever way round the probes were held. A pair
 * is listed once the new part has any reading; struck readings and live ones do not count, the latest of several does.
 */
export function besideOld(readings: readonly ReadingRow[]): Beside[] {
  const kept = readings.filter((row) => row.struckAt === null && !row.live && row.kind !== 'supply')
  if (!kept.some((row) => row.part === 'new')) return []
  const pairs = new Map<string, Beside>()
  for (const row of kept) {
    const key = [row.kind, ...[row.pointA, row.pointB].sort()].join('\u0000')
    const pair = pairs.get(key) ?? {
      pointA: row.pointA,
      pointB: row.pointB,
      kind: row.kind,
      old: null,
      new: null,
    }
    const before = pair[row.part]
    if (before === null || before.at <= row.at) pair[row.part] = row
    pairs.set(key, pair)
  }
  return [...pairs.values()]
}
