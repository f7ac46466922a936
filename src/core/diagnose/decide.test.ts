import { describe, expect, it } from 'vitest'
import type { ActionId, CauseId } from '../knowledge/vocabulary'
import { decide } from './decide'
import { run } from './run.testing'
import type { DiagnoseInput, Findings, Suspect } from './types'

const suspects = (cause: CauseId, probability: number): Suspect[] => [
  { cause, probability, because: [] },
  { cause: 'bearing-worn', probability: 1 - probability, because: [] },
]
const judged = (
  cause: CauseId,
  findings: Findings,
  more: Partial<DiagnoseInput> = {},
  probability = 0.97,
  diagnosis: Parameters<typeof decide>[3] = { stop: [], pair: null },
) =>
  decide(
    { family: 'outdoor-unit-fan', motorKind: 'psc', observations: findings, ...more },
    suspects(cause, probability),
    findings,
    diagnosis,
  )
const motor = (findings: Findings, more: Partial<DiagnoseInput> = {}) =>
  judged('winding-open', { 'capacitor-fan-reading': 'within', winding: 'open', ...findings }, more)

describe('a motor is called dead', () => {
  it('only where its open winding was read again cold, or was cold when it was read', () => {
    expect(motor({ 'case-heat': 'cold' }).decided?.action).toBe('replace-motor')
    expect(motor({ 'case-heat': 'too-hot-to-touch', 'cold-retest': 'still-open' }).decided?.action).toBe(
      'replace-motor',
    )
    for (const retest of ['now-good', 'not-done', undefined]) {
      const findings: Findings = {
        'case-heat': 'too-hot-to-touch',
        ...(retest ? { 'cold-retest': retest } : {}),
      }
      expect(motor(findings).decided, retest ?? 'not read again').toBeNull()
    }
  })

  it('and is asked first how warm it was, then to be read again', () => {
    expect(motor({}).needed).toEqual(['case-heat'])
    expect(motor({ 'case-heat': 'too-hot-to-touch' }).needed).toEqual(['cold-retest'])
    expect(motor({ 'case-heat': 'warm' }).needed).toEqual(['cold-retest'])
    expect(motor({}).notes).toContain(
      'An open winding is only called dead after it has been read again cold.',
    )
  })

  it('after the run capacitor was read, where one may be fitted', () => {
    const open: Findings = { winding: 'shorted' }
    const unread = judged('winding-shorted', open)
    expect(unread).toMatchObject({ decided: null, needed: ['capacitor-fan-reading'] })
    expect(unread.notes).toContain('Read the run capacitor before buying a motor.')
    expect(judged('winding-shorted', open, { motorKind: 'shaded-pole' }).decided?.action).toBe(
      'replace-motor',
    )
    expect(judged('winding-shorted', { ...open, 'capacitor-look': 'none-fitted' }).decided?.action).toBe(
      'replace-motor',
    )
    // A look alone is no reading.
    expect(judged('winding-shorted', { ...open, 'capacitor-look': 'sound' })).toMatchObject({
      decided: null,
      needed: ['capacitor-fan-reading'],
    })
  })

  it('and looking for a capacitor comes first where nobody knows whether one is fitted', () => {
    const unknown = { motorKind: undefined, family: 'bath-exhaust-fan' as const }
    expect(judged('winding-shorted', { winding: 'shorted' }, unknown).needed).toEqual([
      'capacitor-look',
      'capacitor-fan-reading',
    ])
    expect(
      judged('winding-shorted', { winding: 'shorted', 'capacitor-look': 'sound' }, unknown).needed,
    ).toEqual(['capacitor-fan-reading'])
  })
})

describe('nothing is decided', () => {
  const witnessed: Findings = { 'capacitor-fan-reading': 'low' }

  it('at nine in ten or less', () => {
    expect(judged('capacitor-weak', witnessed, {}, 0.9).decided).toBeNull()
    expect(judged('capacitor-weak', witnessed, {}, 0.91).decided).toEqual({
      cause: 'capacitor-weak',
      action: 'replace-capacitor' satisfies ActionId,
    })
  })

  it('while the machine is in a normal pause', () => {
    const paused = judged('capacitor-weak', { ...witnessed, 'should-run-now': 'normal-pause' })
    expect(paused).toMatchObject({ decided: null, needed: [] })
    expect(paused.notes).toContain('It is in a normal pause: look again when it should run.')
    expect(judged('capacitor-weak', { ...witnessed, 'should-run-now': 'yes' }).decided).not.toBeNull()
  })

  it('where two faults together explain more than one', () => {
    const two = judged('capacitor-weak', witnessed, {}, 0.97, {
      stop: [],
      pair: { causes: ['capacitor-weak', 'bearing-worn'], probability: 0.6 },
    })
    expect(two).toMatchObject({ decided: null, needed: [] })
    expect(two.notes).toContain(
      'The findings do not fit one fault alone: read the one that does not fit again.',
    )
  })

  it('before the thing itself was looked at, and the tests for it are named', () => {
    const asked = judged('capacitor-weak', { 'fan-state': 'hums' })
    expect(asked.decided).toBeNull()
    expect(asked.needed).toContain('capacitor-fan-reading')
    expect(asked.notes.at(-1)).toMatch(/^Before it is called decided, read the thing itself: .* or .*\.$/)
  })

  it('by a look that says something else', () => {
    expect(judged('capacitor-weak', { 'capacitor-fan-reading': 'within' }).decided).not.toBeNull()
    expect(judged('capacitor-weak', { 'capacitor-look': 'sound' }).needed).toContain('capacitor-fan-reading')
  })
})

describe('a dearer action that stands in for a cheaper one', () => {
  it('names the cheaper one', () => {
    const result = decide(
      { family: 'furnace-blower', motorKind: 'ecm', observations: {} },
      [
        { cause: 'ecm-module-failed', probability: 0.5, because: [] },
        { cause: 'ecm-inrush-part-burnt', probability: 0.47, because: [] },
      ],
      { 'module-look': 'burnt-part', 'module-supply': 'present' },
      { stop: [], pair: null },
    )
    expect(result.decided?.action).toBe('replace-module')
  })

  it('is told as it is in a whole diagnosis', () => {
    const result = run('outdoor-unit-fan', {
      'fan-state': 'hums',
      'capacitor-fan-reading': 'low',
      'free-spin': 'free',
    })
    expect(result.decided?.action).toBe('replace-capacitor')
    expect(result.notes.join(' ')).not.toContain('It may be that less is enough')
  })
})
