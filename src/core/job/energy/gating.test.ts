import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../../sampling.testing'
import { isolationPlans } from '../../knowledge/isolation'
import { type FamilyId, familyIds } from '../../knowledge/vocabulary'
import { proofVerdict } from '../../safety/proof'
import type { Act } from '../acts/actTypes'
import { planAct } from '../acts/plan'
import { id, jobOn, madeDead, NOW, refused } from '../job.testing'
import type { JobSnapshot } from '../rows'
import { withChanges } from '../snapshot'
import { energyOf } from './energy'
import { onlyPlug, pairsOf } from './place'
import { standingProof } from './proofs'
import { activeStops } from './stops'

/** Any act that touches energy, on whatever rows the job has by then. */
const anyAct = fc.record({
  what: fc.nat(17),
  which: fc.nat(5),
  volts: fc.constantFrom('0.2', '4.9', '5', '31', '240', '', 'x'),
})
type Pick = { what: number; which: number; volts: string }

function actOf(job: JobSnapshot, { what, which, volts }: Pick): Act | null {
  const of = <T>(rows: T[]): T | undefined => rows[which % Math.max(1, rows.length)]
  const point = of(job.points)
  const charge = of(job.charges)
  const wait = of(job.waits)
  const proof = standingProof(job)
  const pair = of(pairsOf(job))!
  const acts: (Act | null)[] = [
    point ? { kind: 'point.open', id: point.id } : null,
    point ? { kind: 'point.open', id: point.id } : null,
    point ? { kind: 'point.close', id: point.id } : null,
    point ? { kind: 'point.strike', id: point.id, reason: 'not on this machine' } : null,
    point ? { kind: 'point.restore', id: point.id } : null,
    { kind: 'point.add', id: id(), point: 'fuse' },
    { kind: 'proof.start', id: id() },
    proof ? { kind: 'proof.tester', id: proof.id, when: 'before', on: true } : null,
    proof ? { kind: 'proof.tester', id: proof.id, when: 'after', on: true } : null,
    proof ? { kind: 'proof.read', id: id(), proofId: proof.id, pair, position: 0, typed: volts } : null,
    charge ? { kind: 'charge.read', id: charge.id, typed: volts } : null,
    wait ? { kind: 'wait.start', id: wait.id } : null,
    { kind: 'job.phase', phase: (['work', 'live-test', 'closing-up', 'in-service'] as const)[which % 4]! },
    { kind: 'stop.raise', id: id(), rule: which % 2 ? 'burnt-supply' : 'not-sure', note: '' },
    { kind: 'stop.lift', rule: 'burnt-supply', how: 'mended', reason: 'an electrician renewed it' },
    { kind: 'field.set', id: id(), part: 'plan', field: 'feeds', typed: String(1 + (which % 3)) },
    { kind: 'wait.add', id: id(), wait: 'cool-down' },
    { kind: 'stop.override', rule: 'not-sure', reason: 'asked a neighbour who knows' },
  ]
  return acts[what]!
}

/** What must hold whenever hands may go in, told from the rows alone. */
function expectReallyDead(job: JobSnapshot, now: number): void {
  const points = job.points.filter((point) => !point.struckAt)
  expect(job.job.phase).toBe('work')
  expect(points.length).toBeGreaterThan(0)
  expect(points.every((point) => point.openedAt !== null)).toBe(true)
  expect(activeStops(job)).toEqual([])
  const proof = standingProof(job)!
  expect(proof.voidedAt).toBeNull()
  expect(proof.testerAfterAt).not.toBeNull()
  expect(now - Date.parse(proof.testerAfterAt!)).toBeLessThanOrEqual(4 * 3_600_000)
  if (!onlyPlug(job)) {
    expect(proof.testerBeforeAt).not.toBeNull()
    const { supply } = isolationPlans[job.machine.family]
    for (const pair of pairsOf(job)) {
      const reading = job.proofReadings.find((row) => row.proofId === proof.id && row.pair === pair)
      expect(proofVerdict(reading!.volts!, supply), pair).toBe('dead')
    }
  }
  for (const charge of job.charges.filter((each) => !each.struckAt)) expect(charge.volts).toBeLessThan(5)
  for (const wait of job.waits.filter((each) => !each.struckAt))
    expect(now - Date.parse(wait.startedAt!)).toBeGreaterThanOrEqual(wait.minutes * 60_000)
}

const handsIn: Act = {
  kind: 'reading.set',
  id: 'r',
  reading: 'to-frame',
  part: 'old',
  a: 'black',
  b: 'frame',
  typed: 'OL',
}

describe('hands go in', () => {
  it('only where every point is open, every pair read dead, every charge gone, every wait over, no stop standing: whatever is done in whatever order', () => {
    let opened = 0
    fc.assert(
      fc.property(
        fc.constantFrom<FamilyId>(...familyIds),
        fc.array(fc.tuple(anyAct, fc.integer({ min: 0, max: 9 })), { minLength: 10, maxLength: 50 }),
        fc.boolean(),
        (family, picks, begun) => {
          // Half of them go on from a machine that was made dead: chance alone seldom gets there.
          let job = begun ? madeDead(jobOn(family)) : jobOn(family)
          let now = NOW
          for (const [pick, minutes] of picks) {
            now += minutes * 60_000
            const next = actOf(job, pick)
            if (!next || refused(job, next, now) !== null) continue
            job = withChanges(job, planAct(job, next, now).changes)
            if (!energyOf(job, now).handsIn) continue
            opened++
            expectReallyDead(job, now)
          }
        },
      ),
      { numRuns: samples(400) },
    )
    expect(opened).toBeGreaterThan(0)
  })

  it('and what needs hands is refused with the reason in every other state', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<FamilyId>(...familyIds),
        fc.array(anyAct, { maxLength: 25 }),
        (family, picks) => {
          let job = jobOn(family)
          for (const pick of picks) {
            const next = actOf(job, pick)
            if (next && refused(job, next) === null) job = withChanges(job, planAct(job, next, NOW).changes)
          }
          const energy = energyOf(job, NOW)
          const code = refused(job, handsIn)
          if (energy.handsIn) expect(code).toBeNull()
          else expect(['not-proven', 'stopped']).toContain(code)
          if (
            !energy.handsIn &&
            energy.state !== 'live-test' &&
            energy.state !== 'in-service' &&
            energy.state !== 'closing-up'
          )
            expect(energy.missing.length).toBeGreaterThan(0)
        },
      ),
      { numRuns: samples(150) },
    )
  })
})
