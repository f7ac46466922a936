import { describe, expect, it } from 'vitest'
import type { JobSnapshot } from '../job'
import { type Act, activeReadings } from '../job'
import { act, id, onBench } from '../job/job.testing'
import { landingPlanOf, speedQuestions, wiringCheckOf, wiringHolds } from './ofJob'

/**
 * A tapped blower as it lies on the bench. True: white and brown-white one point, 2.6 Ω to black (the joint), 12.6 Ω of start
 * winding to brown, then 0.8 Ω to blue and 0.9 Ω to red.
 */
const blower: [string, string, string][] = [
  ['white', 'black', '2.6'],
  ['white', 'blue', '3.4'],
  ['white', 'red', '4.3'],
  ['white', 'brown', '15.2'],
  ['white', 'brown-white', '0.1'],
  ['black', 'blue', '0.8'],
  ['black', 'red', '1.7'],
  ['black', 'brown', '12.6'],
  ['black', 'brown-white', '2.6'],
  ['blue', 'red', '0.9'],
  ['blue', 'brown', '13.4'],
  ['blue', 'brown-white', '3.4'],
  ['red', 'brown', '14.3'],
  ['red', 'brown-white', '4.3'],
  ['brown', 'brown-white', '15.2'],
]
const leads = ['white', 'black', 'blue', 'red', 'brown', 'brown-white']

function blowerRead(wrong: Record<string, string> = {}): JobSnapshot {
  let job = act(
    onBench('furnace-blower', 'psc-multispeed', '7.5 µF 370 V'),
    ...leads.map((name): Act => ({ kind: 'lead.add', id: id(), part: 'old', name })),
  )
  for (const [a, b, typed] of blower)
    job = act(job, {
      kind: 'reading.set',
      id: id(),
      reading: 'resistance',
      part: 'old',
      a,
      b,
      typed: wrong[`${a} ${b}`] ?? typed,
    })
  return job
}

const strike = (job: JobSnapshot, a: string, b: string): JobSnapshot =>
  activeReadings(job, 'resistance', 'old')
    .filter(({ pointA, pointB }) => pointA === a && pointB === b)
    .reduce((at, row) => act(at, { kind: 'reading.strike', id: row.id, reason: 'the probe slipped' }), job)

const landings = (job: JobSnapshot) =>
  Object.fromEntries((landingPlanOf(job)?.landings ?? []).map(({ lead, terminal }) => [lead, terminal]))

const right = landings(blowerRead())

describe('landings of a tapped blower', () => {
  it('have white on the neutral, black as the fastest speed, and the return on the capacitor', () => {
    expect(right).toMatchObject({
      white: 'neutral',
      black: 'COOL',
      blue: 'HEAT',
      brown: 'capacitor 1',
      'brown-white': 'capacitor 2',
    })
  })

  it.each([
    ['white brown', '19.8'],
    ['white brown', 'OL'],
    ['brown brown-white', '19.8'],
    ['black red', '3.4'],
  ])('are none while %s reads %s, and the same as ever once it is struck', (pair, typed) => {
    const [a = '', b = ''] = pair.split(' ')
    const job = blowerRead({ [pair]: typed })
    const plan = landingPlanOf(job)
    expect(plan?.landings).toEqual([])
    expect(plan?.warnings.join()).toContain(`read ${a} to ${b} again`)
    expect(() => act(job, { kind: 'landing.take', ids: Array.from({ length: 9 }, id) })).toThrow(/ohms/)
    expect(landings(strike(job, a, b))).toEqual(right)
  })

  it('wait where the pair of the twins itself is struck: two ends of equal ohms would read the same', () => {
    const plan = landingPlanOf(strike(blowerRead(), 'white', 'brown-white'))
    expect(plan?.landings).toEqual([])
    expect(plan?.warnings.join()).toContain('read white to brown-white again')
  })

  it('offer the speeds in their order, and never the neutral', () => {
    expect(speedQuestions(blowerRead())[0]?.leads).toEqual(['black', 'blue', 'red'])
  })

  it('get no power where the readings do not agree, however they were landed', () => {
    const job = blowerRead()
    const taken = act(job, { kind: 'landing.take', ids: Array.from({ length: 9 }, id) })
    expect(wiringCheckOf(taken)).toMatchObject({ ok: true, problems: [] })
    expect(wiringHolds(taken)).toBeNull()
    const reread = act(strike(taken, 'white', 'brown'), {
      kind: 'reading.set',
      id: id(),
      reading: 'resistance',
      part: 'old',
      a: 'white',
      b: 'brown',
      typed: '19.8',
    })
    expect(wiringHolds(reread)).toContain('white to brown')
    // Nor is a circuit solved by them, or by readings that leave the windings open.
    expect(wiringCheckOf(reread)).toBeNull()
    expect(wiringCheckOf(strike(taken, 'white', 'brown-white'))).toBeNull()
  })

  it('are held where the plate is for other volts than the supply, and where the new capacitor is another', () => {
    const taken = act(blowerRead(), { kind: 'landing.take', ids: Array.from({ length: 9 }, id) })
    const field = (part: string, name: string, typed: string): Act => ({
      kind: 'field.set',
      id: id(),
      part,
      field: name,
      typed,
    })
    expect(wiringHolds(act(taken, field('motor-old', 'voltages', '208-230')))).toContain('120 V')
    expect(wiringHolds(act(taken, field('motor-old', 'voltages', '115')))).toBeNull()
    const needs = act(taken, field('motor-old', 'capacitorUf', '7.5'))
    expect(wiringHolds(needs)).toBeNull()
    expect(wiringHolds(act(needs, field('capacitor-new', 'label', '10 µF 370 V')))).toContain('10 µF')
  })
})
