import { describe, expect, it } from 'vitest'
import { isolationPlans } from '../../knowledge/isolation'
import { familyIds, isolationPointIds, vocabulary } from '../../knowledge/vocabulary'
import type { Act } from '../acts/actTypes'
import { planAct } from '../acts/plan'
import { act, actAt, id, jobOn, madeDead, NOW, refused } from '../job.testing'
import type { JobSnapshot } from '../rows'
import { energyOf } from './energy'

const DAY = 24 * 3_600_000
const at = (when: number) => new Date(when).toISOString()
const job = jobOn('bath-exhaust-fan', 'psc')
const idOf = (snapshot: JobSnapshot, kind: string) =>
  snapshot.points.find(({ point }) => point === kind)?.id ?? ''
const pointOf = (snapshot: JobSnapshot, pointId: string) => snapshot.points.find((row) => row.id === pointId)
const breaker = idOf(job, 'breaker')
const open: Act = { kind: 'point.open', id: breaker }
const close: Act = { kind: 'point.close', id: breaker }
const held = (how: string): Act => ({ kind: 'point.held', id: breaker, held: how })
const strike = (reason: string): Act => ({ kind: 'point.strike', id: breaker, reason })
const restore: Act = { kind: 'point.restore', id: breaker }
const still: Act = { kind: 'point.still', id: breaker }
const textOf = (snapshot: JobSnapshot, what: Act, now = NOW) => planAct(snapshot, what, now).text
const isDead = (snapshot: JobSnapshot, now = NOW) => energyOf(snapshot, now).state === 'proven-dead'

describe('a point that is opened', () => {
  it('is off since then, held by nobody yet, and the log says so in the words of its kind', () => {
    const opened = act(job, open)
    expect(pointOf(opened, breaker)).toMatchObject({ openedAt: at(NOW), changedAt: at(NOW), held: '' })
    expect(opened.log.at(-1)).toMatchObject({
      kind: 'opened',
      subject: breaker,
      label: 'Circuit breaker',
      detail: 'off',
    })
    expect(textOf(job, open)).toBe('Circuit breaker: off')
  })

  it('told twice is one act: its time stays, and so does how it is held', () => {
    const opened = act(job, open, held('locked'))
    const again = actAt(NOW + DAY, opened, open)
    expect(pointOf(again, breaker)).toEqual(pointOf(opened, breaker))
    expect(textOf(opened, open)).toBe('Circuit breaker: off')
  })

  it('is none where it was struck, and not under power that is on for a test or for good', () => {
    expect(refused(act(job, strike('there is none here')), open)).toBe('struck')
    for (const phase of ['live-test', 'in-service'] as const)
      expect(refused({ ...job, job: { ...job.job, phase } }, open), phase).toBe('wrong-phase')
    expect(refused({ ...job, job: { ...job.job, phase: 'work' } }, open)).toBeNull()
    expect(refused(job, { kind: 'point.open', id: 'none' })).toBe('unknown-row')
  })
})

describe('how it is held', () => {
  it('is said of an open point alone, and forgotten where nothing is written', () => {
    expect(refused(job, held('locked'))).toBe('not-open')
    expect(refused(job, held('  '))).toBeNull()
    const locked = act(job, open, held('locked'))
    expect(pointOf(locked, breaker)?.held).toBe('locked')
    expect(locked.log.at(-1)).toMatchObject({ kind: 'held', detail: 'locked' })
    expect(textOf(act(job, open), held('locked'))).toBe('Circuit breaker: held, locked')
    expect(textOf(locked, held('locked'))).toBe('Circuit breaker: held')
    const nothing = act(locked, held('   '))
    expect(pointOf(nothing, breaker)?.held).toBe('')
    expect(textOf(locked, held('   '))).toBe('Circuit breaker: nobody says how it is held')
    expect(act(locked, held('locked')).log).toHaveLength(locked.log.length)
  })
})

describe('a point that is closed', () => {
  it('is on again, held no more, and voids what was proved', () => {
    const dead = madeDead(job)
    expect(isDead(dead)).toBe(true)
    const closed = act(dead, close)
    expect(pointOf(closed, breaker)).toMatchObject({ openedAt: null, held: '', changedAt: at(NOW) })
    expect(closed.log.find(({ kind }) => kind === 'closed')).toMatchObject({ subject: breaker, detail: 'on' })
    expect(textOf(dead, close)).toBe('Circuit breaker: on again')
    expect(isDead(act(closed, open, held('locked')))).toBe(false)
  })

  it('brings no power where it is a valve: what was proved stays', () => {
    const furnace = madeDead(jobOn('furnace-blower', 'psc'))
    const gas = idOf(furnace, 'gas-cock')
    expect(gas).not.toBe('')
    expect(isDead(act(furnace, { kind: 'point.close', id: gas }))).toBe(false)
    expect(
      isDead(
        act(
          furnace,
          { kind: 'point.close', id: gas },
          { kind: 'point.open', id: gas },
          { kind: 'point.held', id: gas, held: 'shut' },
        ),
      ),
    ).toBe(true)
  })
})

describe('a point that is looked at again', () => {
  it('days later is off since now, and what rested on it is made anew; on the same day nothing changes', () => {
    const dead = madeDead(job)
    const same = act(dead, still)
    expect(pointOf(same, breaker)?.openedAt).toBe(pointOf(dead, breaker)?.openedAt)
    expect(same.log).toHaveLength(dead.log.length)
    expect(textOf(dead, still)).toBe('Circuit breaker: still off')
    const later = NOW + 3 * DAY
    const seen = actAt(later, dead, still)
    expect(pointOf(seen, breaker)).toMatchObject({ openedAt: at(later), changedAt: at(later) })
    // The others were not looked at.
    const other = idOf(job, 'wall-switch')
    expect(pointOf(seen, other)?.openedAt).toBe(pointOf(dead, other)?.openedAt)
    expect(seen.log.find((row) => row.kind === 'opened' && row.at === at(later))).toMatchObject({
      subject: breaker,
      detail: 'still off',
    })
    expect(textOf(dead, still, later)).toBe('Circuit breaker: still off')
    expect(isDead(seen, later)).toBe(false)
  })

  it('was open before, is in the plan, and is no more while power is on for a test', () => {
    expect(refused(job, still)).toBe('not-open')
    expect(refused(act(job, strike('there is none here')), still)).toBe('struck')
    const dead = madeDead(job)
    expect(refused({ ...dead, job: { ...dead.job, phase: 'live-test' } }, still)).toBe('wrong-phase')
  })
})

describe('the plan of a machine', () => {
  it('takes a point more, closed, behind the others, with how the trade holds it; what was proved is void', () => {
    const add: Act = { kind: 'point.add', id: 'more', point: 'battery' }
    const dead = madeDead(job)
    const more = act(dead, add)
    expect(pointOf(more, 'more')).toMatchObject({
      point: 'battery',
      label: vocabulary.isolationPoints.battery,
      position: Math.max(...dead.points.map(({ position }) => position)) + 1,
      proposal: 'terminal wrapped',
      held: '',
      openedAt: null,
      struckAt: null,
      strikeReason: '',
      feed: 0,
    })
    expect(more.log.find(({ kind }) => kind === 'added')).toMatchObject({ subject: 'more' })
    expect(textOf(dead, add)).toBe(`Added: ${vocabulary.isolationPoints.battery}`)
    expect(isDead(more)).toBe(false)
    // The same act that arrives twice is one.
    expect(textOf(more, add)).toBe('Added already')
    expect(act(more, add).points).toHaveLength(more.points.length)
    // Another one beside it is added.
    expect(act(more, { ...add, id: 'third' }).points).toHaveLength(more.points.length + 1)
  })

  it('begins with the first place where there was none', () => {
    const added = act({ ...job, points: [] }, { kind: 'point.add', id: 'only', point: 'plug' })
    expect(added.points.map(({ position }) => position)).toEqual([0])
  })

  it.each(isolationPointIds)(
    'proposes how a %s is held: as the machine has it, else as the trade does',
    (point) => {
      for (const family of familyIds) {
        const planned = isolationPlans[family].points.find((each) => each.point === point)
        const added = act(jobOn(family), { kind: 'point.add', id: 'more', point })
        const { proposal } = pointOf(added, 'more') ?? { proposal: '' }
        if (planned?.held) expect([family, proposal]).toEqual([family, planned.held])
        else expect(proposal.length).toBeGreaterThan(3)
      }
    },
  )

  it('loses a point for a reason that is kept, and what was proved is made anew', () => {
    const dead = madeDead(job)
    expect(refused(dead, strike(' '))).toBe('no-reason')
    const struck = act(dead, strike('it hangs on the switch'))
    expect(pointOf(struck, breaker)).toMatchObject({
      struckAt: at(NOW),
      strikeReason: 'it hangs on the switch',
      changedAt: at(NOW),
    })
    expect(struck.log.find(({ kind }) => kind === 'struck')).toMatchObject({
      subject: breaker,
      detail: 'it hangs on the switch',
    })
    expect(textOf(dead, strike('it hangs on the switch'))).toBe('Struck: Circuit breaker')
    expect(isDead(struck)).toBe(false)
    // Told again it keeps its first reason and time.
    const again = actAt(NOW + DAY, struck, strike('something else entirely'))
    expect(pointOf(again, breaker)).toEqual(pointOf(struck, breaker))
    expect(textOf(struck, strike('something else entirely'))).toBe('Struck already')
    expect(again.log).toHaveLength(struck.log.length)
  })

  it('takes it back closed, whatever it was before', () => {
    const opened = act(job, open, held('locked'))
    expect(textOf(opened, restore)).toBe('In the plan already')
    expect(act(opened, restore).points).toEqual(opened.points)
    const back = act(opened, strike('it hangs on the switch'), restore)
    expect(pointOf(back, breaker)).toMatchObject({
      struckAt: null,
      strikeReason: '',
      openedAt: null,
      held: '',
      changedAt: at(NOW),
    })
    expect(back.log.find(({ kind }) => kind === 'restored')).toMatchObject({
      subject: breaker,
      label: 'Circuit breaker',
    })
    expect(textOf(act(job, strike('it hangs on the switch')), restore)).toBe(
      'Back in the plan: Circuit breaker',
    )
    // Proved without it is not proved with it.
    const wall = idOf(job, 'wall-switch')
    const without = madeDead(act(job, { kind: 'point.strike', id: wall, reason: 'there is none here' }))
    expect(isDead(without)).toBe(true)
    const whole = act(without, { kind: 'point.restore', id: wall }, { kind: 'point.open', id: wall })
    expect(isDead(act(whole, { kind: 'point.held', id: wall, held: 'taped off' }))).toBe(false)
  })

  it('names the points of a second circuit by it', () => {
    const two = act(job, { kind: 'field.set', id: id(), part: 'plan', field: 'feeds', typed: '2' })
    const labels = two.points
      .filter(({ point }) => point === 'breaker')
      .map(({ label, feed }) => [label, feed])
    expect(labels).toContainEqual(['Circuit breaker of circuit 2', 2])
    expect(labels.filter(([label]) => label === 'Circuit breaker')).toHaveLength(1)
  })
})
