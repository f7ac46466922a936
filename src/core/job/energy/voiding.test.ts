import { describe, expect, it } from 'vitest'
import { planAct } from '../acts/plan'
import { planHistory } from '../acts/undo'
import { act, bath, madeDead, NOW } from '../job.testing'
import type { JobSnapshot, RowChange } from '../rows'
import { withChanges } from '../snapshot'
import { isPresent, periodAt, withNextPeriod } from './period'
import { voidAll, voidAround, voidedRows } from './voiding'

const AT = new Date(NOW).toISOString()
const tables = (changes: RowChange[]) => changes.map(({ table }) => table)

describe('a voiding', () => {
  it('of a job in which nothing was done takes nothing away and says nothing, and still ends the period', () => {
    expect(voidAll(bath(), AT, 'not sure')).toEqual({ changes: [], log: [], discards: true })
    expect(voidAround(bath(), 'p', AT, 'live')).toEqual({ changes: [], log: [], discards: true })
  })

  it('takes proofs, readings of charges and waits that run, once, and says why', () => {
    const dead = madeDead(bath())
    const { changes, log, discards } = voidAll(dead, AT, 'not sure')
    expect(log).toEqual([{ kind: 'voided', detail: 'not sure' }])
    expect(discards).toBe(true)
    expect(new Set(tables(changes))).toEqual(new Set(['proofs', 'charges']))
    const [proof] = changes
    expect(proof?.after).toMatchObject({ voidedAt: AT, voidReason: 'not sure' })
    const charge = changes.find(({ table }) => table === 'charges')
    expect(charge?.after).toMatchObject({ typed: '', volts: null, readAt: null, dischargedAt: null })
    const voided = { ...dead, proofs: dead.proofs.map((row) => ({ ...row, voidedAt: AT })) }
    expect(tables(voidedRows(voided, AT, 'again'))).not.toContain('proofs')
  })

  it('takes a charge of which either the time or the volts are known', () => {
    const dead = madeDead(bath())
    const half = (more: object): JobSnapshot => ({
      ...dead,
      proofs: [],
      charges: dead.charges.map((row) => ({ ...row, readAt: null, volts: null, ...more })),
    })
    expect(tables(voidedRows(half({}), AT, 'x'))).toEqual([])
    expect(tables(voidedRows(half({ readAt: AT }), AT, 'x'))).toEqual(['charges'])
    expect(tables(voidedRows(half({ volts: 0 }), AT, 'x'))).toEqual(['charges'])
  })

  it('asks again whether the motor is cold, and forgets no other answer', () => {
    const answer = (part: string, field: string, typed: string) => ({
      ...bath(),
      fields: [{ id: 'f', jobId: 'j', part, field, typed, at: AT }] as JobSnapshot['fields'],
    })
    expect(tables(voidedRows(answer('plan', 'cold', 'cold'), AT, 'x'))).toEqual(['fields'])
    expect(voidedRows(answer('plan', 'cold', 'cold'), AT, 'x')[0]?.after).toBeNull()
    expect(voidedRows(answer('plan', 'cold', 'warm'), AT, 'x')).toEqual([])
    expect(voidedRows(answer('plan', 'feeds', 'cold'), AT, 'x')).toEqual([])
    expect(voidedRows(answer('motor-old', 'cold', 'cold'), AT, 'x')).toEqual([])
  })

  it('around a live reading leaves the proof in which it was read, and the rest goes', () => {
    const dead = madeDead(bath())
    const proof = dead.proofs[0]?.id ?? ''
    const around = voidAround(dead, proof, AT, 'L–N showed 119 V')
    expect(tables(around.changes)).toEqual(['charges'])
    expect(around.log).toEqual([{ kind: 'voided', detail: 'L–N showed 119 V' }])
    expect(tables(voidAround(dead, 'another', AT, 'x').changes)).toContain('proofs')
    const alone = { ...dead, charges: [] }
    expect(voidAround(alone, proof, AT, 'x')).toEqual({ changes: [], log: [], discards: true })
  })
})

describe('the period', () => {
  const named = (period: string | null): JobSnapshot => ({ ...bath(), job: { ...bath().job, period } })
  const next = (job: JobSnapshot, changes: RowChange[] = []) => withNextPeriod(job, changes, AT)

  it('that ends in the millisecond in which it began has a name of its own all the same', () => {
    expect(next(named(null))[0]?.after).toMatchObject({ period: AT })
    expect(next(named(AT))[0]?.after).toMatchObject({ period: `${AT}+` })
    expect(next(named(`${AT}+`))[0]?.after).toMatchObject({ period: `${AT}++` })
    expect(next(named('2026-01-01T00:00:00.000Z'))[0]?.after).toMatchObject({ period: AT })
  })

  it('goes into the change of the job that the act makes already, and into no second one', () => {
    const job = named(null)
    const own: RowChange = {
      table: 'job',
      id: 'j',
      before: job.job,
      after: { ...job.job, symptom: 'it rattles' },
    }
    const point = act(job, { kind: 'point.open', id: job.points[0]?.id ?? '' })
    const other: RowChange = { table: 'points', id: 'x', before: null, after: point.points[0] ?? null }
    const changes = next(job, [other, own])
    expect(tables(changes)).toEqual(['points', 'job'])
    expect(changes[1]?.after).toMatchObject({ period: AT, symptom: 'it rattles' })
  })

  it('that ended never comes back by an undo, even of an act that found nothing left to void', () => {
    const once = act(bath(), { kind: 'proof.void', reason: 'not sure' })
    const changes = planAct(once, { kind: 'proof.void', reason: 'not sure' }, NOW + 1000).changes
    const twice = withChanges(once, changes)
    const back = planHistory(twice, { text: 'void', changes }, 'undo', NOW + 2000)
    const { period } = withChanges(twice, back.changes).job
    expect([once.job.period, twice.job.period]).not.toContain(period)
    expect(period).toBe(new Date(NOW + 2000).toISOString())
  })

  it('is present for what was done in it, and never for what no period is known of', () => {
    expect(isPresent(named(null), null)).toBe(false)
    expect(isPresent(named(null), '')).toBe(true)
    expect(isPresent(named(AT), AT)).toBe(true)
    expect(isPresent(named(AT), '')).toBe(false)
    expect(isPresent(named(AT), null)).toBe(false)
  })

  it('of something done out of reach is the present one only where it had begun by then', () => {
    expect(periodAt(named(`${AT}+`), NOW)).toBe(`${AT}+`)
    expect(periodAt(named(AT), NOW + 1)).toBe(AT)
    expect(periodAt(named(AT), NOW - 1)).toBeNull()
    expect(periodAt(named(null), NOW)).toBeNull()
  })
})
