import { type CircuitElement, solveCircuit } from '../circuit'
import type { MotorShape, Segment } from './motorShape'
import type { Nodes } from './nodes'

export interface SolvedWiring {
  /** Across two points, V rms. */
  across: (one: string, two: string) => number
  /** What drives the main winding: the currents of its parts, each by its share of the turns (as its ohms), along the chain. */
  main: Current | null
  /** Current in the start winding from the joint outward; null where nothing flows. */
  start: Current | null
}

interface Current {
  amps: number
  degrees: number
}

/** A capacitor, or one section of it, between two places. */
export interface CapacitorBetween {
  from: string
  to: string
  uF: number
}

const LEAST_AMPS = 1e-6

/** The wired circuit at standstill. Parts that hang on no source are dropped first. Null where the lines are joined. */
export function solveWiring(
  nodes: Nodes,
  lines: [string, string],
  supply: { volts: number; hz: number },
  motor: Pick<MotorShape, 'chain' | 'main' | 'start'>,
  capacitors: CapacitorBetween[],
): SolvedWiring | null {
  const [live, neutral] = [nodes.of(lines[0]), nodes.of(lines[1])]
  if (live === neutral) return null
  const omega = 2 * Math.PI * supply.hz
  const source: CircuitElement = { id: 'source', kind: 'source', nodes: [live, neutral], value: supply.volts }
  const elements: CircuitElement[] = [
    source,
    ...motor.main.flatMap((part, index) => windingOf(`main${index}`, part, nodes, omega)),
    ...(motor.start ? windingOf('start', motor.start, nodes, omega) : []),
    ...capacitors.map(
      ({ from, to, uF }, index): CircuitElement => ({
        id: `capacitor${index}`,
        kind: 'capacitor',
        nodes: [nodes.of(from), nodes.of(to)],
        value: uF * 1e-6,
      }),
    ),
  ].filter(({ nodes: [one, two] }) => one !== two)
  const fed = reachable(elements, live)
  const { nodes: solved, elements: flows } = solveCircuit({
    hz: supply.hz,
    reference: neutral,
    elements: elements.filter((element) => fed.has(element.nodes[0]!)),
  })
  const phasor = (point: string): { re: number; im: number } => {
    const node = solved[nodes.of(point)]
    if (!node) return { re: 0, im: 0 }
    const angle = (node.degrees * Math.PI) / 180
    return { re: node.volts * Math.cos(angle), im: node.volts * Math.sin(angle) }
  }
  const flow = (id: string) => {
    const found = flows[`${id}/r`]
    return found && found.amps > LEAST_AMPS ? { amps: found.amps, degrees: found.degrees } : null
  }
  const isFed = (point: string) => fed.has(nodes.of(point))
  return {
    across: (one, two) => {
      // A point that hangs free shows nothing against anything.
      if (!isFed(one) || !isFed(two)) return 0
      const [a, b] = [phasor(one), phasor(two)]
      return Math.hypot(a.re - b.re, a.im - b.im)
    },
    main: along(motor, flow),
    start: flow('start'),
  }
}

/** The currents of the main winding's parts added up as phasors along the chain, each by its share of the ohms. */
function along(
  { chain, main }: Pick<MotorShape, 'chain' | 'main'>,
  flow: (id: string) => Current | null,
): Current | null {
  const whole = main.reduce((sum, { r }) => sum + r, 0)
  let [re, im] = [0, 0]
  main.forEach(({ from, to, r }, index) => {
    const current = flow(`main${index}`)
    if (!current) return
    const share = ((chain.indexOf(from) < chain.indexOf(to) ? 1 : -1) * r) / whole
    const angle = (current.degrees * Math.PI) / 180
    re += share * current.amps * Math.cos(angle)
    im += share * current.amps * Math.sin(angle)
  })
  const amps = Math.hypot(re, im)
  return amps > LEAST_AMPS ? { amps, degrees: (Math.atan2(im, re) * 180) / Math.PI } : null
}

/** Torque at standstill goes with both currents and the sine between them; its sign is the turn. */
export function torqueOf(solved: SolvedWiring | null): number {
  if (!solved?.main || !solved.start) return 0
  const angle = ((solved.start.degrees - solved.main.degrees) * Math.PI) / 180
  return solved.main.amps * solved.start.amps * Math.sin(angle)
}

/** Resistance and reactance in series, with a point of their own between. */
function windingOf(id: string, segment: Segment, nodes: Nodes, omega: number): CircuitElement[] {
  const [from, to] = [nodes.of(segment.from), nodes.of(segment.to)]
  if (segment.x <= 0) return [{ id: `${id}/r`, kind: 'resistor', nodes: [from, to], value: segment.r }]
  // A winding whose two ends are joined stays in: its own middle keeps it from being dropped.
  if (from === to) return []
  const middle = `${id}/middle`
  return [
    { id: `${id}/r`, kind: 'resistor', nodes: [from, middle], value: segment.r },
    { id: `${id}/x`, kind: 'inductor', nodes: [middle, to], value: segment.x / omega },
  ]
}

function reachable(elements: CircuitElement[], from: string): Set<string> {
  const found = new Set([from])
  for (let size = 0; size !== found.size; ) {
    size = found.size
    for (const element of elements)
      if (element.nodes.some((node) => found.has(node))) for (const node of element.nodes) found.add(node)
  }
  return found
}
