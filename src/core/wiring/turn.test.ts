import { describe, expect, it } from 'vitest'
import { act, id, jobOn, onBench } from '../job/job.testing'
import { landingPlanOf, turnAdviceOf } from './ofJob'

const turn = (field: string, typed: string) =>
  ({ kind: 'field.set', id: id(), part: 'turn', field, typed }) as const
const lead = (name: string) => ({ kind: 'lead.add', id: id(), part: 'old', name }) as const
const read = (a: string, b: string, typed: string) =>
  ({ kind: 'reading.set', id: id(), reading: 'resistance', part: 'old', a, b, typed }) as const
const other = [turn('now', 'CW'), turn('wanted', 'CCW')]

const threeLeads = (run: string, start: string, sum: string) =>
  act(
    onBench('bath-exhaust-fan', 'psc'),
    ...['black', 'white', 'brown'].map(lead),
    read('black', 'white', run),
    read('white', 'brown', start),
    read('black', 'brown', sum),
  )

describe('the turn of a job’s motor', () => {
  it('asks nothing and refuses nothing before both turns are said', () => {
    expect(turnAdviceOf(threeLeads('20', '40', '60'))).toMatchObject({ method: null, refused: [] })
  })

  it('refuses to exchange windings that differ, and says why', () => {
    const { method, refused } = turnAdviceOf(act(threeLeads('20', '40', '60'), ...other))
    expect(method?.kind).toBe('diagram')
    expect(refused[0]).toMatch(/differ by more than 10 %/)
  })

  it('exchanges windings that measure alike, and plans the landings so', () => {
    const job = act(threeLeads('30', '30', '60'), ...other)
    expect(turnAdviceOf(job).method?.kind).toBe('exchange-windings')
    const now = landingPlanOf(threeLeads('30', '30', '60'))?.landings
    expect(landingPlanOf(job)?.landings).not.toEqual(now)
  })

  it('of a shaded pole the iron is turned, with no lead read', () => {
    expect(turnAdviceOf(act(jobOn('bath-exhaust-fan', 'shaded-pole'), ...other)).method?.kind).toBe(
      'turn-stator',
    )
  })

  it('of an electronic motor nothing is exchanged', () => {
    expect(turnAdviceOf(act(jobOn('furnace-blower', 'ecm'), ...other))).toMatchObject({ method: null })
  })

  it('looks at a ceiling fan’s own switch first, and at the capacitor where nobody touched the wires', () => {
    const job = act(jobOn('ceiling-fan'), {
      kind: 'finding.set',
      id: id(),
      observation: 'wiring-changed',
      value: 'no',
    })
    const [first, second] = turnAdviceOf(job).elsewhere
    expect(first).toMatch(/reversing switch/)
    expect(second).toMatch(/Read the capacitor before/)
  })
})
