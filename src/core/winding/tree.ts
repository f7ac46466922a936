/**
 * A tree of winding segments under construction. Points are distinct electrical points that leads reach (0 … points−1);
 * a node carries a point, or `HIDDEN` where it is a joint inside the motor. At most 18 nodes, so that a set of segments
 * fits the bits of one integer.
 */
export interface Edge {
  a: number
  b: number
  ohm: number
}

export interface WindingTree {
  /** Node → the point it carries, or HIDDEN. */
  nodes: number[]
  edges: Edge[]
}

export const HIDDEN = -1

/** For each node the segments on its way to node 0, as bits; a path between two nodes is the XOR of theirs. */
export function pathMasks(tree: WindingTree): Int32Array {
  const masks = new Int32Array(tree.nodes.length).fill(-1)
  const { edges } = tree
  masks[0] = 0
  const stack = [0]
  while (stack.length > 0) {
    const at = stack.pop()!
    for (let e = 0; e < edges.length; e++) {
      const edge = edges[e]!
      const next = edge.a === at ? edge.b : edge.b === at ? edge.a : -1
      if (next >= 0 && masks[next] === -1) {
        masks[next] = masks[at]! | (1 << e)
        stack.push(next)
      }
    }
  }
  return masks
}

/** Sum in Ω of the segments in a set. */
export function lengthOf(tree: WindingTree, mask: number): number {
  let sum = 0
  for (let bits = mask; bits !== 0; bits &= bits - 1) sum += tree.edges[31 - Math.clz32(bits & -bits)]!.ohm
  return sum
}

/** Path length in Ω from one node to every node. */
export function distancesFrom(tree: WindingTree, start: number): number[] {
  const masks = pathMasks(tree)
  return tree.nodes.map((_, node) => lengthOf(tree, masks[start]! ^ masks[node]!))
}

/** Join the ends of an edge into one node, which keeps whichever point either carried. */
export function contract(tree: WindingTree, edge: Edge): WindingTree {
  const nodes = [...tree.nodes]
  if (nodes[edge.a] === HIDDEN) nodes[edge.a] = nodes[edge.b]!
  const edges = tree.edges
    .filter((other) => other !== edge)
    .map((other) => ({
      a: other.a === edge.b ? edge.a : other.a,
      b: other.b === edge.b ? edge.a : other.b,
      ohm: other.ohm,
    }))
  return dropNodes({ nodes, edges }, new Set([edge.b]))
}

/** Take a point out: its leaf goes, hidden joints left with two segments are joined through. */
export function withoutPoint(tree: WindingTree, point: number): WindingTree {
  const nodes = [...tree.nodes]
  let edges = [...tree.edges]
  const gone = new Set<number>()
  nodes[nodes.indexOf(point)] = HIDDEN
  for (let changed = true; changed; ) {
    changed = false
    for (let node = 0; node < nodes.length; node++) {
      if (nodes[node] !== HIDDEN || gone.has(node)) continue
      const touching = edges.filter((edge) => edge.a === node || edge.b === node)
      if (touching.length > 2) continue
      edges = edges.filter((edge) => !touching.includes(edge))
      if (touching.length === 2) {
        const [one, two] = touching as [Edge, Edge]
        edges.push({
          a: one.a === node ? one.b : one.a,
          b: two.a === node ? two.b : two.a,
          ohm: one.ohm + two.ohm,
        })
      }
      gone.add(node)
      changed = true
    }
  }
  return dropNodes({ nodes, edges }, gone)
}

function dropNodes(tree: WindingTree, gone: Set<number>): WindingTree {
  const at = new Map<number, number>()
  const nodes: number[] = []
  tree.nodes.forEach((point, node) => {
    if (gone.has(node)) return
    at.set(node, nodes.length)
    nodes.push(point)
  })
  return {
    nodes,
    edges: tree.edges.map((edge) => ({ a: at.get(edge.a)!, b: at.get(edge.b)!, ohm: edge.ohm })),
  }
}
