import { describe, expect, it } from 'vitest'
import { CoreError } from '../errors'
import { findTool, runTool, toolSchema, tools } from '.'

const run = (name: string, input: unknown) => runTool(findTool(name)!, input)
function refusal(name: string, input: unknown): { code: string; path: string; message: string } {
  try {
    run(name, input)
  } catch (error) {
    if (error instanceof CoreError) return error.toShape()
    throw error
  }
  throw new Error(`${name} took what it should refuse`)
}

describe('every tool', () => {
  for (const tool of tools) {
    for (const { op, example } of tool.inputs) {
      it(`${tool.name}${op ? ` ${op}` : ''} answers its own example with plain JSON`, () => {
        const answer = runTool(tool, structuredClone(example))
        expect(JSON.parse(JSON.stringify(answer))).toEqual(answer)
        expect(Object.keys(answer).length).toBeGreaterThan(0)
      })
    }

    it(`${tool.name} has a schema with its examples`, () => {
      const text = JSON.stringify(toolSchema(tool))
      expect(text).toContain('https://json-schema.org/draft/2020-12/schema')
      expect(text).toContain('"examples"')
      expect(text).not.toContain('lazy')
    })

    it.each([[null], [[]], ['text'], [7], [{}]])(`${tool.name} refuses %o with a sentence`, (input) => {
      const error = refusal(tool.name, input)
      expect(error.code).toBe('invalid-input')
      expect(error.message.length).toBeGreaterThan(10)
    })
  }
})

describe('a refusal names where', () => {
  it.each([
    [
      'capacitor',
      { op: 'check', label: '5 µF', readings: [{ section: 'single', uF: '5' }] },
      'readings[0].uF',
    ],
    ['capacitor', { op: 'check', label: 5, readings: [] }, 'label'],
    [
      'capacitor',
      { op: 'check', label: '5 µF', readings: [{ section: 'MIDDLE', uF: 5 }] },
      'readings[0].section',
    ],
    ['capacitor', { op: 'measure' }, 'op'],
    ['capacitor', { op: 'load', amps: 1, volts: 0, hz: 60 }, 'volts'],
    ['winding', { leads: ['a'], pairs: [] }, 'leads'],
    ['winding', { leads: ['a', 'b'], pairs: [{ a: 'a', b: 'b', ohm: -1 }] }, 'pairs[0].ohm'],
    ['winding', { leads: ['a', 'b'], pairs: [{ a: 'a', b: 'c', ohm: 1 }] }, 'pairs[0].b'],
    ['diagnose', { family: 'toaster', observations: {} }, 'family'],
    ['diagnose', { family: 'ceiling-fan', observations: { sound: 'whistle' } }, 'observations.sound'],
    ['diagnose', { family: 'ceiling-fan', observations: { sound: 4 } }, 'observations.sound'],
    ['diagnose', { family: 'ceiling-fan' }, 'observations'],
    ['match', { op: 'motor', old: {}, candidates: [{ hp: 1 }] }, 'candidates[0].id'],
    ['match', { op: 'motor', old: { hp: 'a lot' }, candidates: [] }, 'old.hp'],
    ['refit', { steps: [{ id: '1', action: 'explode', part: 'x' }] }, 'steps[0].action'],
    [
      'circuit',
      { hz: 60, reference: 'n', elements: [{ id: 'r', kind: 'resistor', nodes: ['a'] }] },
      'elements[0].nodes',
    ],
    ['motor', { main: { r: 1, x: 1 }, rotor: { r: 1, x: 1 }, xm: 10, poles: 4, volts: -5, hz: 60 }, 'volts'],
    ['fit', { op: 'swap-speed', oldRpm: 0, newRpm: 1075, hp: 1 }, 'oldRpm'],
    ['rotation', { fan: 'sideways' }, 'fan'],
    ['plate', { text: 12 }, 'text'],
  ])('%s %o: %s', (name, input, path) => {
    expect(refusal(name, input).path).toBe(path)
  })
})

describe('null', () => {
  it('is over-range where a resistance or a capacitance is read', () => {
    expect(run('winding', { leads: ['a', 'b'], pairs: [{ a: 'a', b: 'b', ohm: null }] })).toMatchObject({
      verdict: 'open',
    })
    expect(
      run('capacitor', { op: 'check', label: '5 µF', readings: [{ section: 'single', uF: null }] }),
    ).toMatchObject({ verdict: 'shorted' })
    expect(run('diagnose', { family: 'bath-exhaust-fan', observations: { 'to-frame': null } })).toMatchObject(
      { unmapped: [] },
    )
  })
})
