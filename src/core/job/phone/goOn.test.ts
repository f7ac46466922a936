import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../../sampling.testing'
import { anyDraw, jobAfter, start } from '../acts/anyAct.testing'
import { act, asked, id, jobOn, madeDead, NOW } from '../job.testing'
import { refitOf } from '../ledger/refitOf'
import { powerProblems } from '../proving/power'
import { stillOut } from '../proving/stillOut'
import type { JobSnapshot } from '../rows'
import { goOnFrom } from './goOn'

/** Every line of the ledger done, or back again. */
const ticked = (job: JobSnapshot) =>
  job.ledger.reduce(
    (all, line) => act(all, ...asked(line), { kind: 'ledger.tick', id: line.id, on: true }),
    job,
  )
const planted = () =>
  act(madeDead(jobOn('bath-exhaust-fan', 'shaded-pole')), {
    kind: 'ledger.plant',
    ids: Array.from({ length: 60 }, id),
    template: 'motor',
  })

describe('from a stage that is done', () => {
  it('the way in leads to the match, and to the refit where nothing new goes in', () => {
    const job = planted()
    expect(goOnFrom(job, 'take-apart')).toBeNull()
    const apart = ticked(job)
    expect(goOnFrom(apart, 'take-apart')?.stage).toBe('match')
    const cleaned: JobSnapshot = {
      ...apart,
      decisions: [
        {
          id: 'd',
          jobId: 'j',
          agreed: 1,
          cause: 'dirt-drag',
          action: 'clean',
          option: '',
          reason: '',
          probability: 0.95,
          at: '',
        },
      ],
    }
    expect(goOnFrom(cleaned, 'take-apart')?.stage).toBe('refit')
    expect(goOnFrom(apart, 'refit')).toBeNull()
    // Photos taken on the way in have no way back.
    const measured = apart.ledger
      .filter(({ figure }) => figure)
      .map((line) => ({ kind: 'ledger.edit' as const, id: line.id, change: { backFigure: line.figure } }))
    const back = refitOf(apart).steps.reduce(
      (all, { from }) => act(all, { kind: 'ledger.back', id: from, on: true }),
      act(apart, ...measured),
    )
    expect(stillOut(back)).toEqual([])
    expect(back.ledger.some((line) => line.action === 'photo' && !line.backDoneAt)).toBe(true)
    expect(goOnFrom(back, 'refit')?.stage).toBe('prove')
  })

  it('a choice leads to the refit', () => {
    const job = jobOn('bath-exhaust-fan')
    expect(goOnFrom(job, 'match')).toBeNull()
    const chosen = act(job, { kind: 'field.set', id: id(), part: 'choice', field: 'motor', typed: 'shelf-1' })
    expect(goOnFrom(chosen, 'match')?.stage).toBe('refit')
  })

  it('nothing leads on while a line is open, a part is out, a lead is loose, or the job is closed', () => {
    fc.assert(
      fc.property(start, fc.array(anyDraw, { maxLength: 80 }), (from, draws) => {
        const job = jobAfter(from, draws)
        // What is said to be out is what the way back has not done.
        const back = refitOf(job).steps.filter(({ from: line }) =>
          job.ledger.some(({ id: own, backDoneAt }) => own === line && !backDoneAt),
        )
        expect(new Set(stillOut(job).map(({ id: own }) => own))).toEqual(
          new Set(back.map(({ from: line }) => line)),
        )
        const standing = job.ledger.filter((line) => !line.struckAt)
        const closed = job.job.status === 'closed'
        if (closed || standing.some((line) => !line.doneAt)) expect(goOnFrom(job, 'take-apart')).toBeNull()
        if (
          closed ||
          powerProblems(job, NOW, 'start').some(({ code }) => code === 'way-back') ||
          job.landings.some(({ doneAt, capped }) => !doneAt && !capped)
        )
          expect(goOnFrom(job, 'refit')).toBeNull()
      }),
      { numRuns: samples(80) },
    )
  })
})
