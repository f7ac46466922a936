import { ohmUncertainty } from './meter'
import type { OhmMeter } from './types'

export interface ZeroedPair {
  a: string
  b: string
  ohm: number | null
}

/** Two leads of one point read at most this after zeroing … */
export const SAME_POINT_OHM = 0.5
/** … and at most this share of the smallest other reading. */
export const SAME_POINT_SHARE = 0.2

/**
 * Leads grouped by the point they reach: one point = at most 0.5 Ω after zeroing, at most a fifth of the smallest other
 * reading, and both leads read alike to every other lead within meter error; or known to be joined.
 */
export function groupLeads(
  leads: string[],
  pairs: ZeroedPair[],
  joined: [string, string][],
  meter: OhmMeter,
  zeroed = false,
): string[][] {
  const group = new Map(leads.map((lead, index) => [lead, index]))
  const merge = (a: string, b: string) => {
    const [from, to] = [group.get(b)!, group.get(a)!]
    for (const [lead, at] of group) if (at === from) group.set(lead, to)
  }
  for (const [a, b] of joined) if (group.has(a) && group.has(b)) merge(a, b)
  for (const pair of pairs) {
    if (pair.ohm === null || pair.ohm > SAME_POINT_OHM) continue
    const others = pairs
      .filter((other) => other !== pair && other.ohm !== null && other.ohm > SAME_POINT_OHM)
      .map((other) => other.ohm!)
    if (others.length > 0 && pair.ohm > SAME_POINT_SHARE * Math.min(...others)) continue
    if (alike(pair, leads, pairs, meter, zeroed)) merge(pair.a, pair.b)
  }
  const groups = new Map<number, string[]>()
  for (const lead of leads) {
    const at = group.get(lead)!
    groups.set(at, [...(groups.get(at) ?? []), lead])
  }
  return [...groups.values()]
}

/** Two readings differ by up to the sum of both uncertainties; zeroing was a reading too, and adds its own count. */
function alike(
  pair: ZeroedPair,
  leads: string[],
  pairs: ZeroedPair[],
  meter: OhmMeter,
  zeroed: boolean,
): boolean {
  for (const other of leads) {
    if (other === pair.a || other === pair.b) continue
    const one = readingOf(pairs, pair.a, other)
    const two = readingOf(pairs, pair.b, other)
    if (one === undefined || two === undefined) continue
    if ((one === null) !== (two === null)) return false
    if (one === null || two === null) continue
    const sum = ohmUncertainty(one, meter) + ohmUncertainty(two, meter) + (zeroed ? meter.resolutionOhm : 0)
    if (Math.abs(one - two) > sum + 1e-9) return false
  }
  return true
}

/** The reading between two leads: null over-range, undefined not read. */
export function readingOf(pairs: ZeroedPair[], a: string, b: string): number | null | undefined {
  return pairs.find((pair) => (pair.a === a && pair.b === b) || (pair.a === b && pair.b === a))?.ohm
}
