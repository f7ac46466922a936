import { add, type Complex, complex, mul, polar, solveComplex, sub } from '../../circuit/complex'
import { windingImpedances } from '../../motor'
import { solveWith } from './lu'
import { type NodeMatrix, nodeMatrix } from './matrix'
import type { Net, NetMotor } from './net'

interface Port {
  motor: NetMotor
  winding: 'main' | 'aux'
  a: string
  b: string
}

/** A net with its motors taken out and seen from their windings: what each winding would read open, and what stands behind it. */
export interface Prepared {
  net: Net
  index: ReadonlyMap<string, number>
  /** Node voltages with every winding open. */
  open: Complex[]
  ports: Port[]
  /** Node voltages for 1 A drawn by each winding alone, sources off. */
  drawn: Complex[][]
}

/** Node voltages and the current of each winding, at one set of slips. */
export interface Solved {
  volts: (node: string) => Complex
  main: Record<string, Complex>
  aux: Record<string, Complex>
}

/**
 * Nodal analysis with the sources as their Norton equivalents. The motors are left out and looked at from their ports
 * (Thévenin), so that a change of speed costs a system of four unknowns and not of fifty.
 *
 * @throws CoreError `singular` where a part hangs on nothing
 */
export function prepare(net: Net): Prepared {
  const { index, factors } = matrixOf(net)
  const nothing = () => Array.from({ length: factors.size }, () => complex(0))
  const inject = nothing()
  const push = (node: string, current: Complex, sign: 1 | -1) => {
    const at = index.get(node)
    const before = at === undefined ? undefined : inject[at]
    if (at !== undefined && before) inject[at] = sign > 0 ? add(before, current) : sub(before, current)
  }
  for (const { a, b, volts, degrees, ohm } of net.sources) {
    const { re, im } = polar(volts, degrees)
    const current = complex(re / ohm, im / ohm)
    push(a, current, 1)
    push(b, current, -1)
  }
  const ports = net.motors.flatMap((motor): Port[] => [
    { motor, winding: 'main', a: motor.main[0], b: motor.main[1] },
    ...(motor.aux ? [{ motor, winding: 'aux' as const, a: motor.aux[0], b: motor.aux[1] }] : []),
  ])
  const drawn = ports.map(({ a, b }) => {
    const right = nothing()
    const [from, to] = [index.get(a), index.get(b)]
    if (from !== undefined) right[from] = complex(-1)
    if (to !== undefined) right[to] = complex(1)
    return solveWith(factors, right)
  })
  return { net, index, open: solveWith(factors, inject), ports, drawn }
}

const matrixOf = (net: Net): NodeMatrix =>
  nodeMatrix(net, (stamp) => {
    const omega = 2 * Math.PI * net.hz
    for (const { a, b, ohm } of [...net.resistors, ...net.sources, ...net.rails]) stamp(a, b, 1 / ohm)
    for (const { a, b, farad } of net.capacitors) stamp(a, b, 0, omega * farad)
    for (const { a, b, henry } of net.inductors) stamp(a, b, 0, -1 / (omega * henry))
  })

const across = (values: Complex[], index: ReadonlyMap<string, number>, a: string, b: string): Complex => {
  const at = (node: string) => values[index.get(node) ?? -1] ?? complex(0)
  return sub(at(a), at(b))
}

/** Current of each winding, by its motor. */
export type WindingAmps = Pick<Solved, 'main' | 'aux'>

function byMotor(ports: Port[], currents: Complex[]): WindingAmps {
  const of = (winding: Port['winding']) =>
    Object.fromEntries(
      ports.flatMap((port, k) =>
        port.winding === winding ? [[port.motor.id, currents[k] ?? complex(0)]] : [],
      ),
    )
  return { main: of('main'), aux: of('aux') }
}

/** Every node and winding at these slips. */
export function solveAt(prepared: Prepared, slips: Readonly<Record<string, number>>): Solved {
  const { open, drawn, index } = prepared
  const currents = portAmps(prepared, slips)
  // Asked for a few nodes of fifty: worked out for these alone.
  const voltsAt = (at: number): Complex =>
    drawn.reduce((sum, each, k) => add(sum, mul(each[at] ?? complex(0), currents[k] ?? complex(0))), {
      ...(open[at] ?? complex(0)),
    })
  return {
    volts: (node) => {
      const at = index.get(node)
      return at === undefined ? complex(0) : voltsAt(at)
    },
    ...byMotor(prepared.ports, currents),
  }
}

/** (Zwinding + Zbehind)·I = Vopen over all ports. Drawing 1 A lowers its port: `drawn` is the negative of what stands behind. */
function portAmps(
  { net, ports, open, drawn, index }: Prepared,
  slips: Readonly<Record<string, number>>,
): Complex[] {
  if (ports.length === 0) return []
  const inside = new Map(
    net.motors.map((motor) => [motor.id, windingImpedances(motor.data, slips[motor.id] ?? 1)]),
  )
  const matrix = ports.map((port) =>
    ports.map((other, column) => {
      const behind = across(drawn[column] ?? [], index, port.a, port.b)
      const z = port.motor === other.motor ? inside.get(port.motor.id) : undefined
      return sub(z ? coupling(z, port.winding, other.winding) : complex(0), behind)
    }),
  )
  const right = ports.map((port) => across(open, index, port.a, port.b))
  return solveComplex(matrix, right) ?? ports.map(() => complex(0))
}

type Impedances = ReturnType<typeof windingImpedances>
const coupling = (z: Impedances, to: Port['winding'], from: Port['winding']): Complex => {
  if (to === 'main') return from === 'main' ? z.mm : z.ma
  return from === 'main' ? z.am : (z.aa ?? complex(0))
}
