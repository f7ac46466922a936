import { complex } from '../../circuit/complex'
import { solveWith } from './lu'
import { type NodeMatrix, nodeMatrix } from './matrix'
import type { Net } from './net'

/** Series ohms of a capacitor as direct current sees it: plates, tabs and leads. Keeps a charged one from being an ideal source. */
const SERIES_OHM = 0.5
/** A winding or choke without its reactance: its wire. */
const CHOKE_OHM = 0.01

/** What a wire holds to its neighbour is gone before anybody looks, F. */
const LEAST_FARAD = 8e-10

/** A net seen by direct current: windings are their ohms, capacitors are what they are charged to. */
export interface Direct extends NodeMatrix {
  net: Net
  /** How its capacitors empty, and towards what: asked at every step of time, worked out at the first. */
  decay: () => Decay
}

/** Modes of the charges, the roots of the farads, and where the charges settle. */
interface Decay {
  values: number[]
  vectors: number[][]
  roots: number[]
  rest: Record<string, number>
}

/** Charge of each capacitor, V from its first end to its second. */
export type Charge = Readonly<Record<string, number>>

/**
 * The net for direct current. Mains sources are short circuits behind their own ohms here, since what they give is told by the
 * phasors; a net of 0 Hz has its sources in it.
 *
 * @throws CoreError `singular`
 */
export function prepareDirect(given: Net): Direct {
  // What lies between two wires is no store of anything here: it would stand as a short.
  const net = { ...given, capacitors: given.capacitors.filter(({ farad }) => farad >= LEAST_FARAD) }
  const matrix = nodeMatrix(net, (stamp) => {
    for (const { a, b, ohm } of [...net.resistors, ...net.sources, ...net.rails]) stamp(a, b, 1 / ohm)
    for (const { a, b } of net.inductors) stamp(a, b, 1 / CHOKE_OHM)
    for (const { a, b } of net.capacitors) stamp(a, b, 1 / SERIES_OHM)
    for (const { data, main, aux } of net.motors) {
      stamp(...main, 1 / data.main.r)
      if (aux && data.aux) stamp(...aux, 1 / data.aux.r)
    }
  })
  return direct(net, matrix)
}

function direct(net: Net, matrix: NodeMatrix): Direct {
  let decay: Decay | undefined
  const made: Direct = {
    net,
    ...matrix,
    decay: () => {
      decay ??= { ...modesOf(made, net.capacitors), rest: restOf(net, net.capacitors) }
      return decay
    },
  }
  return made
}

/** Volts of every node with these charges, against ground. */
export function directVolts(
  { net, index, factors }: Pick<Direct, 'net' | 'index' | 'factors'>,
  charge: Charge,
): (node: string) => number {
  const right = Array.from({ length: index.size }, () => complex(0))
  const push = (node: string, amps: number) => {
    const at = index.get(node)
    const entry = at === undefined ? undefined : right[at]
    if (entry) entry.re += amps
  }
  const drive = (a: string, b: string, amps: number) => {
    push(a, amps)
    push(b, -amps)
  }
  const live = net.hz === 0 ? [...net.sources, ...net.rails] : net.rails
  for (const { a, b, volts, ohm } of live) drive(a, b, volts / ohm)
  for (const { id, a, b } of net.capacitors) drive(a, b, (charge[id] ?? 0) / SERIES_OHM)
  const solved = solveWith(factors, right)
  return (node) => solved[index.get(node) ?? -1]?.re ?? 0
}

/**
 * What the capacitors hold after this time: dq/dt = −G·(v − v∞), each mode by its own time constant, towards what the rails
 * and batteries that are on would charge them to.
 */
export function afterDecay(
  { net: { capacitors: list }, decay }: Direct,
  charge: Charge,
  seconds: number,
): Record<string, number> {
  if (list.length === 0 || seconds <= 0) return { ...charge }
  const { values, vectors, roots, rest } = decay()
  const scaled = list.map(({ id }, i) => ((charge[id] ?? 0) - (rest[id] ?? 0)) * (roots[i] ?? 1))
  const after: Record<string, number> = { ...charge }
  list.forEach(({ id }, i) => {
    let sum = 0
    values.forEach((rate, mode) => {
      const weight = scaled.reduce((total, value, k) => total + value * (vectors[k]?.[mode] ?? 0), 0)
      sum += (vectors[i]?.[mode] ?? 0) * weight * Math.exp(-Math.max(0, rate) * seconds)
    })
    after[id] = (rest[id] ?? 0) + sum / (roots[i] ?? 1)
  })
  return after
}

/** Conductances as each capacitor sees them, over the roots of the farads: symmetric, so its modes are real and fall. */
function modesOf(direct: Direct, list: Net['capacitors']) {
  const silent = { ...direct, net: { ...direct.net, sources: [], rails: [] } }
  const roots = list.map(({ farad }) => Math.sqrt(farad))
  const rows = list.map(() => list.map(() => 0))
  list.forEach((one, j) => {
    const volts = directVolts(silent, { [one.id]: 1 })
    list.forEach((other, i) => {
      const out = ((i === j ? 1 : 0) - (volts(other.a) - volts(other.b))) / SERIES_OHM
      const row = rows[i]
      if (row) row[j] = out / ((roots[i] ?? 1) * (roots[j] ?? 1))
    })
  })
  return { ...jacobi(rows), roots }
}

/** Where the charges settle: what stands between their ends with no current in them. Nothing but rails and batteries drives them. */
function restOf(net: Net, list: Net['capacitors']): Record<string, number> {
  if (net.rails.length === 0 && net.hz > 0) return {}
  const volts = directVolts(prepareDirect({ ...net, capacitors: [] }), {})
  return Object.fromEntries(list.map(({ id, a, b }) => [id, volts(a) - volts(b)]))
}

/** Eigenvalues and vectors of a small symmetric matrix by cyclic Jacobi rotations. */
export function jacobi(matrix: readonly (readonly number[])[]): { values: number[]; vectors: number[][] } {
  const n = matrix.length
  const a = matrix.map((row, i) => row.map((value, j) => (value + (matrix[j]?.[i] ?? 0)) / 2))
  const v = a.map((_, i) => a.map((_, j) => (i === j ? 1 : 0)))
  const get = (m: number[][], i: number, j: number) => m[i]?.[j] ?? 0
  const set = (m: number[][], i: number, j: number, value: number) => {
    const row = m[i]
    if (row) row[j] = value
  }
  for (let sweep = 0; sweep < 40; sweep++) {
    if (a.every((row, i) => row.every((value, j) => i === j || value === 0))) break
    for (let p = 0; p < n; p++)
      for (let q = p + 1; q < n; q++) {
        const off = get(a, p, q)
        if (off === 0) continue
        const theta = (get(a, q, q) - get(a, p, p)) / (2 * off)
        const t = Math.sign(theta || 1) / (Math.abs(theta) + Math.hypot(theta, 1))
        const c = 1 / Math.hypot(t, 1)
        const s = t * c
        for (let k = 0; k < n; k++) {
          const [kp, kq] = [get(a, k, p), get(a, k, q)]
          set(a, k, p, c * kp - s * kq)
          set(a, k, q, s * kp + c * kq)
        }
        for (let k = 0; k < n; k++) {
          const [pk, qk] = [get(a, p, k), get(a, q, k)]
          set(a, p, k, c * pk - s * qk)
          set(a, q, k, s * pk + c * qk)
          const [vp, vq] = [get(v, k, p), get(v, k, q)]
          set(v, k, p, c * vp - s * vq)
          set(v, k, q, s * vp + c * vq)
        }
      }
  }
  return { values: a.map((_, i) => get(a, i, i)), vectors: v }
}
