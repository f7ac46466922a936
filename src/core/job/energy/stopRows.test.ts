import { describe, expect, it } from 'vitest'
import { type StopRuleId, vocabulary } from '../../knowledge/vocabulary'
import type { Act } from '../acts/actTypes'
import { planAct } from '../acts/plan'
import { act, actAt, frame, id, jobOn, madeDead, NOW, refused } from '../job.testing'
import type { JobSnapshot } from '../rows'
import { energyOf } from './energy'
import { activeStops, wasStopped } from './stops'

const HOUR = 3_600_000
const raise = (rule: StopRuleId, note = ''): Act => ({ kind: 'stop.raise', id: id(), rule, note })
const found = (observation: 'to-frame' | 'connections' | 'smell', value: string): Act => ({
  kind: 'finding.set',
  id: id(),
  observation,
  value,
})
const lift = (rule: StopRuleId, how: 'mended' | 'mistake', reason: string): Act => ({
  kind: 'stop.lift',
  rule,
  how,
  reason,
})

describe('a stop of another job at this machine', () => {
  const other = (...acts: Act[]): JobSnapshot => {
    const { findings, stops } = act(jobOn('furnace-blower'), ...acts)
    return {
      ...jobOn('furnace-blower'),
      beside: [{ id: 'other', title: 'it rattles', closed: false, handsIn: false, open: 0, findings, stops }],
    }
  }

  it('stands here, and names the job in which it is lifted, whether it was raised or found', () => {
    expect(activeStops(other(raise('burnt-supply', 'brown lugs')))).toEqual([
      expect.objectContaining({ rule: 'burnt-supply', job: 'other', observation: null, note: 'brown lugs' }),
    ])
    expect(activeStops(other(found('smell', 'gas')))).toEqual([
      expect.objectContaining({ rule: 'gas-smell', job: 'other', observation: null, level: 'hard' }),
    ])
  })

  it('is one with the same sign of this job, which is lifted here; another one stands beside it', () => {
    const both = act(other(raise('burnt-supply'), raise('arcing')), raise('arcing'))
    expect(activeStops(both).map(({ rule, job }) => [rule, job])).toEqual([
      ['arcing', null],
      ['burnt-supply', 'other'],
    ])
  })
})

describe('what is told of a stop', () => {
  it('of a finding: all work stops unless power alone is meant, with no note, since it was found', () => {
    const job = actAt(NOW - HOUR, jobOn('furnace-blower'), found('connections', 'sound'))
    expect(activeStops(act(job, found('smell', 'gas')))).toEqual([
      expect.objectContaining({
        rule: 'gas-smell',
        scope: 'all',
        note: '',
        at: new Date(NOW).toISOString(),
        job: null,
      }),
    ])
  })

  it('raised by hand and found as well is one', () => {
    const job = act(jobOn('furnace-blower'), raise('gas-smell', 'by the meter'), found('smell', 'gas'))
    expect(activeStops(job).map(({ rule, observation }) => [rule, observation])).toEqual([
      ['gas-smell', 'smell'],
    ])
    // Another sign beside it is another.
    expect(activeStops(act(job, raise('burnt-supply')))).toHaveLength(2)
  })

  it('is remembered of its own rule alone', () => {
    const job = act(jobOn('furnace-blower'), found('smell', 'gas'))
    expect(wasStopped(job, 'gas-smell')).toBe(true)
    expect(wasStopped(job, 'arcing')).toBe(false)
    const raised = act(jobOn('furnace-blower'), raise('burnt-supply'))
    expect(wasStopped({ ...raised, log: [] }, 'burnt-supply')).toBe(true)
    expect(wasStopped({ ...raised, stops: [] }, 'burnt-supply')).toBe(true)
    const passed = raised.log.map((row) => ({ ...row, kind: 'stop-lifted' as const }))
    expect(wasStopped({ ...raised, stops: [], log: passed }, 'burnt-supply')).toBe(false)
  })
})

describe('what was proved', () => {
  const dead = madeDead(jobOn('bath-exhaust-fan', 'psc'))

  it('is void after a hard sign, which the proof names, and stands after a warning', () => {
    expect(planAct(dead, raise('burnt-supply'), NOW).text).toBe(
      `Stop: ${vocabulary.stopRules['burnt-supply'].label}`,
    )
    const hard = act(dead, raise('burnt-supply'))
    expect(energyOf(hard, NOW).state).not.toBe('proven-dead')
    expect(hard.proofs.map(({ voidReason }) => voidReason)).toEqual([
      vocabulary.stopRules['burnt-supply'].label.toLowerCase(),
    ])
    expect(energyOf(act(dead, raise('rented-or-warranty')), NOW).state).toBe('proven-dead')
  })
})

describe('the record keeps', () => {
  it('what was written when it was raised, without the blanks around it, under the id it had', () => {
    const once = act(jobOn('furnace-blower'), raise('not-sure', '  which wire  '))
    expect(once.stops).toEqual([
      expect.objectContaining({ note: 'which wire', reason: '', liftedAt: null, overriddenAt: null }),
    ])
    expect(once.log.at(-1)).toMatchObject({ kind: 'stop-raised', label: 'not-sure', detail: 'which wire' })
    const again = act(once, raise('not-sure'))
    expect(again.stops.map((row) => row.id)).toEqual(once.stops.map((row) => row.id))
  })

  it('why the work went on in spite of it', () => {
    const raised = act(jobOn('furnace-blower'), raise('rented-or-warranty'))
    const on = (reason: string): Act => ({ kind: 'stop.override', rule: 'rented-or-warranty', reason })
    expect(refused(raised, on('ab '))).toBe('no-reason')
    const over = act(raised, on(' own '))
    expect(over.stops[0]).toMatchObject({ reason: 'own', overriddenAt: new Date(NOW).toISOString() })
    expect(over.log.at(-1)).toMatchObject({
      kind: 'stop-overridden',
      label: 'rented-or-warranty',
      detail: 'own',
    })
    expect(refused(jobOn('furnace-blower'), on('my own house'))).toBe('unknown-row')
  })

  it('who put it right, or what was meant', () => {
    const raised = act(jobOn('furnace-blower'), raise('burnt-supply'))
    const mended = act(raised, lift('burnt-supply', 'mended', '  Jo renewed it '))
    expect(mended.stops[0]).toMatchObject({
      reason: 'put right: Jo renewed it',
      liftedAt: new Date(NOW).toISOString(),
    })
    expect(mended.log.at(-1)).toMatchObject({
      kind: 'stop-lifted',
      label: 'burnt-supply',
      detail: 'put right: Jo renewed it',
    })
    expect(act(raised, lift('burnt-supply', 'mistake', 'only dust')).stops[0]?.reason).toBe(
      'said by mistake, meant: only dust',
    )
  })
})

describe('a stop is lifted by words of some length', () => {
  const raised = act(jobOn('furnace-blower'), raise('burnt-supply'))
  it.each(['Karl A', 'oldjoe'])('“%s” is enough', (reason) => {
    expect(refused(raised, lift('burnt-supply', 'mended', reason))).toBeNull()
  })
  it.each(['', '   Karl   ', 'Kar l', 'aAaAaAaA', 'abcabcabc'])('“%s” says nothing', (reason) => {
    expect(refused(raised, lift('burnt-supply', 'mended', reason))).toBe('no-reason')
  })
  it('four letters of two cases are four', () => {
    expect(refused(raised, lift('burnt-supply', 'mended', 'abcdabcd'))).toBeNull()
    expect(refused(raised, lift('burnt-supply', 'mended', 'aAbBcCcC'))).toBe('no-reason')
  })
})

describe('after a shock', () => {
  const shocked = actAt(NOW - 4 * HOUR, jobOn('bath-exhaust-fan', 'psc'), raise('electric-shock'))
  const leads = ['black', 'white'].map((name): Act => ({ kind: 'lead.add', id: name, part: 'old', name }))
  const dead = act(madeDead(shocked), ...leads)
  const mended = lift('electric-shock', 'mended', 'I renewed the motor')
  const joints = found('connections', 'sound')

  it('a reading of the frame counts as a look at it, once it is made, and not when it is struck', () => {
    const read = act(dead, frame, joints)
    expect(refused(read, mended)).toBeNull()
    const struck = act(read, { kind: 'reading.strike', id: frame.id, reason: 'a clip slipped' })
    expect(refused(struck, mended)).toBe('not-cleared')
  })

  it('a frame that was found clear before it is not cleared by readings of something else, nor by one that is struck', () => {
    const before = actAt(NOW - 5 * HOUR, jobOn('bath-exhaust-fan', 'psc'), found('to-frame', 'clear'))
    const shockedLater = actAt(NOW - 4 * HOUR, before, raise('electric-shock'))
    const now = act(madeDead(shockedLater), ...leads, joints)
    const across = { ...frame, id: 'across', reading: 'resistance', b: 'white', typed: '14' } as const
    expect(refused(act(now, across), mended)).toBe('not-cleared')
    const struck: Act = { kind: 'reading.strike', id: frame.id, reason: 'a clip slipped' }
    expect(refused(act(now, frame, struck), mended)).toBe('not-cleared')
  })

  it('it is said what has still to be read, all of it', () => {
    expect(() => planAct(dead, mended, NOW)).toThrow(
      'read each lead of the motor to its frame, dead: 20 MΩ or more; look at every joint and at the ground, dead.',
    )
  })

  it('what was read before it says nothing of it, what was read in the same moment does', () => {
    const early = act(madeDead(jobOn('bath-exhaust-fan', 'psc')), ...leads, frame, joints)
    const later = actAt(NOW + HOUR, early, raise('electric-shock'))
    expect(refused(later, mended, NOW + HOUR)).toBe('not-cleared')
    const same = actAt(NOW, early, raise('electric-shock'))
    expect(refused(same, mended)).toBeNull()
  })

  it('that was none, nothing has to be read: what was meant is said', () => {
    expect(refused(dead, lift('electric-shock', 'mistake', 'only a static spark'))).toBeNull()
  })
})
