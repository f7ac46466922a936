import { describe, expect, it } from 'vitest'
import type { HouseTable } from '@/core/house/rows'
import { activeStops } from '@/core/job'
import { transact } from '@/data/database'
import { loadHouse } from '@/data/house'
import { find } from '../find'
import { readBench, readMachinesWithJobs } from '../household'
import { openJob, readJob } from '../jobs'
import { readShelf, shelve } from '../parts'
import { store } from '../store'
import { ownDataFolder } from '../testStore.testing'
import { actOnHouse, undoOnHouse } from '.'
import { guestBy, guestRecord, guestRound, guestTick, inviteGuest, readGuests } from './guests'
import { readFigures, readRounds } from './pages'
import { openFromRound } from './roundJob'
import { readSpares, servedBy } from './shelf'

ownDataFolder()

const nobody = { who: '', window: '' }
const madeIn = (made: { table: string; id: string }[], table: HouseTable) =>
  made.filter((row) => row.table === table).map(({ id }) => id)
let names = 0
const machine = async (more: object = {}) => {
  const act = {
    kind: 'machine.add',
    family: 'bath-exhaust-fan',
    motorKind: 'psc',
    name: `Fan ${++names}`,
    ...more,
  }
  return madeIn((await actOnHouse(act)).made, 'machine')[0] ?? ''
}
const round = async (machineId: string, ...tasks: string[]) => {
  const open = (await loadHouse((await store()).db)).rounds.find(({ endedAt }) => endedAt === null)
  if (open) await actOnHouse({ kind: 'round.end', id: open.id })
  const items = tasks.map((task) => ({ machineId, task }))
  const { made } = await actOnHouse({ kind: 'round.begin', name: 'Round', items })
  return { id: madeIn(made, 'season_round')[0] ?? '', items: madeIn(made, 'round_item') }
}
const itemOf = async (id: string) => (await loadHouse((await store()).db)).items.find((row) => row.id === id)
const closed = async (job: string, result: 'runs' | 'not-mended' = 'runs') =>
  transact((await store()).db, (trx) =>
    trx
      .updateTable('job')
      .set({ status: 'closed', result, closedAt: '2026-01-01T00:00:00.000Z', cost: '12' })
      .where('id', '=', job)
      .execute(),
  )

describe('a guest', () => {
  it('reads the one record, until the end of the day or of the address', async () => {
    const job = await openJob({ symptom: 'whistles in the wind', machineId: await machine(), findings: [] })
    const other = await openJob({ symptom: 'another story', machineId: await machine(), findings: [] })
    const { secret, event } = await inviteGuest(
      { name: 'Ole', may: 'read-record', target: job, until: '2099-12-31' },
      nobody,
    )
    expect(secret).toMatch(/^[0-9a-f]{32}$/)
    const page = await guestRecord(secret, 'UTC')
    expect(page).toContain('whistles in the wind')
    expect(page).not.toContain('another story')
    expect(other).not.toBe(job)
    await expect(guestRound(secret)).rejects.toThrow(/opens nothing/)
    await expect(guestBy(secret, Date.parse('2100-01-01T12:00:00Z'))).rejects.toThrow(/opens nothing/)
    await guestBy(secret, Date.parse('2100-01-01T11:00:00Z'))
    // Neither the list nor the file holds what opens it.
    expect(JSON.stringify(await readGuests())).not.toContain(secret)
    await undoOnHouse(event ?? '')
    await expect(guestBy(secret)).rejects.toThrow(/opens nothing/)
    await expect(guestBy('0'.repeat(32))).rejects.toThrow(/opens nothing/)
  })

  it('is given nothing that is not there, and no day that is over', async () => {
    const job = await openJob({ symptom: 'x', machineId: await machine(), findings: [] })
    const invite = (more: object) =>
      inviteGuest({ name: 'Ole', may: 'read-record', target: job, until: '2099-12-31', ...more }, nobody)
    await expect(invite({ until: '2020-01-01' })).rejects.toThrow(/still to come/)
    await expect(invite({ until: 'soon' })).rejects.toThrow(/type the day/)
    await expect(invite({ target: 'nothing' })).rejects.toThrow(/no longer there/)
    await expect(invite({ may: 'do-all' })).rejects.toThrow(/one of/)
    await expect(invite({ name: ' ' })).rejects.toThrow(/name first/)
  })

  it('ticks the one round under a name, and nothing that is inside a machine or of another round', async () => {
    const machineId = await machine()
    const old = await round(machineId, 'listen')
    const { id, items } = await round(machineId, 'listen', 'capacitor-read')
    const { secret } = await inviteGuest(
      { name: 'Ida', may: 'tick-round', target: id, until: '2099-12-31' },
      nobody,
    )
    const { walk } = await guestRound(secret)
    expect(walk.count).toBe(1)
    const ticked = await guestTick(secret, { item: items[0], state: 'done', note: 'quiet' })
    expect(ticked.stops).toEqual([])
    // What tells of a danger is answered at once, to whoever stands there.
    const found = { item: items[0], state: 'found', note: 'it sparks and smells of smoke' }
    expect((await guestTick(secret, found)).stops.length).toBeGreaterThan(0)
    await guestTick(secret, { item: items[0], state: 'done', note: 'quiet' })
    expect(await itemOf(items[0] ?? '')).toMatchObject({ state: 'done', who: 'Ida', note: 'quiet' })
    for (const item of [items[1], old.items[0]])
      await expect(guestTick(secret, { item, state: 'done', note: 'a trade' })).rejects.toThrow(
        /no longer there/,
      )
    await expect(guestTick(secret, { item: items[0], state: 'gone' })).rejects.toThrow(/one of/)
    await expect(guestRecord(secret, 'UTC')).rejects.toThrow(/opens nothing/)
    await actOnHouse({ kind: 'round.end', id })
    await expect(guestTick(secret, { item: items[0], state: 'open' })).rejects.toThrow(/opens nothing/)
  })
})

describe('what is found on a round', () => {
  it('opens a job with it, and is told on the round', async () => {
    const { items } = await round(await machine(), 'flap-look')
    const item = items[0] ?? ''
    const { job } = await openFromRound(
      { item, observation: 'damper', value: 'stuck', note: 'a nest' },
      nobody,
    )
    const { snapshot } = await readJob(job)
    expect(snapshot.job.symptom).toBe('Round of the season: Look at its flap and hood outside. a nest')
    expect(snapshot.findings).toMatchObject([{ observation: 'damper', value: 'stuck' }])
    expect(activeStops(snapshot)).toEqual([])
    expect(await itemOf(item)).toMatchObject({ state: 'found', jobId: job, note: 'a nest' })
  })

  it('stops that job where its words tell of a danger', async () => {
    const { items } = await round(await machine(), 'listen')
    const { job } = await openFromRound(
      { item: items[0], note: 'I got a shock when I touched the grille' },
      nobody,
    )
    expect(activeStops((await readJob(job)).snapshot).length).toBeGreaterThan(0)
  })

  it('is only what the task may find: anything else opens a job without a finding, and nothing is ticked', async () => {
    const { items } = await round(await machine(), 'wheel-clean')
    const { job } = await openFromRound(
      { item: items[0], observation: 'capacitor-look', value: 'burnt' },
      nobody,
    )
    expect((await readJob(job)).snapshot.findings).toEqual([])
    expect(await itemOf(items[0] ?? '')).toMatchObject({ state: 'open', jobId: job })
    await expect(openFromRound({ item: 'nothing' }, nobody)).rejects.toThrow(/no longer there/)
  })
})

describe('a machine in use no more', () => {
  it('is on no round, and is not offered for a new job, but by its own page', async () => {
    const id = await machine({ name: 'Old hood', family: 'range-hood-fan' })
    await actOnHouse({ kind: 'machine.retire', id, at: '2026-01-01' })
    const open = (await loadHouse((await store()).db)).rounds.find(({ endedAt }) => endedAt === null)
    if (open) await actOnHouse({ kind: 'round.end', id: open.id })
    expect(JSON.stringify((await readRounds()).places)).not.toContain(id)
    expect((await readBench()).known.map((each) => each.id)).not.toContain(id)
    expect((await readBench({ at: id })).known.map((each) => each.id)).toContain(id)
    expect((await readMachinesWithJobs(1)).rows.find((row) => row.machine.id === id)?.retiredAt).toBe(
      '2026-01-01',
    )
  })
})

describe('the shelf', () => {
  it('asks to take off what a closed job has chosen from it, until it was', async () => {
    const machineId = await machine({ name: 'Hall fan' })
    await shelve({ capacitor: { id: '', sections: [{ section: 'single', uF: 4 }] }, count: 2, note: '' })
    const partId = (await readShelf())[0]?.id ?? ''
    const job = await openJob({ symptom: 'hums', machineId, findings: [] })
    await transact((await store()).db, async (trx) => {
      await trx
        .insertInto('candidate')
        .values({
          id: 'cand-1',
          jobId: job,
          part: 'capacitor',
          source: 'shelf',
          ref: partId,
          name: 'c',
          spec: '{}',
          position: 1,
          at: '',
        })
        .execute()
      await trx
        .insertInto('field')
        .values({
          id: 'field-1',
          jobId: job,
          part: 'choice',
          field: 'capacitor',
          typed: 'cand-1',
          at: '',
        } as never)
        .execute()
    })
    expect((await readSpares()).toTakeOff).toEqual([])
    await closed(job, 'not-mended')
    expect((await readSpares()).toTakeOff).toEqual([])
    await closed(job)
    expect((await readSpares()).toTakeOff).toEqual([{ partId, jobId: job, machineId, title: 'Hall fan' }])
    await actOnHouse({ kind: 'spare.use', partId, machineId, jobId: job })
    const { toTakeOff, used } = await readSpares()
    expect(toTakeOff).toEqual([])
    expect(used).toMatchObject([{ partId, title: 'Hall fan' }])
    expect((await readShelf())[0]?.count).toBe(1)
    expect((await readFigures()).all.spent).toBe(12)
  })

  it('says which machines a spare serves, and asks none that is out of use', async () => {
    const id = await machine({ name: 'Porch fan' })
    await actOnHouse({
      kind: 'fitted.put',
      machineId: id,
      what: 'capacitor',
      name: 'C4',
      figures: '4 µF ±6 % 250 V',
    })
    const partId = (await readShelf())[0]?.id ?? ''
    expect((await servedBy(partId)).machines.map(({ title }) => title)).toContain('Porch fan')
    await actOnHouse({ kind: 'machine.retire', id, at: '2026-01-01' })
    expect((await servedBy(partId)).machines.map(({ title }) => title)).not.toContain('Porch fan')
    await expect(servedBy('nothing')).rejects.toThrow(/no such part/)
  })
})

describe('the search', () => {
  it('finds parts that are fitted and words that were written down, each with where it leads', async () => {
    const id = await machine({ name: 'Sauna fan' })
    await actOnHouse({
      kind: 'fitted.put',
      machineId: id,
      what: 'belt',
      name: 'Quillfen A-42',
      boughtFrom: 'the mill shop',
    })
    const job = await openJob({ symptom: 'slips', machineId: id, findings: [] })
    await transact((await store()).db, (trx) =>
      trx.updateTable('job').set({ lesson: 'the pulley has a left thread' }).where('id', '=', job).execute(),
    )
    expect((await find('a-42')).parts).toMatchObject([
      { title: 'Quillfen A-42', where: 'in Sauna fan', href: `/machines/${id}` },
    ])
    expect((await find('mill shop')).parts).toHaveLength(1)
    expect((await find('left thread')).notes).toMatchObject([
      { title: 'Sauna fan', href: `/jobs/${job}/record` },
    ])
    // Signs that mean something to the search of the file are only themselves.
    expect((await find('100%')).notes).toEqual([])
    expect((await find('__')).parts).toEqual([])
  })
})
