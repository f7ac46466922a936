import { describe, expect, it } from 'vitest'
import { energyOf } from '@/core/job'
import { act, id, jobOn, madeDead, NOW, onBench } from '@/core/job/job.testing'
import { isStage, stageStates, stages } from './stages'

const statesOf = (snapshot: Parameters<typeof energyOf>[0], decided = false) =>
  stageStates(snapshot, energyOf(snapshot, NOW), decided)

describe('the route', () => {
  it('has eight stages, each with its own address', () => {
    expect(new Set(stages.map((stage) => stage.id)).size).toBe(8)
    expect(stages.every((stage) => isStage(stage.id))).toBe(true)
    expect(isStage('record')).toBe(false)
  })

  it('counts what is done, and calls nothing done on a new job', () => {
    const states = statesOf(jobOn('outdoor-unit-fan', 'psc'))
    expect(Object.values(states).some((state) => state.done)).toBe(false)
    expect(states['make-dead'].note).toBe('0 of 3 off')
    expect(states.notice.note).toBe('0 findings')
  })

  it('calls Make dead done only while hands may go in', () => {
    const dead = madeDead(jobOn('outdoor-unit-fan', 'psc'))
    expect(statesOf(dead)['make-dead']).toEqual({ done: true, note: '3 of 3 off, proven' })
    const charged = act(dead, { kind: 'charge.read', id: dead.charges[0]!.id, typed: '80' })
    expect(statesOf(charged)['make-dead'].done).toBe(false)
  })

  it('tells a verdict that waits from one that was taken', () => {
    const job = onBench('bath-exhaust-fan')
    expect(statesOf(job, true).decide).toEqual({ done: false, note: 'ready to agree' })
    const decision = {
      kind: 'decision.set',
      id: id(),
      cause: 'clean',
      action: 'clean',
      reason: '',
      probability: 0.9,
    } as const
    expect(statesOf(act(job, { ...decision, agreed: true })).decide.note).toBe('agreed')
    expect(statesOf(act(job, { ...decision, agreed: false })).decide.note).toBe('own verdict')
  })

  it('counts the ledger in and back', () => {
    let job = madeDead(jobOn('bath-exhaust-fan', 'shaded-pole'))
    job = act(job, { kind: 'ledger.add', id: 'one', after: null, line: { part: 'grille', action: 'unclip' } })
    expect(statesOf(job)['take-apart']).toEqual({ done: false, note: '0 of 1' })
    job = act(job, { kind: 'ledger.tick', id: 'one', on: true })
    expect(statesOf(job)['take-apart'].done).toBe(true)
    expect(statesOf(job).refit.note).toBe('0 of 1 back')
  })
})
