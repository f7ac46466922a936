import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { HouseTable } from '@/core/house/rows'
import { transact } from '@/data/database'
import { loadHouse, measuredAt } from '@/data/house'
import { samples } from '@/sampling.testing'
import { bringBack, deleteThing } from '../deleting'
import { actOnJob, openJob, readJob } from '../jobs'
import { readShelf, shelve } from '../parts'
import { store } from '../store'
import { ownDataFolder } from '../testStore.testing'
import { actOnHouse, type HouseAnswer, lastOnHouse, undoOnHouse } from '.'

ownDataFolder()

const NOW = Date.parse('2026-05-10T10:00:00Z')
const idOf = ({ made }: HouseAnswer, table: HouseTable): string =>
  made.find((row) => row.table === table)?.id ?? ''
let names = 0
const machine = async (more: object = {}): Promise<string> =>
  idOf(
    await actOnHouse(
      { kind: 'machine.add', family: 'bath-exhaust-fan', name: `Fan ${++names}`, place: 'hall', ...more },
      undefined,
      NOW,
    ),
    'machine',
  )
const rows = async () => loadHouse((await store()).db)
const measured = async (id: string) => (await measuredAt((await store()).db, id)).measured
const close = async (id: string) =>
  transact((await store()).db, (trx) =>
    trx.updateTable('job').set({ status: 'closed' }).where('id', '=', id).execute(),
  )
const refused = (act: object) => expect(actOnHouse(act, undefined, NOW)).rejects

describe('machines', () => {
  it('are added, described and told apart', async () => {
    const id = await machine({
      motorKind: 'psc',
      circuit: ' 7  hall ',
      circuitFound: 'switched',
      dayWithout: '$ 12',
    })
    const house = await rows()
    expect(house.machines.find((each) => each.id === id)).toMatchObject({
      motorKind: 'psc',
      circuit: '7 hall',
    })
    expect(house.onBreaker.find((each) => each.id === id)?.found).toBe('switched')
    expect(house.lives.find((each) => each.id === id)?.dayWithout).toBe(12)
    await refused({
      kind: 'machine.add',
      family: 'bath-exhaust-fan',
      name: `fan ${names}`,
      place: 'Hall',
    }).toThrow(/There is a “fan .*” of this kind already/)
    await refused({ kind: 'machine.add', family: 'submarine', name: 'x' }).toThrow(/one of/)
    await refused({ kind: 'machine.sink', id }).toThrow(/not known/)
  })

  it('keep what an open job rests on until that job is closed; the rest changes', async () => {
    const id = await machine({ motorKind: 'psc', circuit: '3' })
    await openJob({ symptom: 'hums', machineId: id, findings: [] }, NOW)
    for (const change of [{ circuit: '4' }, { motorKind: 'shaded-pole' }, { motorKind: '' }])
      await refused({ kind: 'machine.change', id, ...change }).toThrow(/A job is open/)
    await refused({ kind: 'machine.retire', id, at: '2026-05-01' }).toThrow(/Close it first/)
    await actOnHouse({ kind: 'machine.change', id, place: 'attic', circuit: '3' }, undefined, NOW)
    expect((await rows()).machines.find((each) => each.id === id)?.place).toBe('attic')
  })

  it('are another kind only before the first job', async () => {
    const id = await machine()
    await actOnHouse({ kind: 'machine.change', id, family: 'ceiling-fan' }, undefined, NOW)
    const job = await openJob({ symptom: 'hums', machineId: id, findings: [] }, NOW)
    await close(job)
    await refused({ kind: 'machine.change', id, family: 'hrv-fan' }).toThrow(/retire this one/)
  })

  it('go out of use and come back', async () => {
    const id = await machine()
    await refused({ kind: 'machine.retire', id, at: '2026-05-31' }).toThrow(/has not come yet/)
    await refused({ kind: 'machine.retire', id, at: '2026-02-30' }).toThrow(/type the day as/)
    await actOnHouse({ kind: 'machine.retire', id, at: '2026-05-01', why: 'sold' }, undefined, NOW)
    expect((await rows()).lives.find((each) => each.id === id)).toMatchObject({ retiredAt: '2026-05-01' })
    await actOnHouse({ kind: 'machine.return', id }, undefined, NOW)
    expect((await rows()).lives.find((each) => each.id === id)?.retiredAt).toBeNull()
  })

  it('that are one become one with all that is known of both, and two again when it is undone', async () => {
    const [from, into] = [await machine({ modelNumber: 'Q-1', motorKind: 'psc' }), await machine()]
    const job = await openJob({ symptom: 'hums', machineId: from, findings: [] }, NOW)
    const reading = { what: 'currentA', typed: '0.4' }
    await actOnHouse({ kind: 'readings.add', machineId: from, readings: [reading] }, undefined, NOW)
    await actOnHouse({ kind: 'fitted.put', machineId: from, what: 'belt', name: 'A-42' }, undefined, NOW)
    await refused({ kind: 'machine.merge', id: from, into }).toThrow(/belongs to one machine/)
    await close(job)
    const before = await rows()
    const { event } = await actOnHouse({ kind: 'machine.merge', id: from, into }, undefined, NOW)
    const after = await rows()
    expect(after.machines.some(({ id }) => id === from)).toBe(false)
    expect(after.machines.find(({ id }) => id === into)).toMatchObject({
      modelNumber: 'Q-1',
      motorKind: 'psc',
    })
    expect(after.jobs.find(({ id }) => id === job)?.machineId).toBe(into)
    expect((await measured(into)).map(({ value }) => value)).toEqual([0.4])
    expect(after.fitted.find(({ name }) => name === 'A-42')?.machineId).toBe(into)
    await undoOnHouse(event ?? '')
    expect(await rows()).toEqual(before)
    expect((await measured(from)).map(({ value }) => value)).toEqual([0.4])
  })

  it('that are one keep what somebody deleted and may bring back, and so does an undoing', async () => {
    const [from, into] = [await machine(), await machine()]
    const job = await openJob({ symptom: 'hums', machineId: from, findings: [] }, NOW)
    await deleteThing('job', job, '')
    await actOnHouse({ kind: 'machine.merge', id: from, into }, undefined, NOW)
    await bringBack('job', job)
    expect((await readJob(job)).snapshot.machine.id).toBe(into)
    const added = await actOnHouse(
      { kind: 'machine.add', family: 'hrv-fan', name: 'Short-lived' },
      undefined,
      NOW,
    )
    const gone = await openJob({ symptom: 'x', machineId: idOf(added, 'machine'), findings: [] }, NOW)
    await deleteThing('job', gone, '')
    await expect(undoOnHouse(added.event ?? '')).rejects.toThrow(/has jobs by now/)
    await bringBack('job', gone)
    expect((await readJob(gone)).snapshot.job.symptom).toBe('x')
  })

  it('of two kinds, or of two kinds of motor, stay two', async () => {
    const psc = await machine({ motorKind: 'psc' })
    const shaded = await machine({ motorKind: 'shaded-pole' })
    const other = await machine({ family: 'hrv-fan' })
    await refused({ kind: 'machine.merge', id: psc, into: shaded }).toThrow(/motors are of different kinds/)
    await refused({ kind: 'machine.merge', id: psc, into: other }).toThrow(/Only two of one kind/)
    await refused({ kind: 'machine.merge', id: psc, into: psc }).toThrow(/same one/)
  })
})

describe('figures of a day without a job', () => {
  it('are read as they are typed, with their day', async () => {
    const machineId = await machine()
    await actOnHouse(
      {
        kind: 'readings.add',
        machineId,
        normal: 1,
        readings: [
          { what: 'currentA', typed: '350 mA', at: '2025-06-02' },
          { what: 'airDifferenceC', typed: '18 °F' },
          { what: 'airDifferenceC', typed: '9' },
          { what: 'capacitanceUf', section: 'FAN', typed: '4,8' },
        ],
      },
      undefined,
      NOW,
    )
    const [current, ...now] = await measured(machineId)
    expect(current?.value).toBeCloseTo(0.35)
    expect(current).toMatchObject({ at: '2025-06-02T12:00:00.000Z', normal: 1 })
    // A household of °F means °F where it types none.
    expect(now.map(({ value }) => Math.round(value * 10) / 10).sort()).toEqual([10, 4.8, 5])
  })

  it.each([
    [{ what: 'currentA', typed: 'much' }, /is not a current/],
    [{ what: 'currentA', typed: '' }, /Type the figure/],
    [{ what: 'currentA', typed: '4000' }, /More than 100 A/],
    [{ what: 'speedRpm', typed: '900', at: '2027-01-01' }, /has not come yet/],
    [{ what: 'speedRpm', typed: '900', at: 'May' }, /type the day as/],
  ])('are refused as a whole where one is none: %j', async (bad, message) => {
    const machineId = await machine()
    const readings = [{ what: 'currentA', typed: '1' }, bad]
    await refused({ kind: 'readings.add', machineId, readings }).toThrow(message)
    expect(await measured(machineId)).toEqual([])
  })

  it('of a list that is brought in twice are here once', async () => {
    const machineId = await machine()
    const list = {
      kind: 'readings.add',
      machineId,
      source: 'list',
      readings: [{ what: 'currentA', typed: '1', at: '2025-01-01' }],
    }
    await actOnHouse(list, undefined, NOW)
    const again = await actOnHouse(list, undefined, NOW)
    expect(again).toMatchObject({ event: null, said: { params: { count: 0 } } })
    expect(await measured(machineId)).toHaveLength(1)
  })
})

describe('a fitted part', () => {
  const fittedAt = async (id: string) => (await rows()).fitted.filter(({ machineId }) => machineId === id)

  it('is noted, changed, taken out and crossed out', async () => {
    const machineId = await machine()
    const put = { kind: 'fitted.put', machineId, what: 'belt', name: ' A-42 ', since: '2024-03-01' }
    const id = idOf(await actOnHouse(put, undefined, NOW), 'fitted')
    await actOnHouse({ ...put, id, name: 'A-43', warrantyUntil: '2027-03-01' }, undefined, NOW)
    expect(await fittedAt(machineId)).toMatchObject([
      { name: 'A-43', since: '2024-03-01', warrantyUntil: '2027-03-01', goneAt: null },
    ])
    await refused({ kind: 'fitted.gone', id, at: '2024-02-29' }).toThrow(/before it went in/)
    await actOnHouse({ kind: 'fitted.gone', id, at: '2024-03-01' }, undefined, NOW)
    expect(await fittedAt(machineId)).toMatchObject([{ goneAt: '2024-03-01' }])
    await actOnHouse({ kind: 'fitted.remove', id }, undefined, NOW)
    expect(await fittedAt(machineId)).toEqual([])
  })

  it.each([
    [{ name: ' ' }, /Type a name first/],
    [{ since: '2026-06-01' }, /has not come yet/],
    [{ since: 'spring' }, /type the day/],
    [{ warrantyUntil: '2026-02-30' }, /type the day/],
    [{ what: 'engine' }, /one of/],
    [{ machineId: 'nobody' }, /no such machine/],
    [{ id: 'nothing' }, /no longer there/],
  ])('is refused: %j', async (bad, message) => {
    const machineId = await machine()
    await refused({ kind: 'fitted.put', machineId, what: 'belt', name: 'A', ...bad }).toThrow(message)
  })
})

describe('the panel', () => {
  it('holds breakers, and machines go along with their new name', async () => {
    const machineId = await machine({ circuit: '14' })
    const id = idOf(
      await actOnHouse({ kind: 'breaker.put', name: '14', amps: '15' }, undefined, NOW),
      'breaker',
    )
    await actOnHouse(
      { kind: 'load.put', breakerId: id, name: 'hall light', found: 'switched' },
      undefined,
      NOW,
    )
    await refused({ kind: 'breaker.put', name: ' 14 ' }).toThrow(/already/)
    await refused({ kind: 'breaker.remove', id }).toThrow(/hangs on this breaker/)
    await actOnHouse({ kind: 'breaker.put', id, name: '14 hall' }, undefined, NOW)
    expect((await rows()).machines.find((each) => each.id === machineId)?.circuit).toBe('14 hall')
    await openJob({ symptom: 'hums', machineId, findings: [] }, NOW)
    await refused({ kind: 'breaker.put', id, name: '15' }).toThrow(/Rename it when that job is closed/)
  })

  it('is not undone under somebody’s hands', async () => {
    const machineId = await machine({ circuit: '20' })
    const moved = await actOnHouse({ kind: 'machine.change', id: machineId, circuit: '21' }, undefined, NOW)
    const job = await openJob({ symptom: 'hums', machineId, findings: [] }, NOW)
    await expect(undoOnHouse(moved.event ?? '')).rejects.toThrow(/A job is open at this machine/)
    expect((await readJob(job)).snapshot.machine.circuit).toBe('21')
  })
})

describe('the round', () => {
  const begin = (machineId: string, ...tasks: string[]) =>
    actOnHouse(
      { kind: 'round.begin', name: 'Spring', items: tasks.map((task) => ({ machineId, task })) },
      undefined,
      NOW,
    )

  it('is one at a time; what is inside is ticked by a closed job, or with the name of a trade', async () => {
    const machineId = await machine({ motorKind: 'psc' })
    await refused({ kind: 'round.begin', name: 'x', items: [] }).toThrow(/at least one/)
    const begun = await begin(machineId, 'listen', 'capacitor-read')
    await expect(begin(machineId, 'listen')).rejects.toThrow(/under way/)
    const [listen, inside] = begun.made.filter(({ table }) => table === 'round_item').map(({ id }) => id)
    await actOnHouse({ kind: 'round.tick', id: listen, state: 'done' }, { who: 'Mara', window: '' }, NOW)
    await refused({ kind: 'round.tick', id: inside, state: 'done' }).toThrow(/make it dead first/)
    const job = await openJob({ symptom: 'season', machineId, findings: [] }, NOW)
    await actOnHouse({ kind: 'round.job', id: inside, jobId: job }, undefined, NOW)
    await refused({ kind: 'round.tick', id: inside, state: 'done' }).toThrow(/make it dead first/)
    await close(job)
    await actOnHouse({ kind: 'round.tick', id: inside, state: 'done' }, undefined, NOW)
    const items = (await rows()).items.filter((item) => item.machineId === machineId)
    expect(items.map(({ state, who, why }) => [state, who, why])).toEqual([
      ['done', 'Mara', 'time'],
      ['done', '', 'time'],
    ])
    const roundId = idOf(begun, 'season_round')
    await actOnHouse({ kind: 'round.end', id: roundId }, undefined, NOW)
    await refused({ kind: 'round.tick', id: listen, state: 'open' }).toThrow(/has ended/)
  })
})

describe('a spare', () => {
  it('that went into a machine is one fewer, once for each job', async () => {
    const machineId = await machine()
    await shelve({ capacitor: { id: '', sections: [{ section: 'single', uF: 7.5 }] }, count: 1, note: '' })
    const [part] = await readShelf()
    const jobId = await openJob({ symptom: 'hums', machineId, findings: [] }, NOW)
    const use = { kind: 'spare.use', partId: part?.id, machineId, jobId }
    const used = await actOnHouse(use, undefined, NOW)
    await actOnHouse(use, undefined, NOW)
    expect((await readShelf())[0]?.count).toBe(0)
    await refused({ ...use, jobId: '' }).toThrow(/None of it lies/)
    await undoOnHouse(used.event ?? '')
    expect((await readShelf())[0]?.count).toBe(1)
    const counted = await actOnHouse({ kind: 'spare.count', id: part?.id, count: 4 }, undefined, NOW)
    expect((await readShelf())[0]?.count).toBe(4)
    await undoOnHouse(counted.event ?? '')
    expect((await readShelf())[0]?.count).toBe(1)
    await refused({ kind: 'spare.count', id: part?.id, count: -1 }).toThrow(/at least 0/)
    await refused({ kind: 'spare.put', id: part?.id, price: 'dear' }).toThrow(/is not a price/)
  })
})

describe('what was done to the household', () => {
  it('is told, the newest first, by whom', async () => {
    await actOnHouse({ kind: 'breaker.put', name: '33' }, { who: 'Mara', window: 'w' }, NOW)
    expect((await lastOnHouse(1))[0]).toMatchObject({
      who: 'Mara',
      said: { key: 'breaker.added' },
      undone: 0,
    })
  })

  it('is undone once, and not over what changed since', async () => {
    const id = await machine()
    const first = await actOnHouse({ kind: 'machine.change', id, place: 'cellar' }, undefined, NOW)
    const second = await actOnHouse({ kind: 'machine.change', id, place: 'shed' }, undefined, NOW)
    await expect(undoOnHouse(first.event ?? '')).rejects.toThrow(/changed since/)
    await undoOnHouse(second.event ?? '')
    await expect(undoOnHouse(second.event ?? '')).rejects.toThrow(/undone already/)
    await undoOnHouse(first.event ?? '')
    expect((await rows()).machines.find((each) => each.id === id)?.place).toBe('hall')
    await expect(undoOnHouse('nothing')).rejects.toThrow(/no such act/)
  })

  it('undone in its order leaves the household as it was, whatever was done', async () => {
    const [one, two] = [await machine(), await machine({ circuit: '40' })]
    const acts = fc.constantFrom<object>(
      { kind: 'machine.change', id: one, place: 'loft', circuit: '40', circuitFound: 'not-sure' },
      { kind: 'machine.change', id: two, name: 'Other', dayWithout: '5' },
      { kind: 'machine.retire', id: one, at: '2026-01-01' },
      { kind: 'machine.return', id: one },
      { kind: 'machine.merge', id: two, into: one },
      { kind: 'fitted.put', machineId: one, what: 'motor', name: 'M', since: '2020-01-01' },
      { kind: 'readings.add', machineId: two, readings: [{ what: 'currentA', typed: '1' }] },
      { kind: 'breaker.put', name: '40' },
      { kind: 'round.begin', name: 'R', items: [{ machineId: one, task: 'listen' }] },
      { kind: 'machine.add', family: 'hrv-fan', name: 'New' },
    )
    await fc.assert(
      fc.asyncProperty(fc.array(acts, { maxLength: 12 }), async (list) => {
        const before = [await rows(), await measured(one), await measured(two)]
        const events: string[] = []
        for (const act of list) {
          const done = await actOnHouse(act, undefined, NOW).catch(() => null)
          if (done?.event) events.push(done.event)
        }
        for (const event of events.reverse()) await undoOnHouse(event)
        expect([await rows(), await measured(one), await measured(two)]).toEqual(before)
      }),
      { numRuns: samples(25) },
    )
  })
})

it('what a job reads is not touched by acts of the household on other machines', async () => {
  const [here, there] = [await machine({ circuit: '50' }), await machine()]
  const job = await openJob({ symptom: 'hums', machineId: here, findings: [] }, NOW)
  const { rev } = (await readJob(job)).snapshot.job
  await actOnHouse({ kind: 'machine.change', id: there, place: 'far' }, undefined, NOW)
  expect((await readJob(job)).snapshot.job.rev).toBe(rev)
  // A machine that comes onto its breaker is told: its page names what else hangs there.
  await actOnHouse({ kind: 'machine.change', id: there, circuit: '50' }, undefined, NOW)
  expect((await readJob(job)).snapshot.job.rev).toBeGreaterThan(rev)
  const after = async () => (await readJob(job)).snapshot
  const told = (await after()).job.rev
  const breakerId = idOf(await actOnHouse({ kind: 'breaker.put', name: '50' }, undefined, NOW), 'breaker')
  const load = await actOnHouse(
    { kind: 'load.put', breakerId, name: 'lamp', found: 'switched' },
    undefined,
    NOW,
  )
  expect((await after()).job.rev).toBeGreaterThan(told)
  expect((await after()).hanging).toEqual({ loads: ['lamp'], found: null })
  await undoOnHouse(load.event ?? '')
  expect((await after()).hanging?.loads).toEqual([])
  await actOnJob(job, [{ kind: 'job.edit', field: 'lesson', value: 'x' }], NOW)
})
