import { describe, expect, it } from 'vitest'
import { isCoreError } from '../../errors'
import { actAt, id, jobOn, madeDead, NOW } from '../job.testing'
import type { JobSnapshot, LogKind, LogRow } from '../rows'
import type { Act } from './actTypes'
import { FRESH_MS, receive } from './receive'

const SECOND = 1000
const MINUTE = 60 * SECOND
const job = jobOn('bath-exhaust-fan', 'psc')
const open: Act = { kind: 'point.open', id: job.points[0]?.id ?? '' }
const close: Act = { kind: 'point.close', id: job.points[0]?.id ?? '' }

/** The code of the refusal, or null where it is taken. */
function refused(snapshot: JobSnapshot, act: Act, ageMs: number, now = NOW): string | null {
  try {
    receive(snapshot, { id: id(), act, ageMs }, now, { who: '', window: 'A' })
    return null
  } catch (error) {
    if (!isCoreError(error)) throw error
    return error.code
  }
}

/** An entry of the record, by another window where none is named. */
const entry = (kind: LogKind, at: number, window = 'B'): LogRow => ({
  id: id(),
  jobId: job.job.id,
  position: 0,
  at: new Date(at).toISOString(),
  kind,
  subject: '',
  label: '',
  detail: '',
  who: '',
  window,
})
const recorded = (...log: LogRow[]): JobSnapshot => ({ ...job, log })

describe('what asserts that something is off', () => {
  it('counts for three minutes, and not a moment longer', () => {
    expect(refused(job, open, 0)).toBeNull()
    expect(refused(job, open, FRESH_MS)).toBeNull()
    expect(refused(job, open, FRESH_MS + 1)).toBe('too-old')
    expect(FRESH_MS).toBe(3 * MINUTE)
  })

  it('is none from the future: the clock of the device went back', () => {
    expect(refused(job, open, -1)).toBe('too-old')
    expect(refused(job, open, Number.NaN)).toBe('too-old')
  })

  it('is none while the clock of the server stands before the record by more than five seconds', () => {
    expect(refused(recorded(entry('opened', NOW + 4 * SECOND, 'A')), open, 0)).toBeNull()
    expect(refused(recorded(entry('opened', NOW + 6 * SECOND, 'A')), open, 0)).toBe('too-old')
  })

  const reverting: LogKind[] = [
    'closed',
    'restored',
    'added',
    'voided',
    'phase',
    'proof-failed',
    'part-back',
    'stop-raised',
    'taken-back',
    'done-again',
  ]
  it.each(reverting)('is overtaken by another window that wrote “%s” after it was done', (kind) => {
    const told = recorded(entry(kind, NOW - 20 * SECOND))
    expect(refused(told, open, 30 * SECOND)).toBe('overtaken')
    expect(refused(told, open, 10 * SECOND)).toBeNull()
    // The window that wrote it knew.
    expect(refused(recorded(entry(kind, NOW - 20 * SECOND, 'A')), open, 30 * SECOND)).toBeNull()
  })

  it.each(['opened', 'held', 'read', 'discharged', 'struck'] as const)(
    'is not overtaken by “%s”, which brings no power',
    (kind) => {
      expect(refused(recorded(entry(kind, NOW - 20 * SECOND)), open, 30 * SECOND)).toBeNull()
    },
  )

  it('is dated when it was done, and never before what stands in the record', () => {
    const at = (snapshot: JobSnapshot, ageMs: number) =>
      receive(snapshot, { id: id(), act: open, ageMs }, NOW, { who: '', window: 'A' }).changes.find(
        ({ table }) => table === 'points',
      )?.after
    expect(at(job, 30 * SECOND)).toMatchObject({ openedAt: new Date(NOW - 30 * SECOND).toISOString() })
    const told = recorded(entry('opened', NOW - 10 * SECOND))
    expect(at(told, 30 * SECOND)).toMatchObject({
      openedAt: new Date(NOW - 10 * SECOND + 1).toISOString(),
    })
  })
})

describe('what says that power may be back', () => {
  it('is believed however old it is, from the moment at which it is told', () => {
    const opened = actAt(NOW - 60 * MINUTE, job, open)
    const { changes } = receive(opened, { id: id(), act: close, ageMs: 50 * MINUTE }, NOW, {
      who: '',
      window: 'A',
    })
    expect(changes.find(({ table }) => table === 'points')?.after).toMatchObject({
      openedAt: null,
      changedAt: new Date(NOW).toISOString(),
    })
  })
})

describe('work of hands that is told late', () => {
  const dead = madeDead(job)
  const line = {
    ...actAt(NOW, dead, { kind: 'ledger.add', id: 'nut', after: null, line: { part: 'motor nut' } }),
  }
  const tick: Act = { kind: 'ledger.tick', id: 'nut', on: true }
  const coverOf = (snapshot: JobSnapshot, act: Act, ageMs: number, now: number) => {
    const { changes } = receive(snapshot, { id: id(), act, ageMs }, now, { who: '', window: 'A' })
    const row = changes.find(({ table }) => table === 'ledger')?.after
    return row && 'doneCover' in row ? row.doneCover : null
  }

  it('is judged by the present gate for ten seconds, then by the proof as it stood when it was done', () => {
    expect(coverOf(line, tick, 10 * SECOND, NOW + MINUTE)).toBe('')
    expect(coverOf(line, tick, 11 * SECOND, NOW + MINUTE)).toBe('late')
  })

  it('is kept as uncovered where nothing stood then, and is never dropped', () => {
    const closed = actAt(NOW + MINUTE, line, { kind: 'point.close', id: dead.points[1]?.id ?? '' })
    expect(coverOf(closed, tick, 90 * SECOND, NOW + 2 * MINUTE)).toBe('late')
    expect(coverOf(closed, tick, 30 * SECOND, NOW + 2 * MINUTE)).toBe('none')
    expect(refused(closed, tick, 0, NOW + 2 * MINUTE)).toBe('not-proven')
  })
})
