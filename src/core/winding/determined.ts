import { type Fit, fitTree } from './fitTree'
import { type PointReading, placements, predicted } from './place'
import { withoutPoint } from './tree'

/** A placement that fits nearly as well as the best (two standard deviations) is still possible. */
const STILL_POSSIBLE = 4

interface Doubt {
  a: number
  b: number
  /** How far the possible trees differ in this unread pair, in Ω. */
  spread: number
  /** What the best tree says it is, in Ω. */
  expected: number
}

/**
 * Unread pairs that the readings do not settle, widest doubt first: for each point every other place that fits as well
 * is compared with where it stands.
 */
function doubts(
  points: number,
  readings: PointReading[],
  fit: Fit,
  sigmaOf: (ohm: number) => number,
): Doubt[] {
  const read = new Set(readings.map((r) => key(r.a, r.b)))
  const found = new Map<string, Doubt>()
  for (let point = 0; point < points; point++) {
    // A twin makes two readings between the same two points.
    const readTo = new Set(readings.flatMap(({ a, b }) => (a === point ? [b] : b === point ? [a] : [])))
    if (readTo.size >= points - 1) continue
    const pruned = withoutPoint(fit.tree, point)
    if (pruned.edges.length === 0) continue
    const all = placements(pruned, point, readings)
    const possible = all.filter((placement) => placement.chiSquare <= all[0]!.chiSquare + STILL_POSSIBLE)
    for (let other = 0; other < points; other++) {
      if (other === point || read.has(key(point, other))) continue
      const node = pruned.nodes.indexOf(other)
      const values = possible.map((placement) => predicted(pruned, placement, node))
      const spread = Math.max(...values) - Math.min(...values)
      const expected = predicted(pruned, all[0]!, node)
      const before = found.get(key(point, other))
      if (spread > 3 * sigmaOf(expected) && (!before || before.spread < spread)) {
        found.set(key(point, other), {
          a: Math.min(point, other),
          b: Math.max(point, other),
          spread,
          expected,
        })
      }
    }
  }
  return [...found.values()].sort((one, two) => two.spread - one.spread)
}

const key = (a: number, b: number) => (a < b ? `${a}-${b}` : `${b}-${a}`)

/** The pairs of points to read so that only one tree is left, most telling first; empty where it is settled already. */
export function pairsThatSettle(
  points: number,
  readings: PointReading[],
  fit: Fit,
  sigmaOf: (ohm: number) => number,
): [number, number][] {
  const wanted: [number, number][] = []
  let known = readings
  let at = fit
  for (;;) {
    const widest = doubts(points, known, at, sigmaOf)[0]
    if (!widest) return wanted
    wanted.push([widest.a, widest.b])
    known = [...known, { a: widest.a, b: widest.b, ohm: widest.expected, sigma: sigmaOf(widest.expected) }]
    at = fitTree(points, known)
  }
}
