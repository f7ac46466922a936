import { describe, expect, it } from 'vitest'
import { act, id, jobOn, line, madeDead, NOW } from '../job.testing'
import type { JobSnapshot, LedgerRow } from '../rows'
import { freeingLine, isOut, isSetIn, mayHaveBeenOut, onBench, partsOut } from './bench'

const dead = madeDead(jobOn('furnace-blower', 'psc'))
const AT = new Date(NOW).toISOString()
/** A line that was ticked in the dead period that stands, with some of its columns otherwise. */
const ticked = act(dead, line('nut', { part: 'motor nut' }), {
  kind: 'ledger.tick',
  id: 'nut',
  on: true,
}).ledger
const [done] = ticked
if (!done) throw new Error('nothing was ticked')
const row = (change: Partial<LedgerRow>): LedgerRow => ({ ...done, ...change })
const takesOut = (change: Partial<LedgerRow> = {}) =>
  row({ id: 'out', action: 'lift-off', part: 'motor', frees: 'motor', position: 5, ...change })
const job = (...ledger: LedgerRow[]): JobSnapshot => ({ ...dead, ledger })
const outBefore = (change: Partial<JobSnapshot['outParts'][number]> = {}): JobSnapshot => ({
  ...dead,
  outParts: [
    ...act(dead, { kind: 'part.out', id: id(), part: 'motor' }).outParts.map((each) => ({
      ...each,
      ...change,
    })),
  ],
})

describe('a part is out of the machine', () => {
  it('by a ticked line that takes it out, and by every one of several', () => {
    expect(isOut(job(takesOut()), 'motor')).toBe(true)
    expect(freeingLine(job(takesOut()), 'motor')?.id).toBe('out')
    expect(isOut(job(takesOut(), takesOut({ id: 'two', doneAt: null })), 'motor')).toBe(false)
    expect(freeingLine(job(takesOut(), takesOut({ id: 'two' })), 'motor')?.id).toBe('two')
    expect(partsOut(job(takesOut()))).toEqual(['motor'])
  })

  it.each([
    ['not ticked', { doneAt: null }],
    ['ticked in no dead period', { donePeriod: null }],
    ['struck', { struckAt: AT }],
    ['of another part', { frees: 'capacitor' }],
    ['back in its place', { backDoneAt: AT }],
  ] as [string, Partial<LedgerRow>][])('not by a line that is %s', (_, change) => {
    expect(isOut(job(takesOut(change)), 'motor')).toBe(false)
  })

  it('by acts that take something away, and by no look, mark, note or photo', () => {
    const by = (action: LedgerRow['action']) => isOut(job(takesOut({ action })), 'motor')
    for (const action of [
      'unscrew',
      'loosen',
      'unplug',
      'disconnect',
      'unclip',
      'lift-off',
      'slide-out',
      'cut-wire',
      'unsolder',
    ] as const)
      expect([action, by(action)]).toEqual([action, true])
    for (const action of ['mark', 'note', 'photo', 'measure', 'bypass'] as const)
      expect([action, by(action)]).toEqual([action, false])
  })

  it('where it was out before the job began, until it is set back', () => {
    expect(isOut(outBefore(), 'motor')).toBe(true)
    expect(isOut(outBefore(), 'capacitor')).toBe(false)
    expect(isOut(outBefore({ backAt: AT }), 'motor')).toBe(false)
  })

  it('no more once it went back in an older period, and again where that tick was taken away in this one', () => {
    const { donePeriod } = done
    expect(isOut(job(takesOut({ backPeriod: donePeriod })), 'motor')).toBe(true)
    expect(isOut(job(takesOut({ backPeriod: 'an older one' as never })), 'motor')).toBe(false)
  })
})

describe('a new part is in the machine', () => {
  it('where what was taken out went back, or what was out before', () => {
    expect(isSetIn(job(takesOut()), 'motor')).toBe(false)
    expect(isSetIn(job(takesOut({ backDoneAt: AT })), 'motor')).toBe(true)
    expect(isSetIn(job(takesOut({ backPeriod: 'an older one' as never })), 'motor')).toBe(true)
    expect(isSetIn(outBefore(), 'motor')).toBe(false)
    expect(isSetIn(outBefore({ backAt: AT }), 'motor')).toBe(true)
    expect(isSetIn(outBefore({ backAt: AT }), 'capacitor')).toBe(false)
  })

  it('not where it never left', () => {
    expect(isSetIn(dead, 'motor')).toBe(false)
    expect(isSetIn(job(takesOut({ doneAt: null })), 'motor')).toBe(false)
    expect(isSetIn(job(takesOut({ frees: '', backDoneAt: AT })), 'motor')).toBe(false)
  })
})

describe('a line is done on the bench', () => {
  const at = (change: Partial<LedgerRow> = {}) =>
    row({ id: 'at', action: 'unscrew', part: 'end shield', benchOf: 'motor', position: 6, ...change })
  const bench = (change: Partial<LedgerRow> = {}, ...with_: LedgerRow[]) =>
    onBench(job(...(with_.length > 0 ? with_ : [takesOut()])), at(change))

  it('where it says so, and its part is out before it', () => {
    expect(bench()).toBe(true)
    expect(onBench(outBefore(), at({ position: 0 }))).toBe(true)
  })

  it('not where it stands in the place of the line that takes its part out, or before it', () => {
    expect(bench({ position: 5 })).toBe(false)
    expect(bench({ position: 4 })).toBe(false)
  })

  it.each([
    ['says nothing of a bench', { benchOf: '' }],
    ['is one of access', { access: 'proof' }],
    ['takes a part out itself', { frees: 'capacitor' }],
    ['is of a part that is not out', { benchOf: 'capacitor' }],
    ['names a place of the machine', { part: 'service panel' }],
    ['lands at a place of the machine', { terminal: 'junction box' }],
  ] as [string, Partial<LedgerRow>][])('not where it %s', (_, change) => {
    expect(bench(change)).toBe(false)
  })

  it('not while one of the lines that take its part out is open', () => {
    expect(bench({}, takesOut(), takesOut({ id: 'two', doneAt: null }))).toBe(false)
  })
})

describe('what may have been out before', () => {
  it('is asked only while nothing was taken apart; a cover that was opened for the proof is no such thing', () => {
    expect(mayHaveBeenOut(dead)).toContain('motor')
    expect(mayHaveBeenOut(job(row({})))).toEqual([])
    expect(mayHaveBeenOut(job(row({ access: 'proof' as never })))).toContain('motor')
    expect(mayHaveBeenOut(job(row({ doneAt: null })))).toContain('motor')
  })

  it('is no part that is out, and none that such a motor has not', () => {
    expect(mayHaveBeenOut(outBefore())).not.toContain('motor')
    expect(mayHaveBeenOut(madeDead(jobOn('bath-exhaust-fan', 'shaded-pole')))).not.toContain('capacitor')
    expect(mayHaveBeenOut(dead)).toContain('capacitor')
    expect(mayHaveBeenOut(dead)).not.toContain('module')
    expect(mayHaveBeenOut(jobOn('furnace-blower', 'ecm'))).toContain('module')
  })
})
