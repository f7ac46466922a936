import { describe, expect, it } from 'vitest'
import type { Act } from '../acts/actTypes'
import { planAct } from '../acts/plan'
import { planHistory } from '../acts/undo'
import { act, actAt, answered, id, jobOn, madeDead, NOW, refused } from '../job.testing'
import { powerProblems } from '../proving/power'
import type { JobSnapshot } from '../rows'
import { withChanges } from '../snapshot'
import { ASKED_AGAIN_MS, daysLaterOf, stalePoints } from './daysLater'
import { energyOf } from './energy'
import { proofActs } from './proofScript'

const DAY = 24 * 3_600_000
const later = NOW + 4 * DAY
const still = (job: JobSnapshot): Act[] => job.points.map((point) => ({ kind: 'point.still', id: point.id }))

describe('a job that stood still for days', () => {
  const job = madeDead(jobOn('bath-exhaust-fan', 'shaded-pole'))

  it('trusts no point that was opened then: each is looked at again, and named', () => {
    expect(energyOf(job, NOW).state).toBe('proven-dead')
    const days = energyOf(job, later)
    expect(days.state).not.toBe('isolated')
    expect(days.handsIn).toBe(false)
    expect(days.coversBeforeProof).toBe(false)
    expect(days.missing[0]).toMatch(/look at it again/)
    expect(stalePoints(job, later).map(({ id }) => id)).toEqual(job.points.map(({ id }) => id))
  })

  it('is as it was after one evening, and while a proof stands that was made since', () => {
    expect(stalePoints(job, NOW + ASKED_AGAIN_MS / 2)).toEqual([])
    // Opened in the morning, proved at night: nobody is asked in the middle of the work.
    const morning = {
      ...job,
      points: job.points.map((point) => ({
        ...point,
        openedAt: new Date(NOW - ASKED_AGAIN_MS).toISOString(),
        changedAt: new Date(NOW - ASKED_AGAIN_MS).toISOString(),
      })),
    }
    expect(energyOf(morning, NOW).handsIn).toBe(true)
  })

  it('is not looked at by a step of history: a tap taken back days later has seen nothing', () => {
    const close: Act = { kind: 'point.close', id: job.points[0]?.id ?? '' }
    const { text, changes } = planAct(job, close, NOW + 1000)
    const back = planHistory(withChanges(job, changes), { text, changes }, 'undo', later)
    const after = withChanges(withChanges(job, changes), back.changes)
    expect(stalePoints(after, later).map(({ id }) => id)).toEqual(job.points.map(({ id }) => id))
  })

  it('begins no proof before that', () => {
    const [begin] = proofActs(job, id)
    expect(begin && refused(job, begin, later)).toBe('seen-again')
    const seen = actAt(later, job, ...still(job))
    expect(begin && refused(seen, begin, later)).toBeNull()
    expect(energyOf(actAt(later, seen, ...proofActs(seen, id)), later).handsIn).toBe(true)
  })

  it('makes everything anew that rested on what was off: proof, charge, waits, and what was looked at before power', () => {
    const checked = answered(madeDead(jobOn('furnace-blower', 'psc')))
    const seen = actAt(later, checked, ...still(checked))
    expect(seen.proofs.every(({ voidedAt }) => voidedAt)).toBe(true)
    expect(seen.charges.every(({ readAt }) => readAt === null)).toBe(true)
    const dead = powerProblems(actAt(later, seen, ...proofActs(seen, id)), later, 'start')
    expect(dead.map(({ text }) => text).join(' ')).toMatch(/turn the wheel/i)
    expect(seen.points.every(({ held }) => held !== '')).toBe(true)
  })

  it('says all of it in one list, and nothing once it is answered', () => {
    const checked = answered(job)
    expect(daysLaterOf(checked, NOW)).toBeNull()
    expect(daysLaterOf(checked, later)).toMatchObject({
      checks: checked.checks.length,
      readings: 0,
      out: [],
      since: job.points
        .map(({ openedAt }) => openedAt)
        .sort()
        .at(-1),
    })
    expect(daysLaterOf(actAt(later, checked, ...still(checked)), later)).toBeNull()
  })

  it('is as old as before once it is taken back that somebody looked: undo has seen nothing', () => {
    const [point] = job.points
    if (!point) throw new Error('no point')
    const planned = planAct(job, { kind: 'point.still', id: point.id }, later)
    const seen = withChanges(job, planned.changes)
    expect(stalePoints(seen, later).map(({ id }) => id)).not.toContain(point.id)
    const undone = withChanges(
      seen,
      planHistory(seen, { text: '', changes: planned.changes }, 'undo', later + 60_000).changes,
    )
    expect(stalePoints(undone, later + 60_000).map(({ id }) => id)).toContain(point.id)
    expect(undone.points.find(({ id }) => id === point.id)?.held).toBe('')
  })

  it('is told of what is open alone, and changes nothing the same evening', () => {
    const [point] = job.points
    const shut = point ? act(job, { kind: 'point.close', id: point.id }) : job
    expect(point && refused(shut, { kind: 'point.still', id: point.id }, later)).toBe('not-open')
    expect(point && planAct(job, { kind: 'point.still', id: point.id }, NOW).changes).toEqual([])
  })
})
