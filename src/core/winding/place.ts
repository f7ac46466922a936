import { HIDDEN, lengthOf, pathMasks, type WindingTree } from './tree'

/** One reading between two distinct points, zeroed, in Ω. */
export interface PointReading {
  a: number
  b: number
  ohm: number
  /** One standard deviation in Ω. */
  sigma: number
}

/** Where a point may join the tree: on `edge`, `offset` Ω from its first end, at the end of a branch of `branch` Ω. */
export interface Placement {
  edge: number
  offset: number
  branch: number
  chiSquare: number
}

/**
 * Every reasonable way to join `point` to the tree: for each segment the best fit, and the two ends of the segment
 * where readings are too few to fix the place along it.
 */
export function placements(tree: WindingTree, point: number, readings: PointReading[]): Placement[] {
  const known: { node: number; ohm: number; weight: number }[] = []
  for (const reading of readings) {
    if (reading.a !== point && reading.b !== point) continue
    const node = tree.nodes.indexOf(reading.a === point ? reading.b : reading.a)
    if (node >= 0) known.push({ node, ohm: reading.ohm, weight: 1 / reading.sigma ** 2 })
  }
  const masks = pathMasks(tree)
  const found: Placement[] = []
  tree.edges.forEach((edge, index) => {
    const bit = 1 << index
    const onFirstSide = (node: number) => ((masks[node]! ^ masks[edge.a]!) & bit) === 0
    const rows = known.map(({ node, ohm, weight }) => {
      const path = lengthOf(tree, masks[node]! ^ masks[edge.a]!)
      // On the first end's side the path is branch + offset + path; on the other it is branch − offset + path.
      return { sign: onFirstSide(node) ? 1 : -1, rest: ohm - path, weight }
    })
    for (const { offset, branch } of solutions(rows, edge.ohm)) {
      let chiSquare = 0
      for (const row of rows) chiSquare += row.weight * (row.rest - branch - row.sign * offset) ** 2
      found.push({ edge: index, offset, branch, chiSquare })
    }
  })
  return found.sort((one, two) => one.chiSquare - two.chiSquare)
}

/** Predicted Ω from a placed point to a node of the tree it is placed on. */
export function predicted(tree: WindingTree, placement: Placement, node: number): number {
  const edge = tree.edges[placement.edge]!
  const masks = pathMasks(tree)
  const mask = masks[node]! ^ masks[edge.a]!
  const path = lengthOf(tree, mask)
  const firstSide = (mask & (1 << placement.edge)) === 0
  return placement.branch + path + (firstSide ? placement.offset : -placement.offset)
}

/** Weighted least squares of rest = branch + sign·offset with 0 ≤ offset ≤ length, branch ≥ 0. */
function solutions(
  rows: { sign: number; rest: number; weight: number }[],
  length: number,
): { offset: number; branch: number }[] {
  let s = 0
  let ss = 0
  let r = 0
  let sr = 0
  for (const row of rows) {
    s += row.weight
    ss += row.weight * row.sign
    r += row.weight * row.rest
    sr += row.weight * row.sign * row.rest
  }
  if (s === 0)
    return [
      { offset: 0, branch: 0 },
      { offset: length, branch: 0 },
    ]
  const branchAt = (offset: number) => ({ offset, branch: Math.max(0, (r - ss * offset) / s) })
  const ends = [branchAt(0), branchAt(length)]
  const determinant = s * s - ss * ss
  // With no branch the point lies on the segment itself.
  const onSegment = { offset: Math.min(length, Math.max(0, sr / s)), branch: 0 }
  // Readings from one side alone leave it open how much is branch: from all of it to none.
  if (determinant < 1e-9 * s * s) return [...ends, onSegment]
  const offset = (s * sr - ss * r) / determinant
  const branch = (s * r - ss * sr) / determinant
  if (offset >= 0 && offset <= length && branch >= 0) return [{ offset, branch }]
  return [...ends, onSegment]
}

/** The tree with `point` joined as the placement says; a place at an end of the segment takes that joint. */
export function join(tree: WindingTree, point: number, placement: Placement): WindingTree {
  const nodes = [...tree.nodes]
  const edges = tree.edges.map((edge) => ({ ...edge }))
  const edge = edges[placement.edge]!
  const tiny = 1e-9 * (1 + edge.ohm)
  let joint: number
  if (placement.offset <= tiny) joint = edge.a
  else if (placement.offset >= edge.ohm - tiny) joint = edge.b
  else {
    joint = nodes.length
    nodes.push(HIDDEN)
    edges.push({ a: joint, b: edge.b, ohm: edge.ohm - placement.offset })
    edge.b = joint
    edge.ohm = placement.offset
  }
  if (placement.branch <= tiny && nodes[joint] === HIDDEN) {
    nodes[joint] = point
  } else {
    nodes.push(point)
    edges.push({ a: joint, b: nodes.length - 1, ohm: placement.branch })
  }
  return { nodes, edges }
}
