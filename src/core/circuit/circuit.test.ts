import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { runMotor } from '../motor'
import { type CircuitElement, solveCircuit } from '.'

const source = (volts: number, nodes: [string, string] = ['a', 'n']): CircuitElement => ({
  id: 's',
  kind: 'source',
  nodes,
  value: volts,
})
const part = (id: string, kind: CircuitElement['kind'], nodes: string[], value?: number): CircuitElement => ({
  id,
  kind,
  nodes,
  ...(value === undefined ? {} : { value }),
})

describe('closed forms', () => {
  it('a divider', () => {
    const { nodes, elements } = solveCircuit({
      hz: 60,
      reference: 'n',
      elements: [
        source(120),
        part('r1', 'resistor', ['a', 'b'], 100),
        part('r2', 'resistor', ['b', 'n'], 200),
      ],
    })
    expect(nodes.b!.volts).toBeCloseTo(80)
    expect(elements.r1!.amps).toBeCloseTo(0.4)
    expect(elements.r2!.watts).toBeCloseTo(32)
    expect(elements.s!.watts).toBeCloseTo(-48)
  })

  it('series R, L and C at resonance leave only R', () => {
    const [l, c] = [0.1, 1 / ((2 * Math.PI * 60) ** 2 * 0.1)]
    const { elements } = solveCircuit({
      hz: 60,
      reference: 'n',
      elements: [
        source(120),
        part('r', 'resistor', ['a', 'b'], 10),
        part('l', 'inductor', ['b', 'c'], l),
        part('c', 'capacitor', ['c', 'n'], c),
      ],
    })
    expect(elements.r!.amps).toBeCloseTo(12, 6)
    expect(elements.l!.vars).toBeCloseTo(-elements.c!.vars, 6)
    expect(elements.l!.vars).toBeGreaterThan(0)
  })

  it('a capacitor leads its voltage by a quarter turn', () => {
    const { elements } = solveCircuit({
      hz: 60,
      reference: 'n',
      elements: [source(120), part('c', 'capacitor', ['a', 'n'], 5e-6)],
    })
    expect(elements.c!.degrees).toBeCloseTo(90)
    expect(elements.c!.amps).toBeCloseTo(120 * 2 * Math.PI * 60 * 5e-6)
  })

  it('an open switch carries nothing, a closed one everything', () => {
    const run = (closed: boolean) =>
      solveCircuit({
        hz: 60,
        reference: 'n',
        elements: [
          source(120),
          { ...part('w', 'switch', ['a', 'b']), closed },
          part('r', 'resistor', ['b', 'n'], 60),
        ],
      })
    expect(run(true).elements.w!.amps).toBeCloseTo(2)
    expect(run(false).elements.w!.amps).toBe(0)
  })
})

describe('a motor in a circuit', () => {
  it('draws what the motor model says', () => {
    const motor = {
      main: { r: 22, x: 30 },
      aux: { r: 45, x: 60, turnsRatio: 1.3 },
      rotor: { r: 30, x: 20 },
      xm: 300,
    }
    const { at } = runMotor({ ...motor, poles: 6, volts: 240, hz: 60, capacitorUf: 5, slip: 0.1 })
    const { elements } = solveCircuit({
      hz: 60,
      reference: 'n',
      elements: [
        source(240),
        part('c', 'capacitor', ['a', 'x'], 5e-6),
        { id: 'm', kind: 'motor', nodes: ['a', 'n', 'x', 'n'], motor, slip: 0.1 },
      ],
    })
    expect(elements.m!.amps).toBeCloseTo(at!.mainAmps, 9)
    expect(elements.c!.amps).toBeCloseTo(at!.auxAmps, 9)
    expect(elements.c!.volts).toBeCloseTo(at!.capacitorVolts, 6)
    expect(-elements.s!.watts).toBeCloseTo(at!.inputWatts, 6)
  })
})

describe('what has no answer', () => {
  it('is singular: a floating part, two sources in parallel', () => {
    expect(() =>
      solveCircuit({
        hz: 60,
        reference: 'n',
        elements: [source(120), part('r', 'resistor', ['a', 'n'], 10), part('f', 'resistor', ['x', 'y'], 10)],
      }),
    ).toThrow(expect.objectContaining({ code: 'singular' }))
    expect(() =>
      solveCircuit({ hz: 60, reference: 'n', elements: [source(120), { ...source(110), id: 's2' }] }),
    ).toThrow(expect.objectContaining({ code: 'singular' }))
  })
})

describe('any ladder', () => {
  it('balances power between its sources and its parts', () => {
    const anyPart = fc.record({
      kind: fc.constantFrom('resistor' as const, 'inductor' as const, 'capacitor' as const),
      size: fc.double({ min: 1, max: 100, noNaN: true }),
    })
    fc.assert(
      fc.property(fc.array(anyPart, { minLength: 1, maxLength: 8 }), (parts) => {
        const elements: CircuitElement[] = [source(120)]
        parts.forEach(({ kind, size }, i) => {
          const value = kind === 'resistor' ? size : kind === 'inductor' ? size / 377 : 1 / (377 * size)
          elements.push(
            part(`p${i}`, kind, [i === 0 ? 'a' : `n${i}`, `n${i + 1}`], value),
            part(`r${i}`, 'resistor', [`n${i + 1}`, 'n'], size + 1),
          )
        })
        const result = solveCircuit({ hz: 60, reference: 'n', elements })
        const watts = Object.values(result.elements).reduce((sum, element) => sum + element.watts, 0)
        const vars = Object.values(result.elements).reduce((sum, element) => sum + element.vars, 0)
        expect(watts).toBeCloseTo(0, 5)
        expect(vars).toBeCloseTo(0, 5)
      }),
    )
  })
})
