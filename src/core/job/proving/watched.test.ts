import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../../sampling.testing'
import { anyDraw, jobAfter, start } from '../acts/anyAct.testing'
import { act, id, jobOn, madeDead } from '../job.testing'
import { checksOf, hasRun, isWatched } from './power'

const answer = (checkId: string, result: 'pass' | 'fail' | 'skipped') =>
  ({ kind: 'check.set', id: id(), checkId, result, note: '' }) as const

describe('what is seen as the machine runs', () => {
  it('is refused before it had power for a test, with what to do; left out it may be', () => {
    const job = madeDead(jobOn('bath-exhaust-fan', 'shaded-pole'))
    for (const { id: check } of checksOf(job).filter(isWatched)) {
      expect(() => act(job, answer(check, 'pass'))).toThrow(/power it on for the test first/)
      expect(() => act(job, answer(check, 'fail'))).toThrow(/power it on for the test first/)
      expect(act(job, answer(check, 'skipped')).checks).toHaveLength(1)
    }
    const dead = checksOf(job).filter((check) => check.dead)
    expect(dead.length).toBeGreaterThan(1)
    for (const { id: check } of dead) expect(act(job, answer(check, 'pass')).checks).toHaveLength(1)
  })

  it('is never told of a machine that had no power since the job began', () => {
    fc.assert(
      fc.property(start, fc.array(anyDraw, { maxLength: 120 }), (from, draws) => {
        const job = jobAfter(from, draws)
        const powered = job.log.some(
          ({ kind, label }) => kind === 'phase' && (label === 'live-test' || label === 'in-service'),
        )
        if (powered || job.points.every(({ struckAt }) => struckAt)) return
        const watched = new Set(
          checksOf(job)
            .filter(isWatched)
            .map((check) => check.id),
        )
        expect(
          job.checks.filter(({ checkId, result }) => watched.has(checkId) && result !== 'skipped'),
        ).toEqual([])
        expect(hasRun(job)).toBe(false)
      }),
      { numRuns: samples(60) },
    )
  })
})
