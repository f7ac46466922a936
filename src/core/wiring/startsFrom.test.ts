import { describe, expect, it } from 'vitest'
import { type Connection, type WiringInput, wireMotor } from '.'
import { checkWiring } from './check'

/** A bathroom fan: three leads, one run capacitor, two wires from the wall. */
const fan = (uF: number, more: Partial<WiringInput['motor']> = {}): WiringInput => ({
  supply: { volts: 120, hz: 60, lines: ['L', 'N'] },
  control: { kind: 'switch', loadTerminals: ['L', 'N'] },
  capacitor: { kind: 'single', uF, terminals: ['k1', 'k2'] },
  motor: {
    leads: [
      { id: 'white', role: 'common' },
      { id: 'black', role: 'run' },
      { id: 'brown', role: 'start' },
    ],
    windings: { runOhm: 30, startOhm: 60 },
    volts: 120,
    needsUf: 5,
    ...more,
  },
})
const planned = wireMotor({ ...fan(5), op: 'plan' })
const right = planned.connections
const check = (input: WiringInput, connections: Connection[] = right) =>
  checkWiring(input, connections, planned.alsoConnect)

describe('a motor starts', () => {
  it('from three tenths of the torque that its right wiring has', () => {
    const torque = (uF: number) => check(fan(uF)).starts
    // Torque at standstill goes with the microfarads where these are few: 30 % of 5 µF is 1.5 µF.
    expect([5, 3, 2].map(torque)).toEqual([true, true, true])
    expect([1.6, 1.3, 1].map(torque)).toEqual([false, false, false])
  })

  it('is right as it is planned, and not without its start lead or its run lead', () => {
    expect(check(fan(5))).toMatchObject({ ok: true, starts: true, direction: 'as-built', problems: [] })
    const without = (lead: string) =>
      check(
        fan(5),
        right.filter((each) => each.lead !== lead),
      ).problems.map(({ code }) => code)
    expect(without('brown')).toContain('start-winding-dead')
    expect(without('black')).toContain('run-winding-dead')
  })
})
