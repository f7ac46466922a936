import { describe, expect, it } from 'vitest'
import { checkWiring } from './check'
import type { LandedWiring } from './ofJob'
import { whatIfs } from './whatIf'

/** A fan behind a contactor with the fan section of a dual, as it belongs. */
const fan: LandedWiring = {
  input: {
    supply: { volts: 240, hz: 60, lines: ['L1', 'L2'] },
    control: { kind: 'contactor', loadTerminals: ['T1', 'T2'] },
    capacitor: { kind: 'dual', uF: 5, hermUf: 45, terminals: ['C', 'FAN', 'HERM'], commonTiedTo: 'T2' },
    motor: {
      leads: [
        { id: 'black', role: 'common' },
        { id: 'white', role: 'run' },
        { id: 'brown', role: 'start' },
      ],
      windings: { runOhm: 24, startOhm: 47 },
    },
  },
  connections: [
    { lead: 'black', to: 'T1' },
    { lead: 'white', to: 'T2' },
    { lead: 'brown', to: 'FAN' },
  ],
  jumpers: [],
}
const base = checkWiring(fan.input, fan.connections)
const story = (id: string) => whatIfs(fan, base).find((each) => each.id === id)

describe('what if', () => {
  it('begins from a wiring that starts', () => expect(base).toMatchObject({ ok: true, starts: true }))

  it('the common is off: nothing turns', () => {
    expect(story('neutral-open')?.check.starts).toBe(false)
    expect(story('neutral-open')?.text).toMatch(/Nothing is heard|hums and does not turn/)
  })

  it('the start lead is off: it hums', () =>
    expect(story('start-open')?.text).toContain('hums and does not turn'))

  it('run and start are exchanged: the start winding has the whole line, and its consequence is named', () => {
    const { check, text } = story('exchanged')!
    expect(check.problems.length).toBeGreaterThan(0)
    expect(text).toMatch(/times its current|other way|hums/)
  })

  it('the capacitor is low: it still starts, and the meter shows other volts', () => {
    expect(story('capacitor-low')?.check.capacitorVolts).not.toBe(base.capacitorVolts)
    expect(story('capacitor-low')?.text).toContain('A meter would show')
  })

  it('asks for no tap where the motor has none, and for no capacitor where there is none', () => {
    expect(story('wrong-tap')).toBeUndefined()
    const shaded: LandedWiring = {
      input: {
        supply: { volts: 120, hz: 60, lines: ['L', 'N'] },
        control: { kind: 'switch', loadTerminals: ['line', 'neutral'] },
        capacitor: { kind: 'none', terminals: [] },
        motor: {
          leads: [
            { id: 'a', role: 'run' },
            { id: 'b', role: 'common' },
          ],
          kind: 'shaded-pole',
        },
      },
      connections: [
        { lead: 'a', to: 'line' },
        { lead: 'b', to: 'neutral' },
      ],
      jumpers: [],
    }
    const ids = whatIfs(shaded, checkWiring(shaded.input, shaded.connections)).map(({ id }) => id)
    expect(ids).toEqual(['common-run', 'neutral-open'])
  })

  it('names a wrong speed where a spare one could sit on the live terminal', () => {
    const tapped: LandedWiring = {
      ...fan,
      input: {
        ...fan.input,
        motor: {
          ...fan.input.motor,
          leads: [...fan.input.motor.leads, { id: 'red', role: 'tap' }],
          windings: { runOhm: 24, startOhm: 47, taps: [{ lead: 'red', ohm: 6 }] },
        },
      },
    }
    expect(whatIfs(tapped, base).find(({ id }) => id === 'wrong-tap')).toBeDefined()
  })
})
