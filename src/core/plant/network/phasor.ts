import { add, type Complex, complex, mul, solveComplex, sub } from '../../circuit/complex'
import { CoreError } from '../../errors'
import { windingImpedances } from '../../motor'
import { type Factors, factorise, solveWith } from './lu'
import { type Net, type NetMotor, nodesOf } from './net'

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

const rad = (degrees: number) => (degrees * Math.PI) / 180

/**
 * Nodal analysis with the sources as their Norton equivalents. The motors are left out and looked at from their ports
 * (Thévenin), so that a change of speed costs a system of four unknowns and not of fifty.
 *
 * @throws CoreError `singular` where a part hangs on nothing
 */
export function prepare(net: Net): Prepared {
  const names = nodesOf(net)
  const index = new Map(names.map((name, i) => [name, i]))
  const factors = matrixOf(net, index)
  if (!factors) throw new CoreError('singular', 'A part of this machine hangs on nothing.', 'circuit')
  const inject = names.map(() => complex(0))
  const push = (node: string, current: Complex, sign: 1 | -1) => {
    const at = index.get(node)
    const before = at === undefined ? undefined : inject[at]
    if (at !== undefined && before) inject[at] = sign > 0 ? add(before, current) : sub(before, current)
  }
  for (const { a, b, volts, degrees, ohm } of net.sources) {
    const current = complex((volts * Math.cos(rad(degrees))) / ohm, (volts * Math.sin(rad(degrees))) / ohm)
    push(a, current, 1)
    push(b, current, -1)
  }
  const ports = net.motors.flatMap((motor): Port[] => [
    { motor, winding: 'main', a: motor.main[0], b: motor.main[1] },
    ...(motor.aux ? [{ motor, winding: 'aux' as const, a: motor.aux[0], b: motor.aux[1] }] : []),
  ])
  const drawn = ports.map(({ a, b }) => {
    const right = names.map(() => complex(0))
    const [from, to] = [index.get(a), index.get(b)]
    if (from !== undefined) right[from] = complex(-1)
    if (to !== undefined) right[to] = complex(1)
    return solveWith(factors, right)
  })
  return { net, index, open: solveWith(factors, inject), ports, drawn }
}

function matrixOf(net: Net, index: ReadonlyMap<string, number>): Factors | null {
  const size = index.size
  const [re, im] = [new Float64Array(size * size), new Float64Array(size * size)]
  const omega = 2 * Math.PI * net.hz
  const stamp = (a: string, b: string, gr: number, gi: number) => {
    const [p, q] = [index.get(a), index.get(b)]
    for (const at of [p, q])
      if (at !== undefined) {
        re[at * size + at] = (re[at * size + at] ?? 0) + gr
        im[at * size + at] = (im[at * size + at] ?? 0) + gi
      }
    if (p === undefined || q === undefined) return
    for (const at of [p * size + q, q * size + p]) {
      re[at] = (re[at] ?? 0) - gr
      im[at] = (im[at] ?? 0) - gi
    }
  }
  for (const { a, b, ohm } of net.resistors) stamp(a, b, 1 / ohm, 0)
  for (const { a, b, ohm } of [...net.sources, ...net.rails]) stamp(a, b, 1 / ohm, 0)
  for (const { a, b, farad } of net.capacitors) stamp(a, b, 0, omega * farad)
  for (const { a, b, henry } of net.inductors) stamp(a, b, 0, -1 / (omega * henry))
  return factorise(size, re, im)
}

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
