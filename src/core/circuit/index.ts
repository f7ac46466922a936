import { CoreError } from '../errors'
import { type MotorData, windingImpedances } from '../motor/model'
import { abs, add, arg, type Complex, complex, conj, mul, solveComplex, sub } from './complex'

export interface CircuitElement {
  id: string
  kind: 'source' | 'resistor' | 'inductor' | 'capacitor' | 'switch' | 'motor'
  nodes: string[]
  /** V rms, Ω, H or F, by kind. */
  value?: number
  degrees?: number
  closed?: boolean
  motor?: MotorData
  slip?: number
}

export interface CircuitInput {
  hz: number
  reference: string
  elements: CircuitElement[]
}

export interface Phasor {
  volts: number
  degrees: number
}

export interface CircuitResult {
  nodes: Record<string, Phasor>
  elements: Record<string, { volts: number; amps: number; degrees: number; watts: number; vars: number }>
}

/**
 * Solve a circuit at one frequency by modified nodal analysis: sources, closed switches and motor windings carry their
 * currents as unknowns. Phasors rms; a source drives its first node positive.
 *
 * @throws CoreError `singular` for a floating or contradictory circuit, `invalid-input` for a wrong element
 * @example solveCircuit({ hz: 60, reference: 'n', elements: [{ id: 's', kind: 'source', nodes: ['l', 'n'], value: 120 }, { id: 'r', kind: 'resistor', nodes: ['l', 'n'], value: 60 }] }).elements.r.amps // 2
 */
export function solveCircuit(input: CircuitInput): CircuitResult {
  const { hz, elements, reference } = input
  checkElements(input)
  const names = [...new Set(elements.flatMap((element) => element.nodes))]
  if (!names.includes(reference))
    throw new CoreError('invalid-input', `No element touches the reference node ${reference}.`, 'reference')
  const free = names.filter((name) => name !== reference)
  const index = new Map(free.map((name, i) => [name, i]))
  const branches = elements.flatMap(branchesOf)
  const size = free.length + branches.length
  const matrix = Array.from({ length: size }, () => Array.from({ length: size }, () => complex(0)))
  const right = Array.from({ length: size }, () => complex(0))
  const stamp = (row: number, column: number, value: Complex) => {
    matrix[row]![column] = add(matrix[row]![column]!, value)
  }
  const at = (node: string) => index.get(node)
  for (const element of elements) {
    const admittance = admittanceOf(element, hz)
    if (!admittance) continue
    const [p, q] = [at(element.nodes[0]!), at(element.nodes[1]!)]
    const minus = complex(-admittance.re, -admittance.im)
    if (p !== undefined) stamp(p, p, admittance)
    if (q !== undefined) stamp(q, q, admittance)
    if (p !== undefined && q !== undefined) {
      stamp(p, q, minus)
      stamp(q, p, minus)
    }
  }
  branches.forEach((branch, b) => {
    const row = free.length + b
    const [p, q] = [at(branch.from), at(branch.to)]
    // The branch current leaves its first node and enters its second.
    if (p !== undefined) stamp(p, row, complex(1))
    if (q !== undefined) stamp(q, row, complex(-1))
    if (p !== undefined) stamp(row, p, complex(1))
    if (q !== undefined) stamp(row, q, complex(-1))
    right[row] = branch.volts
    for (const [other, impedance] of branch.impedances) {
      const column =
        free.length + branches.findIndex((each) => each.element === branch.element && each.winding === other)
      stamp(row, column, complex(-impedance.re, -impedance.im))
    }
  })
  const solved = solveComplex(matrix, right)
  if (!solved)
    throw new CoreError(
      'singular',
      'This circuit has no single answer: a part floats, or two sources contradict each other. Tie every part to the rest.',
    )
  const voltage = (node: string) => (node === reference ? complex(0) : solved[index.get(node)!]!)
  const currentOf = (element: CircuitElement, winding: 'only' | 'main' | 'aux') =>
    solved[free.length + branches.findIndex((each) => each.element === element && each.winding === winding)]!
  return {
    nodes: Object.fromEntries(names.map((name) => [name, phasor(voltage(name))])),
    elements: Object.fromEntries(
      elements.map((element) => [element.id, resultOf(element, voltage, currentOf, hz)]),
    ),
  }
}

interface Branch {
  element: CircuitElement
  winding: 'only' | 'main' | 'aux'
  from: string
  to: string
  volts: Complex
  /** V = Σ Z·I over these windings of the same element. */
  impedances: ['main' | 'aux', Complex][]
}

function branchesOf(element: CircuitElement): Branch[] {
  const [from, to, auxFrom, auxTo] = element.nodes as [string, string, string, string]
  if (element.kind === 'source') {
    const phase = ((element.degrees ?? 0) * Math.PI) / 180
    return [
      {
        element,
        winding: 'only',
        from,
        to,
        volts: complex(element.value! * Math.cos(phase), element.value! * Math.sin(phase)),
        impedances: [],
      },
    ]
  }
  if (element.kind === 'switch')
    return element.closed ? [{ element, winding: 'only', from, to, volts: complex(0), impedances: [] }] : []
  if (element.kind !== 'motor') return []
  const z = windingImpedances(element.motor!, element.slip ?? 1)
  const main: Branch = { element, winding: 'main', from, to, volts: complex(0), impedances: [['main', z.mm]] }
  if (!z.aa) return [main]
  main.impedances.push(['aux', z.ma])
  return [
    main,
    {
      element,
      winding: 'aux',
      from: auxFrom,
      to: auxTo,
      volts: complex(0),
      impedances: [
        ['main', z.am],
        ['aux', z.aa],
      ],
    },
  ]
}

function admittanceOf(element: CircuitElement, hz: number): Complex | null {
  const omega = 2 * Math.PI * hz
  switch (element.kind) {
    case 'resistor':
      return complex(1 / element.value!)
    case 'inductor':
      return complex(0, -1 / (omega * element.value!))
    case 'capacitor':
      return complex(0, omega * element.value!)
    default:
      return null
  }
}

type Current = (element: CircuitElement, winding: 'only' | 'main' | 'aux') => Complex

function resultOf(
  element: CircuitElement,
  voltage: (node: string) => Complex,
  currentOf: Current,
  hz: number,
) {
  const [p, q, r, s] = element.nodes as [string, string, string, string]
  const across = sub(voltage(p), voltage(q))
  let current = complex(0)
  let power = complex(0)
  const admittance = admittanceOf(element, hz)
  if (admittance) current = mul(admittance, across)
  else if (element.kind === 'source' || (element.kind === 'switch' && element.closed))
    current = currentOf(element, 'only')
  else if (element.kind === 'motor') {
    current = currentOf(element, 'main')
    power = mul(across, conj(current))
    if (element.motor!.aux)
      power = add(power, mul(sub(voltage(r), voltage(s)), conj(currentOf(element, 'aux'))))
  }
  if (element.kind !== 'motor') power = mul(across, conj(current))
  return {
    volts: abs(across),
    amps: abs(current),
    degrees: degreesOf(current),
    watts: power.re + 0,
    vars: power.im + 0,
  }
}

const degreesOf = (value: Complex) => (abs(value) < 1e-12 ? 0 : (arg(value) * 180) / Math.PI + 0)
const phasor = (value: Complex): Phasor => ({ volts: abs(value), degrees: degreesOf(value) })

function checkElements({ elements }: CircuitInput): void {
  const ids = new Set<string>()
  elements.forEach((element, i) => {
    const path = `elements[${i}]`
    if (ids.has(element.id))
      throw new CoreError('invalid-input', `Two elements are called ${element.id}.`, `${path}.id`)
    ids.add(element.id)
    const wanted = element.kind === 'motor' ? (element.motor?.aux ? 4 : 2) : 2
    if (element.nodes.length < wanted)
      throw new CoreError('invalid-input', `A ${element.kind} needs ${wanted} nodes.`, `${path}.nodes`)
    if (element.kind === 'motor' && !element.motor)
      throw new CoreError('invalid-input', 'A motor element needs its motor data.', `${path}.motor`)
    if (['resistor', 'inductor', 'capacitor'].includes(element.kind) && !(element.value! > 0)) {
      throw new CoreError(
        'invalid-input',
        `The value of a ${element.kind} must be more than 0.`,
        `${path}.value`,
      )
    }
    if (element.kind === 'source' && element.value === undefined)
      throw new CoreError('invalid-input', 'A source needs its volts as value.', `${path}.value`)
  })
}
