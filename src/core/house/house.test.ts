import { describe, expect, it } from 'vitest'
import { newMachine } from '../job/acts/blank'
import type { MachineRow } from '../job/rows'
import { type CountedJob, figureRows, houseFigures } from './figures'
import { panelOf } from './panel'
import { measuredText, takenAt } from './quantities'
import { readingsOfList } from './readingList'
import { kitOf, plannedTasks, roundUnderWay } from './roundView'
import type { LoadRow, RoundItemRow } from './rows'
import { yearBars } from './yearBars'

const machine = (id: string, more: Partial<MachineRow> = {}): MachineRow => ({
  ...newMachine(id, 'home', 'bath-exhaust-fan', { name: id, place: 'hall' }, '2026-01-01T00:00:00Z'),
  ...more,
})

describe('the panel', () => {
  const breaker = (id: string, name: string, position: number) => ({ id, name, amps: 15, note: '', position })
  const load = (breakerId: string, found: LoadRow['found']): LoadRow => ({
    id: `l${breakerId}`,
    breakerId,
    name: 'light',
    found,
  })

  it('goes by number, holds what a machine names as well, and says what nobody tried', () => {
    const { breakers, unknown } = panelOf({
      machines: [
        machine('a', { circuit: '14' }),
        machine('b', { circuit: '2 Hall' }),
        machine('c'),
        machine('old', { circuit: '9' }),
      ],
      breakers: [breaker('x', '10', 1), breaker('y', '2 hall', 2)],
      loads: [load('y', 'switched')],
      onBreaker: [
        { id: 'b', circuit: '2 hall', found: 'switched', at: '' },
        // Of another breaker than it hangs on now.
        { id: 'a', circuit: '13', found: 'switched', at: '' },
      ],
      lives: [{ id: 'old', retiredAt: '2025-01-01', retiredWhy: '', dayWithout: null }],
    })
    expect(breakers.map(({ name }) => name)).toEqual(['2 hall', '10', '14'])
    expect(breakers.map(({ untried }) => untried)).toEqual([false, false, true])
    expect(breakers[0]?.machines).toEqual([{ id: 'b', title: 'b, hall', found: 'switched' }])
    expect(breakers[2]).toMatchObject({ row: null, machines: [{ found: null }] })
    expect(unknown.map(({ id }) => id)).toEqual(['c'])
  })
})

describe('the round', () => {
  const item = (
    id: string,
    machineId: string,
    task: string,
    more: Partial<RoundItemRow> = {},
  ): RoundItemRow => ({
    id,
    roundId: 'r',
    machineId,
    task,
    why: 'time',
    state: 'open',
    note: '',
    doneAt: null,
    who: '',
    jobId: null,
    position: 0,
    ...more,
  })
  const round = { id: 'r', name: 'Spring', startedAt: '', endedAt: null }

  it('stands place by place, with the kit and the minutes of what is open alone', () => {
    const walk = roundUnderWay(
      {
        machines: [machine('b', { place: 'porch' }), machine('a'), machine('none')],
        jobs: [{ id: 'j', machineId: 'b', status: 'closed' }],
        items: [
          item('1', 'a', 'listen', { state: 'done' }),
          item('2', 'b', 'wheel-clean', { jobId: 'j' }),
          item('3', 'b', 'flap-look'),
          item('4', 'b', 'no such task'),
          item('5', 'b', 'listen', { roundId: 'other' }),
        ],
      },
      round,
    )
    expect(walk.places.map(({ place, machines }) => [place, machines.map(({ id }) => id)])).toEqual([
      ['hall', ['a']],
      ['porch', ['b']],
    ])
    expect([walk.open, walk.count, walk.minutes]).toEqual([2, 3, 30])
    expect(walk.kit).toEqual(['screwdriver', 'brush', 'vacuum', 'torch'])
    expect(walk.places[1]?.machines[0]?.items[0]?.job).toEqual({ id: 'j', status: 'closed' })
  })

  it('offers what is not due as well, and takes each thing along once', () => {
    const due = [{ machineId: 'a', task: 'listen' as const, why: 'time' as const, lastAt: null, dueAt: '' }]
    const [place] = plannedTasks({ machines: [machine('a')], lives: [] }, due)
    const items = place?.machines[0]?.items ?? []
    expect(items.filter((each) => each.due).map(({ task }) => task)).toEqual(['listen'])
    expect(items.length).toBeGreaterThan(2)
    expect(kitOf([{ kit: ['torch'] }, { kit: ['ears', 'torch'] }])).toEqual(['torch', 'ears'])
  })
})

describe('a sheet of readings', () => {
  const NOW = Date.parse('2026-05-10T10:00:00Z')
  const read = (...rows: string[][]) => readingsOfList(rows, true, NOW)

  it('has its columns in any order, under the words that people write', () => {
    const { readings, faults } = read(
      ['Value', 'Unit', 'Quantity', 'When', 'Terminal', 'Remark'],
      ['4.9', 'uF', 'MFD', '2025-06-02', 'fan', 'hot day'],
      ['18', '', 'delta T', '2025-06-02T10:00:00Z', '', ''],
      ['1,060', 'rpm', 'Speed', '2025-06-02 10:00', 'high', ''],
      ['', '', '', '', '', ''],
    )
    expect(faults).toEqual([])
    expect(readings.map(({ what, section, typed, at, note }) => [what, section, typed, at, note])).toEqual([
      ['capacitanceUf', 'FAN', '4.9 uF', '2025-06-02', 'hot day'],
      ['airDifferenceC', '', '18', '2025-06-02T10:00:00Z', ''],
      ['speedRpm', 'high', '1,060 rpm', '2025-06-02', ''],
    ])
  })

  it('names each line that is not understood, and why', () => {
    const { readings, faults } = read(
      ['date', 'what', 'value'],
      ['2025-06-31', 'current', '1'],
      ['', 'current', '1'],
      ['2025-06-01', 'current', 'lots'],
      ['2025-06-01', 'mood', '1'],
      ['2027-06-01', 'current', '1'],
      ['2025-06-01', 'current', '1.4 A'],
    )
    expect(readings).toHaveLength(1)
    expect(faults.map(({ line }) => line)).toEqual([2, 3, 4, 5, 6])
    expect(faults[4]?.why).toMatch(/has not come yet/)
  })

  it('without the columns it needs is refused as a whole, and says which are missing', () => {
    expect(read(['a', 'b'], ['1', '2']).faults[0]?.why).toMatch(/Not found: at, what, value/)
    expect(read(['date', 'what', 'reading'], ['2025-06-01', 'current', '1']).faults[0]?.why).toMatch(
      /Not found: value/,
    )
  })
})

describe('a figure', () => {
  it('is written in the household’s units: a difference has no offset', () => {
    expect(measuredText('airDifferenceC', 10, true)).toBe('18 °F apart')
    expect(measuredText('airDifferenceC', 10, false)).toBe('10 K apart')
    expect(measuredText('speedRpm', 1068, false)).toBe('1068 rpm')
  })

  it('of a day stands at its noon, and one without a day is of now', () => {
    expect(takenAt('2025-06-02', 0 + Date.parse('2026-01-01'))).toBe('2025-06-02T12:00:00.000Z')
    expect(takenAt('', 1000)).toBe('1970-01-01T00:00:01.000Z')
    expect(takenAt('2025-06-02T23:59:59Z', Date.parse('2026-01-01'))).toBe('2025-06-02T23:59:59.000Z')
  })
})

describe('the figures of the house', () => {
  const job = (
    id: string,
    more: Partial<CountedJob['job']> = {},
    of: Partial<CountedJob> = {},
  ): CountedJob => ({
    job: {
      id,
      machineId: 'a',
      symptom: 'hums',
      result: 'runs',
      closedAt: '2025-06-01T00:00:00Z',
      minutesSpent: '60',
      cost: '$ 20',
      ...more,
    },
    machine: machine('a'),
    cause: 'capacitor-weak',
    action: 'replace-capacitor',
    option: 'capacitor',
    hireTyped: '180',
    ...of,
  })

  it('are sums by year and machine, and what failed how often', () => {
    const { all, years, machines, causes } = houseFigures([
      job('1'),
      job('2', { closedAt: '2026-02-01T00:00:00Z', cost: '', minutesSpent: '30 min' }),
      job('3', {}, { machine: machine('b'), cause: null }),
    ])
    // Of the one whose cost nobody wrote down nothing is said to be saved.
    expect(all).toEqual({ jobs: 3, spent: 40, minutes: 150, saved: 320 })
    expect(years.map(({ year, jobs }) => [year, jobs])).toEqual([
      ['2026', 1],
      ['2025', 2],
    ])
    expect(machines.map(({ id, spent }) => [id, spent])).toEqual([
      ['a', 20],
      ['b', 20],
    ])
    expect(causes).toMatchObject([{ cause: 'capacitor-weak', jobs: 2, machines: 1 }])
  })

  it('save nothing where somebody was hired, or nothing was mended', () => {
    const saved = (more: Parameters<typeof job>[1], of: Partial<CountedJob> = {}) =>
      houseFigures([job('1', more, of)]).all.saved
    expect(saved({})).toBe(160)
    expect(saved({}, { option: 'hired' })).toBe(0)
    expect(saved({}, { option: 'new-machine' })).toBe(0)
    expect(saved({}, { action: 'call-licensed-trade' })).toBe(0)
    expect(saved({ result: 'not-mended' })).toBe(0)
    expect(saved({ result: 'handed-over' })).toBe(0)
    // Where nobody typed what hiring would cost, the usual price of that act is taken.
    expect(saved({}, { hireTyped: '' })).toBeGreaterThan(20)
    expect(saved({}, { hireTyped: '', action: null })).toBe(0)
  })

  it('go along as rows under their captions', () => {
    expect(figureRows(houseFigures([job('1')]))).toEqual([
      ['2025-06-01', 'a, hall', 'hums', 'capacitor-weak', 'runs', '20', '60', '180', '160', '1'],
    ])
  })

  it('are drawn with a place for each year, and below nothing where more was spent than saved', () => {
    const { bars, zero } = yearBars(
      [
        { year: '2023', spent: 100, saved: -20 },
        { year: '2025', spent: 0, saved: 50 },
      ],
      600,
      200,
    )
    expect(bars.map(({ year }) => year)).toEqual(['2023', '2024', '2025'])
    expect(bars[0]?.spent.y).toBeCloseTo(24)
    expect(bars[0]?.saved).toMatchObject({ y: zero })
    expect(bars[0]?.saved.height).toBeGreaterThan(0)
    expect(bars[1]?.spent.height).toBe(0)
  })
})
