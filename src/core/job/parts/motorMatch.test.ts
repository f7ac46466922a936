import { describe, expect, it } from 'vitest'
import { turns } from '../../knowledge/measureKinds'
import { matchMotors } from '../../match'
import { act, id, jobOn, onBench } from '../job.testing'
import { emptyLine } from '../plant'
import type { JobSnapshot } from '../rows'
import { isDirectCurrent, motorMatchInputOf } from './motorMatch'

describe('what a job knows of the motor that is looked for', () => {
  it('the supply of the house where the plate is not read, and the plate once it is', () => {
    const bare = jobOn('bath-exhaust-fan')
    expect(motorMatchInputOf(bare, [])).toMatchObject({
      supplyVolts: 120,
      outdoors: false,
      old: { hz: [60] },
    })
    const read = act(bare, {
      kind: 'field.set',
      id: id(),
      part: 'motor-old',
      field: 'voltages',
      typed: '115',
    })
    expect(motorMatchInputOf(read, [])).not.toHaveProperty('supplyVolts')
  })

  it('that a board may feed it a low voltage: its volts are asked for, and a part for them is not turned away', () => {
    const voltage = (job: JobSnapshot, volts: number) =>
      matchMotors(motorMatchInputOf(job, [{ id: 'x', voltages: [volts], hz: [60] }])).results[0]!.rules.find(
        ({ rule }) => rule === 'voltage',
      )!.verdict
    const fridge = jobOn('refrigerator-evaporator-fan')
    expect(voltage(fridge, 12)).toBe('unknown')
    expect(voltage(fridge, 230)).toBe('no')
    expect(voltage(jobOn('refrigerator-evaporator-fan', 'bldc'), 12)).toBe('unknown')
    expect(voltage(jobOn('refrigerator-evaporator-fan', 'shaded-pole'), 12)).toBe('no')
    const read = act(fridge, {
      kind: 'field.set',
      id: id(),
      part: 'motor-old',
      field: 'voltages',
      typed: '120',
    })
    expect(voltage(read, 12)).toBe('no')
  })

  it('that a battery feeds it: no frequency is compared, no capacitor is asked for', () => {
    const caravan = motorMatchInputOf(jobOn('rv-furnace-blower'), [{ id: 'x', voltages: [12] }])
    expect(caravan).toMatchObject({ directCurrent: true, old: { capacitor: null } })
    const [result] = matchMotors(caravan).results
    expect(result?.rules.map(({ rule }) => rule)).not.toContain('frequency')
    expect(isDirectCurrent(jobOn('bath-exhaust-fan'))).toBe(false)
  })

  it('that its kind runs without a capacitor: none of the old one is asked for', () => {
    expect(motorMatchInputOf(jobOn('bath-exhaust-fan', 'shaded-pole'), []).old.capacitor).toBeNull()
    expect(motorMatchInputOf(jobOn('bath-exhaust-fan', 'psc'), []).old.capacitor).toBeUndefined()
    expect(motorMatchInputOf(jobOn('bath-exhaust-fan'), []).old.capacitor).toBeUndefined()
  })

  it('which way the wheel turned, as it was marked on the way in, until the plate says it', () => {
    const marked = (...all: string[]): JobSnapshot => {
      const job = jobOn('bath-exhaust-fan')
      const lines = all.map((mark, index) => ({
        ...emptyLine(`m${index}`, job.job.id, index),
        action: 'mark' as const,
        part: 'which way the wheel turns',
        mark,
      }))
      return { ...job, ledger: lines }
    }
    const turn = (job: JobSnapshot) => motorMatchInputOf(job, []).old.rotation
    expect(turn(marked(turns.clockwise))).toMatchObject({ direction: 'CW', viewedFrom: 'shaft-end' })
    expect(turn(marked(turns.counterclockwise))).toMatchObject({ direction: 'CCW' })
    // Two wheels that turn against each other name no turn of the motor.
    expect(turn(marked(turns.clockwise, turns.counterclockwise))).toBeUndefined()
    expect(turn(marked('an arrow'))).toBeUndefined()
    const plate = act(marked(turns.clockwise), {
      kind: 'field.set',
      id: id(),
      part: 'motor-old',
      field: 'rotation',
      typed: 'CCW',
    })
    expect(turn(plate)).toMatchObject({ direction: 'CCW' })
    expect(turn(plate)?.viewedFrom).toBeUndefined()
  })

  it('the weather of an outdoor unit, unless the person says otherwise', () => {
    const job = jobOn('outdoor-unit-fan')
    expect(motorMatchInputOf(job, []).outdoors).toBe(true)
    const inside = act(job, {
      kind: 'field.set',
      id: id(),
      part: 'motor-old',
      field: 'outdoors',
      typed: 'no',
    })
    expect(motorMatchInputOf(inside, []).outdoors).toBe(false)
  })

  it('the speeds that a mapped motor shows', () => {
    const add = (name: string) => ({ kind: 'lead.add', id: id(), part: 'old', name }) as const
    const read = (a: string, b: string, typed: string) =>
      ({ kind: 'reading.set', id: id(), reading: 'resistance', part: 'old', a, b, typed }) as const
    const job = act(
      onBench('furnace-blower'),
      ...['white', 'black', 'blue', 'brown'].map(add),
      read('white', 'black', '8'),
      read('white', 'blue', '11'),
      read('white', 'brown', '20'),
      read('black', 'blue', '3'),
      read('black', 'brown', '28'),
      read('blue', 'brown', '31'),
    )
    expect(motorMatchInputOf(job, []).old.speeds).toBe(2)
  })
})
