import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../../sampling.testing'
import { dischargeActs } from '../energy/dischargeScript'
import { energyOf } from '../energy/energy'
import { inside } from '../energy/gate'
import { isolationActs, proofActs } from '../energy/proofScript'
import { act, actAt, answered, id, jobOn, madeDead, NOW } from '../job.testing'
import type { JobSnapshot } from '../rows'
import { withChanges } from '../snapshot'
import type { Act } from './actTypes'
import { coveredThen, snapshotThen } from './coverThen'
import { planAct } from './plan'

const MINUTE = 60_000

/** What somebody may do next, by its number; on the way to dead more often than away from it. */
const steps: ((job: JobSnapshot) => Act[])[] = [
  (job) => isolationActs(job),
  (job) => proofActs(job, id),
  (job) => dischargeActs(job, '0.3'),
  (job) => job.waits.map((wait) => ({ kind: 'wait.start', id: wait.id })),
  (job) => [...isolationActs(job), ...proofActs(job, id), ...dischargeActs(job, '0.3')],
  (job) => job.points.slice(0, 1).map((point) => ({ kind: 'point.close', id: point.id })),
  (job) => job.points.slice(0, 1).map((point) => ({ kind: 'point.held', id: point.id, held: '' })),
  () => [{ kind: 'point.add', id: id(), point: 'fuse' }],
  (job) =>
    job.points.slice(-1).map((point) => ({ kind: 'point.strike', id: point.id, reason: 'it has none' })),
  (job) => job.points.slice(-1).map((point) => ({ kind: 'point.restore', id: point.id })),
  () => [{ kind: 'proof.void', reason: 'not sure' }],
  (job) => job.charges.slice(0, 1).map((charge) => ({ kind: 'charge.read', id: charge.id, typed: '48' })),
  () => [{ kind: 'stop.raise', id: id(), rule: 'burnt-supply', note: 'charred' }],
  () => [{ kind: 'stop.lift', rule: 'burnt-supply', how: 'mended', reason: 'an electrician renewed it' }],
  () => [{ kind: 'finding.set', id: id(), observation: 'smell', value: 'gas' }],
  () => [
    {
      kind: 'finding.set',
      id: id(),
      observation: 'smell',
      value: null,
      how: 'mistake',
      reason: 'it was the drain next door',
    },
  ],
]

/** The acts that are possible, done one after another; the others are left out. */
const done = (job: JobSnapshot, acts: Act[], now: number): JobSnapshot =>
  acts.reduce((all, each) => {
    try {
      return withChanges(all, planAct(all, each, now).changes)
    } catch {
      return all
    }
  }, job)

describe('what covered hands at an earlier instant', () => {
  it('is never more than what stood then, whatever came after', () => {
    let covered = 0
    fc.assert(
      fc.property(
        fc.constantFrom('bath-exhaust-fan' as const, 'furnace-blower' as const, 'ceiling-fan' as const),
        fc.array(fc.record({ step: fc.nat(steps.length - 1), minutes: fc.integer({ min: 1, max: 14 }) }), {
          minLength: 3,
          maxLength: 14,
        }),
        (family, walk) => {
          let job = jobOn(family, 'psc')
          let now = NOW
          const then: { at: number; handsIn: boolean }[] = []
          for (const { step, minutes } of walk) {
            job = done(job, steps[step]?.(job) ?? [], now)
            now += minutes * MINUTE
            then.push({ at: now - 1, handsIn: energyOf(job, now - 1, { countLate: true }).handsIn })
          }
          for (const { at, handsIn } of then) {
            const told = coveredThen(job, at, inside)
            if (told) covered++
            if (told) expect(handsIn).toBe(true)
          }
        },
      ),
      { numRuns: samples(400) },
    )
    // It would say nothing if it never covered anything.
    expect(covered).toBeGreaterThan(100)
  })

  const dead = madeDead(jobOn('bath-exhaust-fan', 'psc'))
  const later = NOW + 5 * MINUTE
  const close: Act = { kind: 'point.close', id: dead.points[1]?.id ?? '' }

  it('is a proof that stood, although it is void since', () => {
    const closed = actAt(later, dead, close)
    expect(energyOf(closed, later).handsIn).toBe(false)
    expect(coveredThen(closed, later - 1, inside)).toBe(true)
    expect(coveredThen(closed, later + 1, inside)).toBe(false)
  })

  it('is none before the first point was off, before the charge was read, or while it was live', () => {
    const job = jobOn('bath-exhaust-fan', 'psc')
    const isolated = actAt(
      NOW,
      act(job, { kind: 'machine.edit', field: 'note', value: 'x' }),
      ...isolationActs(job),
    )
    const proved = actAt(NOW + MINUTE, isolated, ...proofActs(isolated, id))
    const emptied = actAt(NOW + 2 * MINUTE, proved, ...dischargeActs(proved, '0.3'))
    const waited = done(
      emptied,
      emptied.waits.map((wait): Act => ({ kind: 'wait.strike', id: wait.id, reason: 'no board in it' })),
      NOW + 2 * MINUTE,
    )
    expect(coveredThen(waited, NOW - 1, inside)).toBe(false)
    expect(coveredThen(waited, NOW + MINUTE + 1, inside)).toBe(false)
    expect(coveredThen(waited, NOW + 2 * MINUTE + 1, inside)).toBe(true)
  })

  it('is held by nobody where nobody held it then', () => {
    const loose = actAt(later, dead, { kind: 'point.held', id: dead.points[0]?.id ?? '', held: '' })
    const again = actAt(later + MINUTE, loose, {
      kind: 'point.held',
      id: dead.points[0]?.id ?? '',
      held: 'taped',
    })
    expect(snapshotThen(again, later + 1).points[0]?.held).toBe('')
    expect(snapshotThen(again, later - 1).points[0]?.held).not.toBe('')
    expect(snapshotThen(again, later + 2 * MINUTE).points[0]?.held).toBe('taped')
  })

  it('knows no point that was added later, and a struck one only from then on', () => {
    const more = actAt(later, dead, { kind: 'point.add', id: 'late', point: 'fuse' })
    expect(snapshotThen(more, later - 1).points.map((point) => point.id)).not.toContain('late')
    expect(snapshotThen(more, later + 1).points.map((point) => point.id)).toContain('late')
    const struck = actAt(later, dead, {
      kind: 'point.strike',
      id: dead.points[0]?.id ?? '',
      reason: 'not on this machine',
    })
    expect(snapshotThen(struck, later - 1).points[0]?.struckAt).toBeNull()
    expect(snapshotThen(struck, later + 1).points[0]?.struckAt).not.toBeNull()
  })

  it('stood while power was off, and not while it was on for a test', () => {
    const powered = actAt(later, answered(dead), { kind: 'job.phase', phase: 'live-test', purpose: 'start' })
    expect(powered.job.phase).toBe('live-test')
    expect(snapshotThen(powered, later - 1).job.phase).toBe('work')
    expect(coveredThen(powered, later - 1, inside)).toBe(true)
    expect(snapshotThen(powered, later + 1).job.phase).toBe('live-test')
    expect(coveredThen(powered, later + 1, inside)).toBe(false)
  })

  it('is not taken away by a danger, a reading or a part that came up later', () => {
    const found = actAt(
      later,
      dead,
      { kind: 'stop.raise', id: id(), rule: 'burnt-supply', note: '' },
      { kind: 'finding.set', id: id(), observation: 'smell', value: 'gas' },
    )
    expect(coveredThen(found, later - 1, inside)).toBe(true)
    expect(coveredThen(found, later + 1, inside)).toBe(false)
    expect(snapshotThen(found, later - 1)).toMatchObject({ stops: [], findings: [] })
    expect(
      snapshotThen(found, later + 1)
        .stops.map(({ rule }) => rule)
        .sort(),
    ).toEqual(['burnt-supply', 'gas-smell'])
  })

  it('counts a reading that is void since as a low one for each pair', () => {
    const closed = actAt(later, dead, close)
    const [charge] = snapshotThen(closed, later - 1).charges
    expect(charge).toMatchObject({ volts: 0, typed: '0' })
    const [after] = snapshotThen(closed, later + 1).charges
    expect(after).toMatchObject({ volts: null, typed: '', readAt: null })
  })

  it('is of an open job, closed since or not', () => {
    const shut = actAt(later, dead, { kind: 'job.close', result: 'not-mended' })
    expect(snapshotThen(shut, later - 1).job.status).toBe('open')
    expect(coveredThen(shut, later - 1, inside)).toBe(true)
  })

  it('has the waits that ran then, of any kind, and none that was begun later or is void by then', () => {
    const blower = jobOn('furnace-blower', 'ecm')
    const [wait] = blower.waits
    if (!wait) throw new Error('an electronic motor has a wait')
    const begun = { ...madeDead(blower), waits: blower.waits }
    const log = (kind: 'wait-started' | 'voided', at: number, subject: string) => ({
      ...(dead.log[0] as (typeof dead.log)[number]),
      id: id(),
      kind,
      subject,
      at: new Date(at).toISOString(),
      position: 1000 + Math.round((at - NOW) / 1000),
    })
    const told: JobSnapshot = {
      ...begun,
      log: [log('wait-started', later, wait.id), log('voided', later + 2 * MINUTE, '')],
    }
    const startedAt = (at: number) => snapshotThen(told, at).waits[0]?.startedAt ?? null
    expect(startedAt(later - 1)).toBeNull()
    expect(startedAt(later)).toBe(new Date(later).toISOString())
    expect(startedAt(later + MINUTE)).toBe(new Date(later).toISOString())
    expect(startedAt(later + 3 * MINUTE)).toBeNull()
    // What voided another row leaves this one.
    const other: JobSnapshot = {
      ...begun,
      log: [log('wait-started', later, wait.id), log('voided', later + 2 * MINUTE, 'another')],
    }
    expect(snapshotThen(other, later + 3 * MINUTE).waits[0]?.startedAt).not.toBeNull()
    const own: JobSnapshot = {
      ...begun,
      log: [log('wait-started', later, wait.id), log('voided', later + 2 * MINUTE, wait.id)],
    }
    expect(snapshotThen(own, later + 3 * MINUTE).waits[0]?.startedAt).toBeNull()
    // A void before it was begun says nothing of it.
    const early: JobSnapshot = {
      ...begun,
      log: [log('voided', later - MINUTE, ''), log('wait-started', later, wait.id)],
    }
    expect(snapshotThen(early, later).waits[0]?.startedAt).not.toBeNull()
  })

  it('has the proofs, readings and parts out of then alone, each to the moment', () => {
    const at = new Date(later).toISOString()
    const [proof] = dead.proofs
    const [reading] = dead.proofReadings
    if (!proof || !reading) throw new Error('nothing was proved')
    const out = { id: 'o', jobId: 'j', part: 'motor' as const, at, backAt: null as string | null }
    const found = { id: 'f', jobId: 'j', observation: 'smell' as const, value: 'burnt', recorded: null, at }
    const ohms = {
      id: 'r',
      jobId: 'j',
      kind: 'resistance' as const,
      part: 'old' as const,
      pointA: 'a',
      pointB: 'b',
      at,
    }
    const told = {
      ...dead,
      proofs: [{ ...proof, startedAt: at, voidedAt: new Date(later + MINUTE).toISOString() }],
      proofReadings: [{ ...reading, at, replacedAt: new Date(later + MINUTE).toISOString() }],
      outParts: [{ ...out, backAt: new Date(later + MINUTE).toISOString() }],
      findings: [found],
      readings: [{ ...(dead.readings[0] ?? {}), ...ohms } as JobSnapshot['readings'][number]],
    }
    const before = snapshotThen(told, later - 1)
    expect(before).toMatchObject({ proofs: [], proofReadings: [], outParts: [], findings: [], readings: [] })
    const then = snapshotThen(told, later)
    expect(then.proofs[0]?.voidedAt).toBeNull()
    expect(then.proofReadings[0]?.replacedAt).toBeNull()
    expect(then.outParts).toHaveLength(1)
    expect(then.findings).toEqual([found])
    expect(then.readings).toHaveLength(1)
    const over = snapshotThen(told, later + MINUTE)
    expect(over.proofs[0]?.voidedAt).not.toBeNull()
    expect(over.proofReadings[0]?.replacedAt).not.toBeNull()
    expect(over.outParts).toEqual([])
    // Never set back, it is out still.
    expect(snapshotThen({ ...told, outParts: [out] }, later + MINUTE).outParts).toHaveLength(1)
  })

  it('judges each reach by its own gate: what lies on the bench needs no proof', () => {
    const job = jobOn('bath-exhaust-fan', 'psc')
    expect(coveredThen(job, NOW, inside)).toBe(false)
    expect(coveredThen(job, NOW, { kind: 'free' })).toBe(true)
  })
})
