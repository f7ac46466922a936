import type { CircuitElement, CircuitInput } from '../../circuit'
import type { MotorData } from '../../motor'

/** Everything is measured against the ground of the house. */
export const GROUND = 'ground'

export interface TwoEnds {
  id: string
  a: string
  b: string
}

/** A source behind its own impedance, V rms (V where the net is of direct current). */
export interface NetSource extends TwoEnds {
  volts: number
  degrees: number
  ohm: number
}

/** A motor of one winding or two in quadrature, at its slip. */
export interface NetMotor {
  id: string
  data: MotorData
  main: [string, string]
  aux?: [string, string]
}

/** A machine as it stands now: what is open is left out, what is closed has its ohms. */
export interface Net {
  hz: number
  resistors: (TwoEnds & { ohm: number })[]
  capacitors: (TwoEnds & { farad: number })[]
  inductors: (TwoEnds & { henry: number })[]
  sources: NetSource[]
  /** Rails of direct current beside the mains: short circuits behind their ohms for the phasors. */
  rails: NetSource[]
  motors: NetMotor[]
}

export const emptyNet = (hz: number): Net => ({
  hz,
  resistors: [],
  capacitors: [],
  inductors: [],
  sources: [],
  rails: [],
  motors: [],
})

/**
 * Names of all nodes but the ground, those on which the least hangs first: solved in this order, wires and loose ends go
 * before they could spread over the rest.
 */
export function nodesOf(net: Net): string[] {
  const hangs = new Map<string, number>()
  const hang = (node: string) => hangs.set(node, (hangs.get(node) ?? 0) + 1)
  for (const list of [net.resistors, net.capacitors, net.inductors, net.sources, net.rails])
    for (const { a, b } of list) {
      hang(a)
      hang(b)
    }
  for (const { main, aux } of net.motors) for (const node of [...main, ...(aux ?? [])]) hang(node)
  hangs.delete(GROUND)
  return [...hangs].sort(([, one], [, two]) => one - two).map(([name]) => name)
}

/** What stands for direct current in the `circuit` tool, Hz. */
const DIRECT_HZ = 1e-6

/** The same net as the `circuit` tool takes it: a source's own ohms become an element of their own. */
export function circuitOf(net: Net, slips: Readonly<Record<string, number>>): CircuitInput {
  const elements: CircuitElement[] = [
    ...net.sources.flatMap(({ id, a, b, volts, degrees, ohm }): CircuitElement[] => [
      { id, kind: 'source', nodes: [`${id}.inside`, b], value: volts, degrees },
      { id: `${id}.ohm`, kind: 'resistor', nodes: [`${id}.inside`, a], value: ohm },
    ]),
    ...net.rails.map(
      ({ id, a, b, ohm }): CircuitElement => ({ id, kind: 'resistor', nodes: [a, b], value: ohm }),
    ),
    ...net.resistors.map(
      ({ id, a, b, ohm }): CircuitElement => ({ id, kind: 'resistor', nodes: [a, b], value: ohm }),
    ),
    ...net.capacitors.map(
      ({ id, a, b, farad }): CircuitElement => ({ id, kind: 'capacitor', nodes: [a, b], value: farad }),
    ),
    ...net.inductors.map(
      ({ id, a, b, henry }): CircuitElement => ({ id, kind: 'inductor', nodes: [a, b], value: henry }),
    ),
    ...net.motors.map(
      ({ id, data, main, aux }): CircuitElement => ({
        id,
        kind: 'motor',
        nodes: [...main, ...(aux ?? [])],
        motor: data,
        slip: slips[id] ?? 1,
      }),
    ),
  ]
  // The tool works at one frequency above 0: so slow a one is a battery's, and the sign of its volts goes into its phase.
  return { hz: net.hz || DIRECT_HZ, reference: GROUND, elements }
}
