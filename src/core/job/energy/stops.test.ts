import { describe, expect, it } from 'vitest'
import { stopNow } from '../../knowledge/stopNow'
import { stopInfo } from '../../knowledge/stops'
import { type StopRuleId, vocabulary } from '../../knowledge/vocabulary'
import type { Act } from '../acts/actTypes'
import { act, actAt, answered, id, jobOn, madeDead, NOW, refused } from '../job.testing'
import { energyOf } from './energy'
import { activeStops, levelOf, wasStopped } from './stops'

const rules = Object.keys(vocabulary.stopRules) as StopRuleId[]
const hard = rules.filter((rule) => levelOf(rule) === 'hard')
const warnings = rules.filter((rule) => levelOf(rule) === 'warning')
const raise = (rule: StopRuleId): Act => ({ kind: 'stop.raise', id: id(), rule, note: '' })
const live: Act[] = [
  { kind: 'job.phase', phase: 'live-test', purpose: 'reading' },
  { kind: 'reading.set', id: 'v', reading: 'supply', part: 'old', a: 'supply', b: '', typed: '120' },
  { kind: 'job.close', result: 'runs' },
]
/** Dead work, which goes on where only what needs power has to stop. */
const dead: Act[] = [
  { kind: 'ledger.add', id: 'line', after: null, line: { part: 'cover' } },
  { kind: 'lead.add', id: 'l', part: 'old', name: 'black' },
]

describe('a stop', () => {
  it('that stood once is remembered, whether it came by hand or by a finding', () => {
    const job = jobOn('bath-exhaust-fan')
    expect(wasStopped(job, 'burnt-supply')).toBe(false)
    const told: Act = { kind: 'finding.set', id: id(), observation: 'danger-signs', value: 'burnt-supply' }
    expect(wasStopped(act(job, told), 'burnt-supply')).toBe(true)
    const mistake: Act = {
      kind: 'stop.lift',
      rule: 'burnt-supply',
      how: 'mistake',
      reason: 'only the fan smelt',
    }
    const lifted = act(job, raise('burnt-supply'), mistake)
    expect(activeStops(lifted)).toEqual([])
    expect(wasStopped(lifted, 'burnt-supply')).toBe(true)
    expect(wasStopped(lifted, 'gas-smell')).toBe(false)
  })

  it.each(rules)('%s says what to do now and whom to call', (rule) => {
    expect(stopNow[rule].length).toBeGreaterThan(0)
    expect(stopInfo[rule].call.length).toBeGreaterThan(5)
    expect(stopInfo[rule].text).not.toMatch(/\bsafe\b/i)
  })

  it.each(hard)('%s is hard: no work goes on, no reason overrides it', (rule) => {
    const stopped = act(jobOn('furnace-blower'), raise(rule))
    expect(activeStops(stopped).map((stop) => stop.rule)).toEqual([rule])
    for (const each of live) expect(refused(stopped, each), each.kind).toBe('stopped')
    for (const each of dead)
      expect(refused(stopped, each), each.kind).toBe(stopInfo[rule].scope === 'live' ? null : 'stopped')
    expect(refused(stopped, { kind: 'stop.override', rule, reason: 'I know what I am doing' })).toBe(
      'hard-stop',
    )
  })

  it.each(warnings)('%s is a warning: it goes on with a reason, which is kept', (rule) => {
    const stopped = act(jobOn('furnace-blower'), raise(rule))
    expect(refused(stopped, dead[0]!)).toBe('stopped')
    expect(refused(stopped, { kind: 'stop.override', rule, reason: ' ' })).toBe('no-reason')
    const on = act(stopped, { kind: 'stop.override', rule, reason: 'the landlord agreed by letter' })
    expect(activeStops(on)).toEqual([])
    expect(on.stops[0]!.reason).toBe('the landlord agreed by letter')
    expect(refused(on, dead[0]!)).toBeNull()
  })

  it('is lifted by saying who put it right, and stands again when raised again', () => {
    const stopped = act(jobOn('attic-vent-fan'), raise('asbestos-suspect'))
    expect(refused(stopped, { kind: 'stop.lift', rule: 'asbestos-suspect', how: 'mended', reason: '' })).toBe(
      'no-reason',
    )
    const lifted = act(stopped, {
      kind: 'stop.lift',
      rule: 'asbestos-suspect',
      how: 'mistake',
      reason: 'sample was mineral wool',
    })
    expect(activeStops(lifted)).toEqual([])
    expect(activeStops(act(lifted, raise('asbestos-suspect')))).toHaveLength(1)
  })

  it('of a finding goes when the finding is taken back, and cannot be lifted otherwise', () => {
    const stopped = act(jobOn('furnace-blower'), {
      kind: 'finding.set',
      id: id(),
      observation: 'smell',
      value: 'gas',
    })
    expect(activeStops(stopped)).toMatchObject([{ rule: 'gas-smell', level: 'hard', observation: 'smell' }])
    expect(refused(stopped, { kind: 'stop.lift', rule: 'gas-smell', how: 'mended', reason: 'aired' })).toBe(
      'unknown-row',
    )
    const back: Act = { kind: 'finding.set', id: id(), observation: 'smell', value: null }
    expect(refused(stopped, back)).toBe('no-lift')
    expect(refused(stopped, { ...back, value: 'none' })).toBe('no-lift')
    for (const reason of ['', 'aaa', 'aaaaaaaa', 'no'])
      expect(refused(stopped, { ...back, how: 'mistake', reason }), reason).toBe('no-reason')
    const lifted = act(stopped, { ...back, how: 'mistake', reason: 'it was the new paint' })
    expect(activeStops(lifted)).toEqual([])
    expect(lifted.log.at(-1)).toMatchObject({
      kind: 'stop-lifted',
      detail: 'said by mistake, meant: it was the new paint',
    })
  })

  it('voids what was proved when it is hard, leaves power off possible, and lets the job be handed over', () => {
    const dead = madeDead(jobOn('bath-exhaust-fan', 'psc'))
    expect(energyOf(dead, NOW).handsIn).toBe(true)
    const stopped = act(dead, raise('aluminium-or-no-ground'))
    expect(energyOf(stopped, NOW).handsIn).toBe(false)
    expect(refused(stopped, { kind: 'job.close', result: 'handed-over' })).toBeNull()
    const testing = act(answered(madeDead(jobOn('bath-exhaust-fan'))), {
      kind: 'job.phase',
      phase: 'live-test',
      purpose: 'reading',
    })
    expect(refused(act(testing, raise('burnt-supply')), { kind: 'job.phase', phase: 'work' })).toBeNull()
  })

  it('of a shock leaves isolating, proof and dead readings, and lifts only once frame and joints are read', () => {
    const before = actAt(NOW - 5 * 3_600_000, jobOn('bath-exhaust-fan', 'psc'), {
      kind: 'finding.set',
      id: id(),
      observation: 'connections',
      value: 'sound',
    })
    const shocked = actAt(NOW - 4 * 3_600_000, before, raise('electric-shock'))
    const dead = madeDead(shocked)
    expect(energyOf(dead, NOW).handsIn).toBe(true)
    expect(refused(dead, { kind: 'job.phase', phase: 'live-test', purpose: 'reading' })).toBe('stopped')
    const lift: Act = {
      kind: 'stop.lift',
      rule: 'electric-shock',
      how: 'mended',
      reason: 'I renewed the motor on Tuesday',
    }
    expect(refused(dead, lift)).toBe('not-cleared')
    const found = (observation: 'to-frame' | 'connections', value: string): Act => ({
      kind: 'finding.set',
      id: id(),
      observation,
      value,
    })
    expect(refused(act(dead, found('to-frame', 'leaks'), found('connections', 'sound')), lift)).toBe(
      'not-cleared',
    )
    // What was seen before the shock says nothing of it.
    expect(refused(act(dead, found('to-frame', 'clear')), lift)).toBe('not-cleared')
    const read = act(dead, found('to-frame', 'clear'), found('connections', 'sound'))
    expect(activeStops(act(read, lift))).toEqual([])
  })

  it('stand in the order of life, whichever was raised first', () => {
    const job = act(
      jobOn('furnace-blower'),
      raise('not-sure'),
      raise('arcing'),
      raise('electric-shock'),
      raise('co-or-soot'),
      raise('gas-smell'),
    )
    expect(activeStops(job).map(({ rule }) => rule)).toEqual([
      'gas-smell',
      'co-or-soot',
      'electric-shock',
      'arcing',
      'not-sure',
    ])
  })
})
