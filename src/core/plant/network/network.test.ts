import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type CircuitInput, type CircuitResult, solveCircuit } from '../../circuit'
import { abs } from '../../circuit/complex'
import { plantBuilds } from '../../knowledge/plants'
import { advance } from '../advance'
import { fittingFaults } from '../draw'
import { machineOf, nameOf } from '../rounds.testing'
import { settle, slipsOf } from '../settle'
import { afterDecay, directVolts, jacobi, prepareDirect } from './direct'
import { circuitOf, emptyNet, GROUND, type Net, nodesOf } from './net'

/** The largest sum of currents into any node, A, worked out from the elements as the circuit tool solved them. */
function leftOver(circuit: CircuitInput, { nodes, elements }: CircuitResult): number {
  const phasor = (node: string) => {
    const { volts, degrees } = nodes[node] ?? { volts: 0, degrees: 0 }
    return {
      re: volts * Math.cos((degrees * Math.PI) / 180),
      im: volts * Math.sin((degrees * Math.PI) / 180),
    }
  }
  const sums = new Map<string, { re: number; im: number }>()
  const put = (node: string, re: number, im: number) => {
    const sum = sums.get(node) ?? { re: 0, im: 0 }
    sums.set(node, { re: sum.re + re, im: sum.im + im })
  }
  const skipped = new Set<string>()
  for (const element of circuit.elements) {
    const [a = '', b = ''] = element.nodes
    const omega = 2 * Math.PI * circuit.hz
    const [p, q] = [phasor(a), phasor(b)]
    const v = { re: p.re - q.re, im: p.im - q.im }
    if (element.kind === 'motor') {
      // Its two windings share the sum that the tool tells; their nodes are held by the port test below.
      for (const node of element.nodes) skipped.add(node)
    } else if (element.kind === 'source') {
      const { amps, degrees } = elements[element.id] ?? { amps: 0, degrees: 0 }
      const i = {
        re: amps * Math.cos((degrees * Math.PI) / 180),
        im: amps * Math.sin((degrees * Math.PI) / 180),
      }
      put(a, i.re, i.im)
      put(b, -i.re, -i.im)
    } else {
      const y =
        element.kind === 'resistor'
          ? { re: 1 / (element.value ?? 1), im: 0 }
          : {
              re: 0,
              im:
                element.kind === 'capacitor'
                  ? omega * (element.value ?? 0)
                  : -1 / (omega * (element.value ?? 1)),
            }
      const i = { re: v.re * y.re - v.im * y.im, im: v.re * y.im + v.im * y.re }
      put(a, i.re, i.im)
      put(b, -i.re, -i.im)
    }
  }
  return Math.max(
    0,
    ...[...sums].flatMap(([node, { re, im }]) =>
      node === GROUND || skipped.has(node) ? [] : [Math.hypot(re, im)],
    ),
  )
}

describe.each(plantBuilds.map((build) => [nameOf(build), build] as const))('%s', (_, build) => {
  const causes = [undefined, ...fittingFaults(build).map(([fault]) => fault.cause)]

  it('has no current left over at any node, whatever is wrong with it, and solved from its ports is the same circuit', () => {
    for (const cause of causes) {
      const drawn = machineOf(build, cause ? [cause] : [])
      const { prepared, state, solved } = settle(drawn.machine, drawn.start)
      const circuit = circuitOf(prepared.net, slipsOf(drawn.machine, state))
      const whole = solveCircuit(circuit)
      expect([cause, leftOver(circuit, whole)]).toEqual([cause, expect.closeTo(0, 5)])
      for (const node of nodesOf(prepared.net))
        expect([node, whole.nodes[node]?.volts]).toEqual([node, expect.closeTo(abs(solved.volts(node)), 4)])
    }
  })
})

/** A capacitor with a resistor across it. */
const rc = (farad: number, ohm: number): Net => ({
  ...emptyNet(60),
  capacitors: [{ id: 'c', a: 'plus', b: GROUND, farad }],
  resistors: [{ id: 'r', a: 'plus', b: GROUND, ohm }],
})

describe('a charge', () => {
  it('falls with the product of ohms and farads', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 100, noNaN: true }),
        fc.double({ min: 100, max: 1e6, noNaN: true }),
        fc.double({ min: 0.01, max: 3, noNaN: true }),
        (uF, ohm, constants) => {
          const tau = (ohm + 0.5) * uF * 1e-6
          const left = afterDecay(prepareDirect(rc(uF * 1e-6, ohm)), { c: 300 }, constants * tau)
          expect(left.c).toBeCloseTo(300 * Math.exp(-constants), 6)
        },
      ),
      { seed: 3 },
    )
  })

  it('gives the resistor all the energy it held', () => {
    const [farad, ohm, volts] = [40e-6, 2000, 400]
    const direct = prepareDirect(rc(farad, ohm))
    let energy = 0
    let charge: Record<string, number> = { c: volts }
    const step = 1e-4
    for (let t = 0; t < 1; t += step) {
      const across = directVolts(direct, charge)('plus')
      const next = afterDecay(direct, charge, step)
      const later = directVolts(direct, next)('plus')
      // Trapezoid over the power, series ohms included.
      energy += (step * (across ** 2 + later ** 2)) / 2 / ohm / (ohm / (ohm + 0.5))
      charge = next
    }
    expect(energy / ((farad * volts ** 2) / 2)).toBeCloseTo(1, 3)
  })

  it('shares itself between two capacitors that are joined, and none of it is lost', () => {
    const net: Net = {
      ...emptyNet(60),
      capacitors: [
        { id: 'one', a: 'a', b: GROUND, farad: 10e-6 },
        { id: 'two', a: 'b', b: GROUND, farad: 30e-6 },
      ],
      resistors: [
        { id: 'r', a: 'a', b: 'b', ohm: 100 },
        { id: 'leak', a: 'a', b: GROUND, ohm: 1e12 },
        { id: 'leak-2', a: 'b', b: GROUND, ohm: 1e12 },
      ],
    }
    const after = afterDecay(prepareDirect(net), { one: 200, two: 0 }, 1)
    expect(after.one).toBeCloseTo(50, 3)
    expect(after.two).toBeCloseTo(50, 3)
  })

  it('is filled again by a rail that is on, and falls by its bleed when it is off', () => {
    const drawn = machineOf(
      plantBuilds.find(({ parts }) => parts.some(({ part }) => part === 'drive')) ?? fail(),
    )
    const bus = (seconds: number) => advance(drawn.machine, drawn.start, seconds).charge['drive.bus'] ?? 0
    expect(bus(60)).toBeGreaterThan(300)
    const off = { ...drawn.start, points: { ...drawn.start.points, disconnect: 'off' as const } }
    const later = (seconds: number) => Math.abs(advance(drawn.machine, off, seconds).charge['drive.bus'] ?? 0)
    expect(later(20)).toBeGreaterThan(later(120))
    expect(later(900)).toBeLessThan(1)
  })
})

const fail = (): never => {
  throw new Error('no such build')
}

describe('modes of a symmetric matrix', () => {
  it('build it again', () => {
    const entries = fc.array(fc.double({ min: -50, max: 50, noNaN: true }), { minLength: 6, maxLength: 6 })
    fc.assert(
      fc.property(entries, ([a = 0, b = 0, c = 0, d = 0, e = 0, f = 0]) => {
        const matrix = [
          [a, b, c],
          [b, d, e],
          [c, e, f],
        ]
        const { values, vectors } = jacobi(matrix)
        for (const i of [0, 1, 2])
          for (const j of [0, 1, 2]) {
            const sum = values.reduce(
              (total, value, k) => total + value * (vectors[i]?.[k] ?? 0) * (vectors[j]?.[k] ?? 0),
              0,
            )
            expect(sum).toBeCloseTo(matrix[i]?.[j] ?? 0, 6)
          }
      }),
      { seed: 5 },
    )
  })
})
