import { describe, expect, it } from 'vitest'
import { isCoreError } from '../../errors'
import { id, jobOn, NOW } from '../job.testing'
import type { JobSnapshot, LogKind, LogRow } from '../rows'
import type { Act } from './actTypes'
import { snapshotThen } from './coverThen'
import { FRESH_MS, receive } from './receive'

const MINUTE = 60_000
const job = jobOn('outdoor-unit-fan', 'psc')
const [point] = job.points
const [charge] = job.charges
if (!point || !charge) throw new Error('a plan without a point or a charge')

const time = (minute: number) => new Date(NOW + minute * MINUTE).toISOString()
let position = 0
const entry = (minute: number, kind: LogKind, subject = point.id, more: Partial<LogRow> = {}): LogRow => ({
  id: id(),
  jobId: job.job.id,
  position: ++position,
  at: time(minute),
  kind,
  subject,
  label: '',
  detail: '',
  who: '',
  window: 'A',
  ...more,
})
const then = (minute: number, log: LogRow[], more: Partial<JobSnapshot> = {}) =>
  snapshotThen({ ...job, ...more, log }, NOW + minute * MINUTE)
const pointThen = (minute: number, ...log: LogRow[]) =>
  then(minute, log).points.find((each) => each.id === point.id)

describe('a point, as it stood at an earlier instant', () => {
  it('is open from its opening to whatever closed it, and dated by what turned it last', () => {
    expect(pointThen(0)).toMatchObject({ openedAt: null, changedAt: null, held: '', struckAt: null })
    const opened = entry(1, 'opened')
    expect(pointThen(0, opened)).toMatchObject({ openedAt: null, changedAt: null })
    expect(pointThen(1, opened)).toMatchObject({ openedAt: time(1), changedAt: time(1) })
    for (const kind of ['closed', 'restored', 'added'] as const)
      expect([kind, pointThen(3, opened, entry(2, kind))]).toEqual([
        kind,
        expect.objectContaining({ openedAt: null, changedAt: time(2) }),
      ])
    expect(pointThen(3, entry(1, 'opened', 'another'))).toMatchObject({ openedAt: null, changedAt: null })
    // What is held turns nothing.
    expect(pointThen(3, opened, entry(2, 'held'))).toMatchObject({ openedAt: time(1), changedAt: time(1) })
  })

  it('is struck until it is put back', () => {
    const struck = entry(1, 'struck')
    expect(pointThen(1, struck)?.struckAt).toBe(time(1))
    for (const kind of ['restored', 'added'] as const)
      expect([kind, pointThen(2, struck, entry(2, kind))?.struckAt]).toEqual([kind, null])
  })

  it('is held by the words of its holding until it is closed or put back', () => {
    const held = entry(1, 'held', point.id, { detail: 'block taken along' })
    expect(pointThen(1, held)?.held).toBe('block taken along')
    for (const kind of ['closed', 'restored'] as const)
      expect([kind, pointThen(2, held, entry(2, kind))?.held]).toEqual([kind, ''])
    expect(pointThen(2, held, entry(2, 'opened'))?.held).toBe('block taken along')
  })

  it('was not there before it was added; one of the plan always was', () => {
    const added = entry(5, 'added')
    expect(pointThen(4, added)).toBeUndefined()
    expect(pointThen(5, added)).toBeDefined()
    expect(pointThen(4, entry(5, 'closed'))).toBeDefined()
  })
})

describe('a charge', () => {
  const chargeThen = (minute: number, ...log: LogRow[]) =>
    then(minute, log).charges.find((each) => each.id === charge.id)

  it('was empty from the reading that said so, each pair of it, and not once that was void', () => {
    expect(chargeThen(0)).toMatchObject({ volts: null, typed: '', readAt: null })
    const read = entry(1, 'discharged', charge.id)
    const empty = chargeThen(1, read)
    expect(empty).toMatchObject({ volts: 0, readAt: time(1) })
    expect(empty?.typed).toMatch(/^0( \/ 0)*$/)
    expect(chargeThen(2, read, entry(2, 'still-charged', charge.id))).toMatchObject({
      volts: null,
      readAt: null,
    })
    expect(chargeThen(2, read, entry(2, 'voided', charge.id))?.volts).toBeNull()
    expect(chargeThen(2, read, entry(2, 'voided', ''))?.volts).toBeNull()
    // Another's voiding, another entry, or one that stands before it take nothing.
    expect(chargeThen(2, read, entry(2, 'voided', 'another'))?.volts).toBe(0)
    expect(chargeThen(2, read, entry(2, 'held', charge.id))?.volts).toBe(0)
    const before = entry(1, 'voided', '')
    expect(chargeThen(2, before, entry(1, 'discharged', charge.id))?.volts).toBe(0)
    // A voiding is told by its place in the record: not by the same entry.
    expect(chargeThen(2, { ...entry(2, 'voided', ''), position: read.position }, read)?.volts).toBe(0)
  })
})

describe('a stop', () => {
  const stops = (minute: number, ...log: LogRow[]) => then(minute, log).stops
  const about = (minute: number, kind: LogKind) => entry(minute, kind, '', { label: 'gas-smell' })

  it('stood from its raising to its lifting or its overriding, as one of then', () => {
    expect(stops(1, about(1, 'stop-raised'))).toEqual([
      {
        id: 'then-gas-smell',
        jobId: job.job.id,
        rule: 'gas-smell',
        note: '',
        at: time(1),
        overriddenAt: null,
        liftedAt: null,
        reason: '',
      },
    ])
    expect(stops(0, about(1, 'stop-raised'))).toEqual([])
    for (const kind of ['stop-lifted', 'stop-overridden'] as const)
      expect([kind, stops(2, about(1, 'stop-raised'), about(2, kind))]).toEqual([kind, []])
    expect(stops(3, about(1, 'stop-raised'), about(2, 'held'))).toHaveLength(1)
  })
})

describe('what arrives late', () => {
  const open: Act = { kind: 'point.open', id: point.id }
  const said = (ageMs: number, now = NOW, log: LogRow[] = []) => {
    try {
      receive({ ...job, log }, { id: id(), act: open, ageMs }, now, { who: '', window: 'A' })
      return null
    } catch (error) {
      if (!isCoreError(error)) throw error
      return error.message
    }
  }

  it('is told why: too long ago, or a clock that stands wrong', () => {
    const late = said(FRESH_MS + 1)
    const clock = said(-1)
    expect(late).not.toBeNull()
    expect(clock).not.toBeNull()
    expect(late).not.toBe(clock)
    expect(said(Number.NaN)).toBe(clock)
    expect(said(0)).toBeNull()
    expect(said(FRESH_MS)).toBeNull()
  })

  it('is overtaken by what another window reverted after it was done, not by what it did itself or before', () => {
    const reverted = (minute: number, window: string) => [entry(minute, 'closed', point.id, { window })]
    const at = (window: string, minute: number) =>
      said(2 * MINUTE, NOW + 2 * MINUTE, reverted(minute, window))
    expect(at('B', 1)).not.toBeNull()
    expect(at('A', 1)).toBeNull()
    // Done at minute 0: what stands at that very instant was before it.
    expect(at('B', 0)).toBeNull()
  })
})
