import { describe, expect, it } from 'vitest'
import type { Act } from '../job/acts/actTypes'
import { act, field, id, jobOn } from '../job/job.testing'
import type { JobSnapshot } from '../job/rows'
import { sequenceOf } from '../knowledge/sequences'
import { storyOf } from './story'

const job = (openedAt: string, change: Partial<JobSnapshot['job']> = {}, ...acts: Act[]): JobSnapshot => {
  const base = act(jobOn('bath-exhaust-fan', 'psc'), ...acts)
  return { ...base, job: { ...base.job, id: openedAt, openedAt, touchedAt: openedAt, ...change } }
}
const can = (name: string): Act[] => [
  { kind: 'candidate.add', id: name, part: 'capacitor', source: 'typed', ref: '', name },
  field(`cand:${name}`, 'label', '5 uF 370 V'),
  field('choice', 'capacitor', name),
]
const runs = { status: 'closed', result: 'runs', closedAt: '2025-06-01T10:00:00.000Z' } as const

describe('the story of a machine', () => {
  it('begins with its newest repair, and says what was wrong, done, fitted and spent', () => {
    const decided: Act = {
      kind: 'decision.set',
      id: id(),
      agreed: true,
      cause: 'capacitor-weak',
      action: 'replace-capacitor',
      option: '',
      reason: '',
      probability: 0.97,
    }
    const { repairs } = storyOf([
      job('2024-01-01T10:00:00.000Z'),
      job('2025-01-01T10:00:00.000Z', { ...runs, minutesSpent: '1 h', cost: '$ 9' }, decided, ...can('gold')),
    ])
    expect(repairs.map(({ openedAt }) => openedAt.slice(0, 4))).toEqual(['2025', '2024'])
    expect(repairs[0]).toMatchObject({
      cause: 'capacitor-weak',
      action: 'replace-capacitor',
      fitted: ['gold'],
      minutes: 60,
      cost: 9,
    })
    expect(repairs[1]).toMatchObject({ cause: null, action: null, fitted: [], minutes: null, cost: null })
  })

  it('sums what was written down, and nothing where nobody wrote anything', () => {
    const spent = (minutesSpent: string, cost: string) => job('2024-01-01', { minutesSpent, cost })
    expect(storyOf([spent('40', '12.50'), spent('', '7'), spent('a while', '')])).toMatchObject({
      minutes: 40,
      cost: 19.5,
    })
    expect(storyOf([job('2024-01-01')])).toMatchObject({ minutes: null, cost: null })
    expect(storyOf([])).toEqual({ repairs: [], fitted: [], ways: [], start: null, minutes: null, cost: null })
  })

  it('knows what is in it now by the last job that ended well with such a part', () => {
    const old = job('2023-01-01', { ...runs, closedAt: '2023-01-02' }, ...can('old'))
    const fresh = job('2024-01-01', { ...runs, closedAt: '2024-01-02' }, ...can('fresh'))
    expect(storyOf([old, fresh]).fitted).toEqual([{ what: 'capacitor', name: 'fresh', since: '2024-01-02' }])
    // Chosen in a job that is open, or that did not mend it, it is not in the machine.
    const chosen = job('2025-01-01', {}, ...can('chosen'))
    const failed = job('2025-02-01', { status: 'closed', result: 'not-mended' }, ...can('failed'))
    expect(storyOf([old, fresh, chosen, failed]).fitted[0]?.name).toBe('fresh')
    expect(storyOf([chosen]).fitted).toEqual([])
    const handed = job('2025-03-01', { status: 'closed', result: 'handed-over' }, ...can('handed'))
    expect(storyOf([handed]).fitted).toEqual([])
  })

  it('has the start of a good day: the last one that was watched in a job that ended well', () => {
    const inducer = (openedAt: string, change: object, seen: Record<string, number>) => {
      const base = jobOn('draft-inducer', 'psc')
      const run = {
        id: openedAt,
        jobId: openedAt,
        startedAt: openedAt,
        endedAt: openedAt,
        seen: JSON.stringify(seen),
      }
      return { ...base, job: { ...base.job, id: openedAt, openedAt, ...change }, runs: [run] }
    }
    const [first, second] = sequenceOf('draft-inducer')?.events ?? []
    if (!first || !second) throw new Error('an inducer has a sequence')
    const good = inducer('2024-01-01T10:00:00.000Z', runs, { [second.id]: 30, [first.id]: 4 })
    const bad = inducer(
      '2025-01-01T10:00:00.000Z',
      { status: 'closed', result: 'not-mended' },
      { [first.id]: 9 },
    )
    expect(storyOf([bad, good]).start).toEqual({
      jobId: '2024-01-01T10:00:00.000Z',
      at: '2024-01-01T10:00:00.000Z',
      events: [
        { what: first.what, seconds: 4 },
        { what: second.what, seconds: 30 },
      ],
    })
    expect(storyOf([bad]).start).toBeNull()
  })

  it('counts how often the same cause came before, in repairs that ended', () => {
    const failed = (openedAt: string, status: 'open' | 'closed') => {
      const decision = {
        kind: 'decision.set',
        id: id(),
        agreed: true,
        cause: 'capacitor-weak',
        action: 'replace-capacitor',
        option: '',
        reason: '',
        probability: 0.9,
      } as const
      return job(openedAt, { status, result: status === 'closed' ? 'runs' : null }, decision)
    }
    const { repairs } = storyOf([failed('2023', 'closed'), failed('2024', 'open'), failed('2025', 'closed')])
    expect(repairs.map(({ again }) => again)).toEqual([1, 1, 0])
  })

  it('says how fast it ran, where that was taken', () => {
    expect(storyOf([job('2024-01-01', {}, field('sound', 'rpm', '1042'))]).repairs[0]?.rpm).toBe(1042)
  })
})
