import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../../sampling.testing'
import { isCoreError } from '../../errors'
import { optionsOf } from '../../options/ofJob'
import { wiringCheckOf } from '../../wiring/ofJob'
import { energyOf } from '../energy/energy'
import { activeStops } from '../energy/stops'
import { derivedFindings, diagnosisOf, windingOf } from '../evidence/derive'
import { walkOf } from '../evidence/supplyWalk'
import { NOW } from '../job.testing'
import { refitOf } from '../ledger/refitOf'
import { oldCapacitor, oldMotor } from '../parts/oldPart'
import { closingProblems } from '../proving/closing'
import { powerProblems } from '../proving/power'
import type { JobSnapshot } from '../rows'
import { inverse, merged, withChanges } from '../snapshot'
import { validatedAct } from './actInput'
import { actOf, anyDraw, begin, jobAfter, start } from './anyAct.testing'
import { snapshotThen } from './coverThen'
import { planAct } from './plan'

/** Everything a page of the job works out from it. */
function workOutAll(job: JobSnapshot, now: number): void {
  energyOf(job, now)
  activeStops(job)
  derivedFindings(job)
  const { suspects, decided } = diagnosisOf(job)
  expect(suspects.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 6)
  if (decided) expect(suspects.some(({ cause }) => cause === decided.cause)).toBe(true)
  walkOf(job)
  for (const part of ['old', 'new'] as const) windingOf(job, part)
  refitOf(job)
  wiringCheckOf(job)
  optionsOf(job)
  oldMotor(job)
  oldCapacitor(job)
  powerProblems(job, now, 'start')
  closingProblems(job, now, 'runs')
  snapshotThen(job, now - 60_000)
}

describe('any act, on any job, in any order', () => {
  it('is refused with a sentence that says what to do, or changes rows that can be put back exactly', () => {
    let done = 0
    let refusals = 0
    fc.assert(
      fc.property(start, fc.array(anyDraw, { minLength: 5, maxLength: 40 }), (from, draws) => {
        let job = begin(from)
        let now = NOW
        for (const draw of draws) {
          now += draw.pick * 1000
          const act = actOf(job, draw)
          try {
            const { changes, text } = planAct(job, act, now)
            const next = withChanges(job, changes)
            expect(text.length, act.kind).toBeGreaterThan(0)
            expect(withChanges(next, inverse(changes)), act.kind).toEqual(job)
            expect(withChanges(withChanges(next, inverse(changes)), changes), act.kind).toEqual(next)
            job = next
            done++
          } catch (error) {
            if (!isCoreError(error)) throw error
            expect(error.message, act.kind).toMatch(/^\p{Lu}|^“|^"|^[0-9−-]|^µ/u)
            expect(error.message, act.kind).toMatch(/[.?]$/)
            refusals++
          }
        }
      }),
      { numRuns: samples(150) },
    )
    expect(done).toBeGreaterThan(500)
    expect(refusals).toBeGreaterThan(100)
  })

  it('leaves a job of which every page can work out what it shows', () => {
    fc.assert(
      fc.property(start, fc.array(anyDraw, { minLength: 5, maxLength: 30 }), (from, draws) => {
        const job = jobAfter(from, draws)
        workOutAll(job, NOW)
      }),
      { numRuns: samples(150) },
    )
  })

  it('is taken over the wire as it was meant', () => {
    fc.assert(
      fc.property(start, anyDraw, (from, draw) => {
        const act = actOf(begin(from), draw)
        expect(validatedAct(JSON.parse(JSON.stringify(act)))).toEqual(JSON.parse(JSON.stringify(act)))
      }),
      { numRuns: samples(300) },
    )
  })

  it('that follows another on the same field becomes one with it for undo', () => {
    fc.assert(
      fc.property(start, fc.array(anyDraw, { minLength: 2, maxLength: 12 }), (from, draws) => {
        const first = begin(from)
        let job = first
        let all: ReturnType<typeof planAct>['changes'] = []
        for (const draw of draws) {
          try {
            const { changes } = planAct(job, actOf(job, draw), NOW)
            job = withChanges(job, changes)
            all = merged(all, changes)
          } catch (error) {
            if (!isCoreError(error)) throw error
          }
        }
        expect(withChanges(first, all)).toEqual(job)
        expect(withChanges(job, inverse(all))).toEqual(first)
      }),
      { numRuns: samples(150) },
    )
  })
})
