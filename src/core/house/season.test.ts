import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { isSeasonTask, seasonTask, seasonTasks } from '../knowledge/season'
import { type FamilyId, familyIds, isObservation, observationInfo } from '../knowledge/vocabulary'
import { dueTasks, isOf, monthsAfter, type SeasonFacts } from './season'

const machine = (family: FamilyId, more: Partial<SeasonFacts['machines'][number]> = {}) => ({
  id: 'm',
  name: 'Fan',
  place: 'hall',
  family,
  motorKind: null,
  installedYear: '',
  nextLook: null,
  ...more,
})
const facts = (more: Partial<SeasonFacts> = {}): SeasonFacts => ({
  machines: [machine('bath-exhaust-fan', { motorKind: 'psc' })],
  retired: [],
  items: [],
  capacitorRead: new Map(),
  capacitorOut: new Map(),
  leftOpen: new Map(),
  ...more,
})
const tasks = (of: SeasonFacts, today: string, until?: string) =>
  dueTasks(of, today, until).map(({ task, why, dueAt }) => [task, why, dueAt])
const done = (task: string, doneAt: string, state: 'done' | 'found' | 'left' = 'done') => ({
  machineId: 'm',
  task,
  state,
  doneAt: `${doneAt}T10:00:00Z`,
})
const TODAY = '2026-05-10'

describe('what is due', () => {
  it('is everything that nobody has noted yet', () => {
    expect(tasks(facts(), TODAY).map(([task]) => task)).toEqual([
      'listen',
      'flap-look',
      'capacitor-read',
      'wheel-clean',
    ])
  })

  it('comes again after its months, to the day', () => {
    const of = facts({ items: [done('listen', '2025-05-10'), done('flap-look', '2025-05-11')] })
    expect(tasks(of, TODAY)).toContainEqual(['listen', 'time', '2026-05-10'])
    expect(tasks(of, TODAY).map(([task]) => task)).not.toContain('flap-look')
    expect(tasks(of, TODAY, '2026-05-11')).toContainEqual(['flap-look', 'time', '2026-05-11'])
  })

  it('was done where something was found, and not where it was left', () => {
    const of = (state: 'found' | 'left') =>
      tasks(facts({ items: [done('listen', '2026-05-01', state)] }), TODAY)
    expect(of('found').map(([task]) => task)).not.toContain('listen')
    expect(of('left').map(([task]) => task)).toContain('listen')
  })

  it('of a capacitor was done by a reading in a job, and comes early by its drift', () => {
    const read = (day: string) => new Map([['m', `${day}T09:00:00Z`]])
    const out = (day: string) => new Map([['m', day]])
    const due = (of: Partial<SeasonFacts>) =>
      tasks(facts(of), TODAY).filter(([task]) => task === 'capacitor-read')
    expect(due({ capacitorRead: read('2025-12-01') })).toEqual([])
    expect(due({ capacitorRead: read('2025-12-01'), capacitorOut: out('2027-05-10') })).toEqual([
      ['capacitor-read', 'drift', '2027-05-10'],
    ])
    expect(due({ capacitorRead: read('2025-12-01'), capacitorOut: out('2027-05-11') })).toEqual([])
    // Read this very season, it is not read again for its drift.
    expect(due({ capacitorRead: read('2026-02-11'), capacitorOut: out('2026-09-01') })).toEqual([])
    expect(due({ capacitorRead: read('2026-02-10'), capacitorOut: out('2026-09-01') })).toHaveLength(1)
  })

  it('of a machine that a job left with remarks is a look, until it was looked at', () => {
    const of = (items: SeasonFacts['items']) =>
      tasks(facts({ items, leftOpen: new Map([['m', '2026-03-01T10:00:00Z']]) }), TODAY)
    expect(of([done('listen', '2026-02-01')])).toContainEqual(['listen', 'left-open', '2026-03-01'])
    expect(of([done('listen', '2026-03-02')]).map(([task]) => task)).not.toContain('listen')
  })

  it('of a machine that wants a look is that look on its day', () => {
    const of = (nextLook: string) =>
      tasks(
        facts({ machines: [machine('hrv-fan', { nextLook })], items: [done('listen', '2026-01-01')] }),
        TODAY,
      )
    expect(of('2026-05-10')).toContainEqual(['listen', 'left-open', '2026-05-10'])
    expect(of('2026-05-11').map(([task]) => task)).not.toContain('listen')
  })

  it('is nothing of a machine in use no more, and stands place by place', () => {
    expect(dueTasks(facts({ retired: ['m'] }), TODAY)).toEqual([])
    const machines = [
      machine('ceiling-fan', { id: 'a', place: 'porch' }),
      machine('ceiling-fan', { id: 'b', place: 'Attic' }),
      machine('ceiling-fan', { id: 'c', place: 'porch', name: 'A fan' }),
    ]
    const order = [...new Set(dueTasks(facts({ machines }), TODAY).map(({ machineId }) => machineId))]
    expect(order).toEqual(['b', 'c', 'a'])
  })
})

describe('the tasks', () => {
  it('belong to families, and to kinds of motors where only some have the part', () => {
    const of = (
      id: Parameters<typeof seasonTask>[0],
      family: FamilyId,
      motorKind: 'psc' | 'shaded-pole' | 'split-phase' | null,
    ) => isOf(seasonTask(id), { family, motorKind })
    expect(of('capacitor-read', 'bath-exhaust-fan', 'psc')).toBe(true)
    expect(of('capacitor-read', 'bath-exhaust-fan', 'shaded-pole')).toBe(false)
    expect(of('capacitor-read', 'bath-exhaust-fan', null)).toBe(true)
    expect(of('belt-look', 'attic-vent-fan', 'split-phase')).toBe(true)
    expect(of('belt-look', 'attic-vent-fan', null)).toBe(false)
    expect(of('flue-look', 'draft-inducer', null)).toBe(true)
    expect(of('flue-look', 'hrv-fan', null)).toBe(false)
  })

  it('leave no family without one, and find only what a job knows', () => {
    for (const family of familyIds)
      expect(
        seasonTasks.some((task) => isOf(task, { family, motorKind: null })),
        family,
      ).toBe(true)
    for (const { finds } of seasonTasks) {
      for (const { observation, value } of finds)
        expect(isObservation(observation) && observationInfo(observation).values.includes(value), value).toBe(
          true,
        )
    }
    expect(isSeasonTask('paint-it')).toBe(false)
    expect(() => seasonTask('paint-it' as never)).toThrow('no task')
  })
})

describe('months later', () => {
  it('is the same day, or the last of a shorter month', () => {
    expect(monthsAfter('2026-01-31', 1)).toBe('2026-02-28')
    expect(monthsAfter('2024-01-31', 1)).toBe('2024-02-29')
    expect(monthsAfter('2026-11-15', 3)).toBe('2027-02-15')
  })

  it('never goes back, and is a day of the calendar', () => {
    const days = fc.date({ min: new Date('1990-01-01'), max: new Date('2090-01-01'), noInvalidDate: true })
    fc.assert(
      fc.property(days, fc.integer({ min: 0, max: 60 }), (date, months) => {
        const day = date.toISOString().slice(0, 10)
        const later = monthsAfter(day, months)
        expect(later >= day).toBe(true)
        expect(new Date(`${later}T00:00:00Z`).toISOString().slice(0, 10)).toBe(later)
      }),
    )
  })
})
