import { describe, expect, it } from 'vitest'
import { validated } from '@/core/input'
import { firstQuestions } from '@/core/knowledge/firstQuestions'
import type { FamilyId } from '@/core/knowledge/vocabulary'
import { transact } from '@/data/database'
import { updateHousehold } from '@/data/household'
import { find } from './find'
import { PAGE, pageOfMachine, readBench, readHousehold, readJobs, readMachinesWithJobs } from './household'
import { HouseholdChange } from './householdInput'
import { actOnJob, openJob, readJob } from './jobs'
import { readMachine } from './machine'
import { capacitanceHistory } from './readings'
import { store } from './store'
import { capacitorOut, id, ownDataFolder, proveDead } from './testStore.testing'

ownDataFolder()

const start = (family: FamilyId = 'bath-exhaust-fan', machineId?: string) =>
  openJob({
    symptom: 'hums',
    family,
    ...(machineId ? { machineId } : {}),
    findings: [{ observation: 'fan-state', value: 'hums' }],
  })
/** The bench once all its lines are worked out: a page shows those that are, and asks again. */
async function wholeBench(): ReturnType<typeof readBench> {
  for (;;) {
    const bench = await readBench()
    if ([...bench.open, ...bench.closed].every(({ line }) => line !== null)) return bench
  }
}
const onBench = async (jobId: string) => (await wholeBench()).open.find(({ job }) => job.id === jobId)!.line!
const next = async (jobId: string) => (await onBench(jobId)).next

describe('the bench', () => {
  it('shows a job with its points, its leading suspect and the next act in words', async () => {
    const jobId = await start()
    const row = await onBench(jobId)
    expect(row.points.length).toBeGreaterThan(1)
    expect(row.points.every(({ open }) => !open)).toBe(true)
    expect(row.suspect!.probability).toBeGreaterThan(0.1)
    expect(row.next).toMatch(/^Next: /)
    expect(row.stopped).toBe(false)
  })

  it('puts the newest first', async () => {
    const first = await start()
    const second = await start()
    const ids = (await readBench()).open.map(({ job }) => job.id)
    expect(ids.indexOf(second)).toBeLessThan(ids.indexOf(first))
  })

  it('names the next act at every stage a job comes to', async () => {
    const jobId = await start()
    const decision = {
      kind: 'decision.set',
      id: id(),
      agreed: true,
      cause: 'bearing-seized',
      reason: '',
      probability: 0.95,
    }
    await actOnJob(jobId, [{ kind: 'finding.set', id: id(), observation: 'free-spin', value: 'seized' }])
    expect(await next(jobId)).toMatch(/^(Agree with the verdict|Next: )/)
    await actOnJob(jobId, [{ ...decision, action: 'replace-motor', option: 'original' }])
    expect(await next(jobId)).toBe('Take it apart')
    await actOnJob(jobId, [
      { kind: 'ledger.add', id: id(), after: null, line: { part: 'grille', action: 'unclip' } },
      { kind: 'ledger.add', id: id(), after: null, line: { part: 'motor', action: 'lift-off' } },
    ])
    expect(await next(jobId)).toBe('Take apart: 2 of 2 to go')
    await proveDead(jobId)
    const { ledger } = (await readJob(jobId)).snapshot
    await actOnJob(
      jobId,
      ledger.map((line) => ({ kind: 'ledger.tick', id: line.id, on: true })),
    )
    expect(await next(jobId)).toBe('Match the new part')
    await actOnJob(jobId, [{ kind: 'check.set', id: id(), checkId: 'hand-spin', result: 'pass', note: '' }])
    expect(await next(jobId)).toBe('Prove: go on with the checks')
    await actOnJob(jobId, [{ kind: 'job.close', result: 'not-mended' }])
    expect((await wholeBench()).closed.find(({ job }) => job.id === jobId)?.line?.next).toBe('Closed')
  })

  it('hands over to the trade where that was decided', async () => {
    const jobId = await start('outdoor-unit-fan')
    await actOnJob(jobId, [
      {
        kind: 'decision.set',
        id: id(),
        agreed: true,
        cause: 'other-machine-fault',
        action: 'call-licensed-trade',
        option: 'hired',
        reason: '',
        probability: 0.9,
      },
    ])
    expect(await next(jobId)).toBe('Call the trade')
  })

  it('says that a job is stopped, and by what', async () => {
    const jobId = await start('draft-inducer')
    await actOnJob(jobId, [{ kind: 'finding.set', id: id(), observation: 'smell', value: 'gas' }])
    expect(await onBench(jobId)).toMatchObject({ stopped: true, next: 'Stopped: smell of gas' })
  })

  it('lists machines due for a look on their day, not before', async () => {
    const jobId = await start()
    const { machine } = (await readJob(jobId)).snapshot
    const due = async () => (await readBench()).due.map((each) => each.id)
    await actOnJob(jobId, [{ kind: 'machine.edit', field: 'nextLook', value: '2999-01-01' }])
    expect(await due()).not.toContain(machine.id)
    await actOnJob(jobId, [{ kind: 'machine.edit', field: 'nextLook', value: '2020-01-01' }])
    expect(await due()).toContain(machine.id)
  })
})

describe('machines', () => {
  it('keep all their jobs, and are found by name and place', async () => {
    const first = await start()
    const { machine } = (await readJob(first)).snapshot
    const second = await start('bath-exhaust-fan', machine.id)
    await actOnJob(first, [
      { kind: 'machine.edit', field: 'name', value: 'Shower fan' },
      { kind: 'machine.edit', field: 'place', value: 'north wing' },
    ])
    const read = (await readMachine(machine.id))!
    expect(read.story.repairs.map((repair) => repair.id).sort()).toEqual([first, second].sort())
    expect(await readMachine('no such machine')).toBeNull()
    for (const words of ['shower', 'SHOW', 'showr north', 'north wing']) {
      const found = await find(words)
      expect(found.machines, words).toContainEqual(
        expect.objectContaining({ id: machine.id, title: 'Shower fan, north wing' }),
      )
      expect(found.jobs.find((job) => job.id === second)?.title, words).toBe('Shower fan, north wing')
    }
    expect((await find('submarine')).machines).toEqual([])
    expect((await find('')).jobs.length).toBeGreaterThan(0)
    const page = await readMachinesWithJobs(await pageOfMachine(machine.id))
    expect(page.rows.map((row) => row.machine.id)).toContain(machine.id)
  })

  it('of one name are told apart by what was said last, and what is not listed is counted', async () => {
    const jobs: string[] = []
    for (let count = 0; count < 22; count++) jobs.push(await start('ceiling-fan'))
    for (const job of jobs) await actOnJob(job, [{ kind: 'machine.edit', field: 'name', value: 'Quillon' }])
    const found = await find('quilon')
    expect(found.machines).toHaveLength(20)
    expect(found.machines.every(({ told }) => told === 'hums')).toBe(true)
    expect(found.jobs).toHaveLength(20)
    expect(found.more).toEqual({ jobs: 2, machines: 2 })
    expect((await find('submarine')).more).toEqual({ jobs: 0, machines: 0 })
  })

  it('remember every capacitance read on them, oldest first, without what was struck', async () => {
    const one = await start('dehumidifier-fan')
    const { machine } = (await readJob(one)).snapshot
    const two = await start('dehumidifier-fan', machine.id)
    const read = (typed: string) => ({
      kind: 'reading.set',
      id: id(),
      reading: 'capacitance',
      part: 'old',
      a: 'C',
      b: 'FAN',
      typed,
    })
    await capacitorOut(one)
    await capacitorOut(two)
    await actOnJob(one, [read('4.9')])
    await actOnJob(two, [
      { kind: 'field.set', id: id(), part: 'capacitor-old', field: 'label', typed: '5 µF 370 V' },
      read('4.2'),
    ])
    const history = await capacitanceHistory(machine.id)
    expect(history.map(({ uF, label }) => [uF, label])).toEqual([
      [4.9, ''],
      [4.2, '5 µF 370 V'],
    ])
    const last = (await readJob(two)).snapshot.readings[0]!
    await actOnJob(two, [{ kind: 'reading.strike', id: last.id, reason: 'probe slipped' }])
    expect((await capacitanceHistory(machine.id)).map(({ uF }) => uF)).toEqual([4.9])
  })
})

describe('a new data folder', () => {
  it('has a household of its own with every setting at its default', async () => {
    expect(await readHousehold()).toMatchObject({ name: 'My household', theme: 'light', catRated: 0 })
  })
})

describe('the first questions', () => {
  it('set what a household has, whichever answer is given', async () => {
    const set = async (sets: object) => {
      const { db } = await store()
      await transact(db, (trx) => updateHousehold(trx, validated(HouseholdChange, { ...sets })))
    }
    expect((await readHousehold()).introduced).toBe(0)
    for (const { sets } of firstQuestions.flatMap(({ answers }) => answers)) {
      await set(sets)
      expect(await readHousehold()).toMatchObject(sets)
    }
    await set({ introduced: 1 })
    expect((await readHousehold()).introduced).toBe(1)
  })
})

describe('a kept line of the bench', () => {
  it('follows its job: the next act, the points and the motor’s kind', async () => {
    const jobId = await start('furnace-blower')
    const before = await onBench(jobId)
    const again = await onBench(jobId)
    expect([again.next, again.points, again.suspect]).toEqual([before.next, before.points, before.suspect])
    const { snapshot } = await readJob(jobId)
    await actOnJob(jobId, [
      { kind: 'point.open', id: snapshot.points[0]?.id },
      { kind: 'machine.edit', field: 'motorKind', value: 'ecm' },
    ])
    const after = await onBench(jobId)
    expect(after.points.filter(({ open }) => open)).toHaveLength(1)
    expect(after.suspect).not.toEqual(before.suspect)
  })

  it('stands in a list that stops, with the number of those left out; the rest is read by the page', async () => {
    for (let i = 0; i < PAGE + 2; i++) await start('hrv-fan')
    const short = await readBench()
    expect(short.open).toHaveLength(PAGE)
    expect(short.left.open).toBeGreaterThan(0)
    const first = await readJobs('open', 1)
    expect(first.count).toBe(short.open.length + short.left.open)
    const pages = await Promise.all(
      Array.from({ length: first.pages }, (_, index) => readJobs('open', index + 1)),
    )
    const ids = pages.flatMap(({ rows }) => rows.map(({ job }) => job.id))
    expect(new Set(ids).size).toBe(first.count)
    expect(ids.slice(0, PAGE)).toEqual(short.open.map(({ job }) => job.id))
    for (const asked of [0, -3, Number.NaN, 1.5]) expect((await readJobs('open', asked)).page).toBe(1)
    expect((await readJobs('open', 999)).page).toBe(first.pages)
  })

  it('two machines of one name are told apart by their last job', async () => {
    await start('pellet-stove-exhaust-blower')
    await start('pellet-stove-exhaust-blower')
    const titles = (await readBench()).known
      .filter(({ family }) => family === 'pellet-stove-exhaust-blower')
      .map(({ title }) => title)
    expect(titles).toHaveLength(2)
    for (const title of titles) expect(title).toMatch(/, last job \d{4}-\d{2}-\d{2}$/)
  })
})
