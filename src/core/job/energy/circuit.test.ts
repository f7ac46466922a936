import { describe, expect, it } from 'vitest'
import { act, jobOn, madeDead, NOW } from '../job.testing'
import { powerProblems } from '../proving/power'
import type { CircuitJob, JobSnapshot, PointRow } from '../rows'
import {
  alsoOn,
  breakerClosed,
  circuitName,
  closedWith,
  heldByCircuit,
  isSameCircuit,
  knownCircuits,
  runsOnCircuit,
} from './circuit'

const dead = madeDead(jobOn('bath-exhaust-fan', 'psc'))
const breaker = dead.points.find(({ point }) => point === 'breaker')
if (!breaker) throw new Error('a bath fan has a breaker')
const shut: JobSnapshot = {
  ...dead,
  points: dead.points.map((row) => ({ ...row, openedAt: null })),
}

/** A job at another machine of the breaker: somebody has hands in, and nothing but the breaker parts it. */
const other = (change: Partial<CircuitJob> = {}): CircuitJob => ({
  id: 'o',
  title: 'hums',
  machine: { ...dead.machine, name: 'Hood', place: 'kitchen' },
  phase: 'work',
  handsIn: true,
  open: 0,
  points: [breaker],
  ...change,
})
const beside = (change?: Partial<CircuitJob>, job: JobSnapshot = dead): JobSnapshot => ({
  ...job,
  onCircuit: [other(change)],
})
const point = (change: Partial<PointRow>): PointRow => ({ ...breaker, id: 'p', ...change })

describe('power at a machine of a shared breaker', () => {
  it('waits for hands, and for a way back, at the other one', () => {
    expect(heldByCircuit(beside())?.id).toBe('o')
    expect(heldByCircuit(beside({ handsIn: false, open: 2 }))?.id).toBe('o')
    expect(heldByCircuit(beside({ handsIn: false, open: 0 }))).toBeUndefined()
    expect(heldByCircuit(dead)).toBeUndefined()
    const texts = (job: JobSnapshot) => powerProblems(job, NOW, 'start').map(({ text }) => text)
    expect(texts(beside())).toContain(
      'Hood, kitchen hangs on the same breaker, and somebody has hands in there: whoever works there says first that hands are out.',
    )
    expect(texts(beside({ open: 1 }))).toContain(
      'Hood, kitchen hangs on the same breaker, and 1 act of its way back is open.',
    )
    expect(texts(beside({ open: 2 })).join()).toMatch(/2 acts of its way back are open/)
  })

  it('does not wait where a held plug, disconnect or lead parts the other one', () => {
    for (const parts of ['plug', 'disconnect', 'shore-power'] as const) {
      const points = (change: Partial<PointRow>) => [
        breaker,
        point({ point: parts, held: 'in sight', ...change }),
      ]
      expect(heldByCircuit(beside({ points: points({}) })), parts).toBeUndefined()
      expect(heldByCircuit(beside({ points: points({ held: ' ' }) })), parts).toBeDefined()
      expect(heldByCircuit(beside({ points: points({ openedAt: null }) })), parts).toBeDefined()
      expect(heldByCircuit(beside({ points: points({ struckAt: breaker.openedAt }) })), parts).toBeDefined()
    }
    // A switch may close again, and a cock parts no power.
    for (const not of ['wall-switch', 'service-switch', 'thermostat', 'gas-cock'] as const)
      expect(heldByCircuit(beside({ points: [breaker, point({ point: not })] })), not).toBeDefined()
  })

  it('does not wait where the breaker is on at both: nobody there relies on it', () => {
    const on = point({ openedAt: null })
    expect(heldByCircuit(beside({ points: [on] }, shut))).toBeUndefined()
    expect(heldByCircuit(beside({ points: [breaker] }, shut))).toBeDefined()
    expect(heldByCircuit(beside({ points: [on] }))).toBeDefined()
    // A second circuit of a housing has a breaker of its own.
    expect(heldByCircuit(beside({ points: [point({ feed: 2 })] }, shut))).toBeUndefined()
  })

  it('is asked for no more once it is there', () => {
    const powered: JobSnapshot = { ...beside(), job: { ...dead.job, phase: 'in-service' } }
    expect(powerProblems(powered, NOW, 'start').map(({ code }) => code)).not.toContain('circuit')
  })
})

describe('a machine of the breaker that is on for a test', () => {
  it('says that the breaker cannot be off', () => {
    expect(runsOnCircuit(beside({ phase: 'live-test' }))?.id).toBe('o')
    for (const phase of ['work', 'closing-up', 'in-service'] as const)
      expect(runsOnCircuit(beside({ phase })), phase).toBeUndefined()
  })
})

describe('a breaker that comes on', () => {
  const change = (before: PointRow | null, after: PointRow | null) => ({
    table: 'points' as const,
    id: 'p',
    before,
    after,
  })

  it('is one that was open and is not, by any act, struck or taken away', () => {
    expect(breakerClosed([change(breaker, { ...breaker, openedAt: null })])).toBe(true)
    expect(breakerClosed([change(breaker, null)])).toBe(true)
    const struck = { ...breaker, struckAt: breaker.openedAt }
    expect(breakerClosed([change(struck, { ...struck, openedAt: null })])).toBe(true)
    expect(breakerClosed([change(point({ point: 'fuse' }), null)])).toBe(true)
  })

  it('is none that stays open, was shut, is another kind or of another circuit', () => {
    expect(breakerClosed([change(breaker, { ...breaker, held: 'taped' })])).toBe(false)
    expect(breakerClosed([change({ ...breaker, openedAt: null }, null)])).toBe(false)
    expect(breakerClosed([change(null, breaker)])).toBe(false)
    expect(breakerClosed([change(point({ point: 'plug' }), null)])).toBe(false)
    expect(breakerClosed([change(point({ feed: 2 }), null)])).toBe(false)
    const [charge] = dead.charges
    expect(breakerClosed([{ table: 'charges', id: 'c', before: charge ?? null, after: null }])).toBe(false)
  })

  it('tells the other machine: its proof is void, with the place it came from, and its break is on', () => {
    const here = { machine: { ...dead.machine, name: 'Hood', place: 'kitchen' } }
    const acts = closedWith(dead, here)
    expect(acts.map(({ kind }) => kind)).toEqual(['proof.void', 'point.close'])
    const told = act(dead, ...acts)
    expect(told.points.find(({ id }) => id === breaker.id)?.openedAt).toBeNull()
    expect(told.proofs.every(({ voidedAt }) => voidedAt !== null)).toBe(true)
    expect(told.log.some(({ detail }) => detail.includes('Hood, kitchen'))).toBe(true)
    expect(closedWith(shut, here)).toEqual([])
  })
})

describe('the name of a breaker', () => {
  it('is compared without blanks at its ends and without case', () => {
    expect(circuitName('  14   left ')).toBe('14 left')
    expect(circuitName('   ')).toBeNull()
    expect(isSameCircuit('14 Left', '14 left')).toBe(true)
    expect(isSameCircuit('14', '15')).toBe(false)
    expect(isSameCircuit(null, null)).toBe(false)
    expect(isSameCircuit('14', null)).toBe(false)
  })

  it('tells what else hangs on it, and which are known', () => {
    const job: JobSnapshot = {
      ...dead,
      machine: { ...dead.machine, circuit: '14' },
      circuits: [
        { circuit: '14', machine: { ...dead.machine, id: 'h', name: 'Hood', place: '' } },
        { circuit: '14', machine: { ...dead.machine, id: 'l', name: 'Lamp fan', place: 'hall' } },
        { circuit: '15', machine: { ...dead.machine, id: 'x', name: 'Freezer', place: '' } },
      ],
    }
    expect(alsoOn(job)).toEqual(['Hood', 'Lamp fan, hall'])
    expect(knownCircuits(job)).toEqual(['14', '15'])
    expect(alsoOn(dead)).toEqual([])
    expect(knownCircuits(dead)).toEqual([])
  })

  it('is given by a machine edit, which voids what was proved, and is taken as it was', () => {
    const on = act(dead, { kind: 'machine.edit', field: 'circuit', value: ' 14 ' })
    expect(on.machine.circuit).toBe('14')
    expect(on.proofs.every(({ voidedAt }) => voidedAt)).toBe(true)
    const again = act(madeDead(on), { kind: 'machine.edit', field: 'circuit', value: '14' })
    expect(again.proofs.some(({ voidedAt }) => !voidedAt)).toBe(true)
    expect(act(on, { kind: 'machine.edit', field: 'circuit', value: '' }).machine.circuit).toBeNull()
  })
})
