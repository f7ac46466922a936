import { solveSymmetric } from './linear'
import { join, type PointReading, placements } from './place'
import { contract, lengthOf, pathMasks, type WindingTree, withoutPoint } from './tree'

export interface Fit {
  tree: WindingTree
  /** Sum of squared residuals over their sigmas. */
  chiSquare: number
  /** Reading minus path length, in the order of the readings. */
  residuals: number[]
  /** Largest residual in its own sigmas, and which reading it is. */
  worst: { index: number; sigmas: number }
}

/** A joint is only drawn where leaving it out would cost more than three standard errors. */
const JOINT_COST = 9
const POLISHING_ROUNDS = 3
/** Every residual within the meter's own limit of √3 sigmas: nothing to improve. */
const WITHIN_LIMIT = Math.sqrt(3)

/**
 * The tree of segments whose path lengths come nearest to the readings (weighted least squares), with as few joints as
 * the meter's noise allows. Points are joined one by one where they fit best, then each is taken out and placed again
 * until nothing improves; readings may be missing.
 *
 * @param points how many distinct points there are, at least one
 * @param readings zeroed readings between distinct points; must connect all points
 * @param rounds how often every point is taken out and placed again at most
 */
export function fitTree(points: number, readings: PointReading[], rounds = POLISHING_ROUNDS): Fit {
  if (points === 1) return measure({ nodes: [0], edges: [] }, [])
  let tree = grow(points, readings)
  let fit = measure(lengths(tree, readings), readings)
  for (let round = 0; round < rounds && points > 3 && fit.worst.sigmas > WITHIN_LIMIT; round++) {
    const before = fit.chiSquare
    for (let point = 0; point < points; point++) {
      const pruned = withoutPoint(fit.tree, point)
      const best = placements(pruned, point, readings)[0]
      if (!best) continue
      tree = lengths(join(pruned, point, best), readings)
      const candidate = measure(tree, readings)
      if (candidate.chiSquare < fit.chiSquare - 1e-9) fit = candidate
    }
    if (before - fit.chiSquare < 1e-6 * (1 + before)) break
  }
  return simplify(fit, readings)
}

/** Start from the best-read pair, then always join the point with most readings to those already placed. */
function grow(points: number, readings: PointReading[]): WindingTree {
  const counts = Array.from(
    { length: points },
    (_, p) => readings.filter((r) => r.a === p || r.b === p).length,
  )
  const seed = [...readings].sort((x, y) => counts[y.a]! + counts[y.b]! - counts[x.a]! - counts[x.b]!)[0]!
  let tree: WindingTree = { nodes: [seed.a, seed.b], edges: [{ a: 0, b: 1, ohm: seed.ohm }] }
  const left = new Set(
    Array.from({ length: points }, (_, p) => p).filter((p) => p !== seed.a && p !== seed.b),
  )
  while (left.size > 0) {
    const placed = new Set(tree.nodes)
    const reach = (p: number) =>
      readings.filter((r) => (r.a === p && placed.has(r.b)) || (r.b === p && placed.has(r.a))).length
    const next = [...left].sort((x, y) => reach(y) - reach(x))[0]!
    left.delete(next)
    tree = join(tree, next, placements(tree, next, readings)[0]!)
  }
  return tree
}

/** Segment values by weighted least squares, none negative: the most negative one is shrunk to nothing and the rest solved again. */
function lengths(tree: WindingTree, readings: PointReading[]): WindingTree {
  const masks = readingMasks(tree, readings)
  const free = tree.edges.map((_, index) => index)
  const values = tree.edges.map(() => 0)
  while (free.length > 0) {
    const n = free.length
    const matrix = free.map(() => new Array<number>(n).fill(0))
    const right = new Array<number>(n).fill(0)
    for (let r = 0; r < readings.length; r++) {
      const mask = masks[r]!
      const weight = 1 / readings[r]!.sigma ** 2
      for (let i = 0; i < n; i++) {
        if ((mask & (1 << free[i]!)) === 0) continue
        right[i]! += weight * readings[r]!.ohm
        for (let j = 0; j < n; j++) if ((mask & (1 << free[j]!)) !== 0) matrix[i]![j]! += weight
      }
    }
    // A whisper of ridge keeps an undetermined segment finite; it is reported as missing elsewhere.
    for (let i = 0; i < n; i++) matrix[i]![i]! += 1e-8
    const solved = solveSymmetric(matrix, right)
    if (!solved) break
    const lowest = solved.reduce((least, value, i) => (value < solved[least]! ? i : least), 0)
    if (solved[lowest]! >= -1e-9) {
      free.forEach((edge, i) => {
        values[edge] = Math.max(0, solved[i]!)
      })
      break
    }
    free.splice(lowest, 1)
  }
  return { nodes: tree.nodes, edges: tree.edges.map((edge, index) => ({ ...edge, ohm: values[index]! })) }
}

/** For each reading the segments on its path, as bits. */
function readingMasks(tree: WindingTree, readings: PointReading[]): number[] {
  const masks = pathMasks(tree)
  const nodeOf: number[] = []
  tree.nodes.forEach((point, node) => {
    if (point >= 0) nodeOf[point] = node
  })
  return readings.map((reading) => masks[nodeOf[reading.a]!]! ^ masks[nodeOf[reading.b]!]!)
}

function measure(tree: WindingTree, readings: PointReading[]): Fit {
  const masks = readingMasks(tree, readings)
  let chiSquare = 0
  let worst = { index: -1, sigmas: 0 }
  const residuals = readings.map((reading, index) => {
    const residual = reading.ohm - lengthOf(tree, masks[index]!)
    const sigmas = Math.abs(residual) / reading.sigma
    chiSquare += sigmas ** 2
    if (sigmas > worst.sigmas) worst = { index, sigmas }
    return residual
  })
  return { tree, chiSquare, residuals, worst }
}

/** Leave out every joint that the readings do not ask for, shortest segment first. Two leads are never merged here. */
function simplify(fit: Fit, readings: PointReading[]): Fit {
  let best = fit
  for (let changed = true; changed; ) {
    changed = false
    const longest = 4 * Math.max(...readings.map((reading) => reading.sigma))
    const byLength = best.tree.edges
      .filter((edge) => edge.ohm <= longest)
      .sort((one, two) => one.ohm - two.ohm)
    for (const edge of byLength) {
      if (best.tree.nodes[edge.a]! >= 0 && best.tree.nodes[edge.b]! >= 0) continue
      const candidate = measure(lengths(contract(best.tree, edge), readings), readings)
      if (candidate.chiSquare <= best.chiSquare + JOINT_COST) {
        best = candidate
        changed = true
        break
      }
    }
  }
  return best
}
