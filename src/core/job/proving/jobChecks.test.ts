import { describe, expect, it } from 'vitest'
import { workOfJob } from '../../fit/work'
import type { Act } from '../acts/actTypes'
import { act, answered, back, bath, field, id, jobOn, line, madeDead, NOW, tick } from '../job.testing'
import { candidatePart } from '../parts/candidates'
import type { JobSnapshot } from '../rows'
import { jobChecks } from './jobChecks'
import { checksOf, powerProblems } from './power'

/** Two single cans in place of a dual one: a bridge to make, two cans to strap. */
const twoSingles = (): JobSnapshot =>
  act(
    madeDead(act(jobOn('outdoor-unit-fan', 'psc'), field('capacitor-old', 'label', '45+5 µF 370 V'))),
    ...(['5 µF 440 V', '45 µF 440 V'] as const).flatMap((label, index): Act[] => [
      { kind: 'candidate.add', id: `can-${index}`, part: 'capacitor', source: 'typed', ref: '', name: '' },
      field(candidatePart(`can-${index}`), 'label', label),
    ]),
    field('choice', 'capacitor', 'can-0'),
  )

const open = (job: JobSnapshot, check: string) => {
  const asked = checksOf(job)
    .find((each) => each.id === check)
    ?.act.replace(/^./, (first) => first.toLowerCase())
  return powerProblems(job, NOW, 'start').some(({ text }) => asked !== undefined && text.includes(asked))
}

describe('before power a job asks', () => {
  it('for the work of fitting that its part wants, each by itself, in the present dead period', () => {
    const job = twoSingles()
    const [work] = jobChecks(job)
    expect(work?.id).toBe('work-wire-two-singles')
    expect(work?.act).toMatch(/^Fitting the part: With a can of 45 µF for HERM/)
    expect(open(job, 'work-wire-two-singles')).toBe(true)
    const done = act(job, {
      kind: 'check.set',
      id: id(),
      checkId: 'work-wire-two-singles',
      result: 'pass',
      note: '',
    })
    expect(open(done, 'work-wire-two-singles')).toBe(false)
    // Of an earlier period it is asked anew.
    const later: JobSnapshot = {
      ...done,
      checks: done.checks.map((row) => ({ ...row, period: 'another' })),
    }
    expect(open(later, 'work-wire-two-singles')).toBe(true)
  })

  it('for nothing of a part that drops in, nor of what is only bought', () => {
    expect(jobChecks(madeDead(bath()))).toEqual([])
    const motor = act(
      madeDead(act(jobOn('outdoor-unit-fan', 'psc'), field('motor-old', 'capacitorUf', '5'))),
      {
        kind: 'candidate.add',
        id: 'new',
        part: 'motor',
        source: 'typed',
        ref: '',
        name: 'Orsa 1/4',
        motor: { id: 'new', hp: 0.25, motorKind: 'psc', capacitor: { uF: 7.5, volts: 370 } },
      },
      field('choice', 'motor', 'new'),
    )
    expect(workOfJob(motor).map(({ kind }) => kind)).toContain('buy-capacitor')
    // Bought is not fitted: it is asked before power like every other work.
    expect(jobChecks(motor).find(({ id: check }) => check === 'work-buy-capacitor')?.expect).toMatch(
      /strap and wired/,
    )
  })

  it('whether a figure that changed is so on purpose', () => {
    const measured = act(
      madeDead(bath()),
      line('depth', { action: 'measure', part: 'wheel depth', figure: '14 mm' }),
      line('wheel', { action: 'lift-off', part: 'wheel' }),
      tick('depth'),
      tick('wheel'),
    )
    const at = (backFigure: string) =>
      act(measured, { kind: 'ledger.edit', id: 'depth', change: { backFigure } }, back('wheel'))
    expect(jobChecks(at('14 mm'))).toEqual([])
    expect(jobChecks(at('as it was'))).toEqual([])
    const moved = at('20 mm')
    expect(jobChecks(moved).map(({ id: check }) => check)).toEqual(['figure-depth'])
    expect(open(moved, 'figure-depth')).toBe(true)
    expect(open(answered(moved), 'figure-depth')).toBe(false)
  })
})
