import { describe, expect, it } from 'vitest'
import type { ActionId } from '../../knowledge/vocabulary'
import { act, asked, id, jobOn, madeDead } from '../job.testing'
import type { JobSnapshot } from '../rows'
import { movesOver, newPartOf, refitOf } from './refitOf'

/** A range hood whose motor and wheel were taken out, the whole way. */
const out = (() => {
  const planted = act(madeDead(jobOn('range-hood-fan', 'psc-multispeed')), {
    kind: 'ledger.plant',
    ids: Array.from({ length: 80 }, id),
    template: 'motor',
  })
  return planted.ledger.reduce(
    (all, row) => act(all, ...asked(row), { kind: 'ledger.tick', id: row.id, on: true }),
    planted,
  )
})()
const decided = (action: ActionId): JobSnapshot =>
  act(out, {
    kind: 'decision.set',
    id: id(),
    agreed: true,
    cause: 'wheel-fouled',
    action,
    reason: '',
    probability: 0.9,
  })
const back = (job: JobSnapshot) => refitOf(job).steps.map(({ text }) => text)
const ofMotor = (job: JobSnapshot) => back(job).filter((text) => /motor(?! nuts| plug)|wheel/i.test(text))

describe('the part that a new one takes the place of', () => {
  it('is what the way takes out where the motor is replaced, or nobody decided yet', () => {
    for (const job of [out, decided('replace-motor'), decided('renew-bearing-or-motor')]) {
      expect(newPartOf(job)).toBe('motor')
      expect(back(job).join(' ')).toMatch(/Set the new motor on/)
      expect(back(job).join(' ')).toMatch(/Put wheel onto the new part/)
    }
  })

  it('is none where what came out goes back itself', () => {
    for (const action of ['clean', 're-centre-wheel', 'tighten-hub', 'replace-module'] as const) {
      const job = decided(action)
      expect(newPartOf(job)).toBe('')
      expect(back(job).join(' ')).not.toMatch(/\bnew\b/)
      expect(job.ledger.filter((line) => movesOver(line, job))).toEqual([])
      // The motor is there before the wheel goes onto its shaft.
      const [motor, wheel] = ofMotor(job)
      expect(motor).toMatch(/^Set motor on/)
      expect(wheel).toMatch(/wheel/)
    }
  })

  it('is the motor all the same once one was chosen for it', () => {
    const job = act(decided('clean'), {
      kind: 'field.set',
      id: id(),
      part: 'choice',
      field: 'motor',
      typed: 'm-1',
    })
    expect(newPartOf(job)).toBe('motor')
  })

  it('is the capacitor where that is what is replaced', () => {
    expect(newPartOf(decided('replace-capacitor'))).not.toBe('')
    expect(back(decided('replace-capacitor')).join(' ')).not.toMatch(/new motor/)
  })
})
