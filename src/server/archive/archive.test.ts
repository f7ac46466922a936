import { mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { unzipSync, zipSync } from 'fflate'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { KEPT_AS } from '@/core/job/ledger/ownWay'
import { listTables } from '@/core/job/rows'
import { transact } from '@/data/database'
import { loadHouse, measuredAt } from '@/data/house'
import { keepOwnName, listJobs, updateHousehold } from '@/data/household'
import { deleteThing } from '../deleting'
import { actOnHouse } from '../house'
import { readHousehold, readOwnNames } from '../household'
import { actOnJob, openJob, readJob, stepHistory } from '../jobs'
import { readShelf, shelve } from '../parts'
import { keepPhoto, readPhoto } from '../photos'
import { store } from '../store'
import { id, ownDataFolder, proveDead } from '../testStore.testing'
import { keptWays } from '../ways'
import { beginIncoming, dropIncoming, endIncoming, type Taking, takePiece } from '.'
import { archiveStream } from './make'

ownDataFolder()

let elsewhere: string
beforeAll(() => {
  elsewhere = mkdtempSync(join(tmpdir(), 'rest-cog-second-'))
})
afterAll(() => rmSync(elsewhere, { recursive: true, force: true }))

/** Another installation: the same program on an empty folder. */
async function inSecondFolder<Answer>(work: () => Promise<Answer>): Promise<Answer> {
  const first = process.env.RESTCOG_DATA
  const holder = globalThis as unknown as { restCogStore?: unknown }
  const opened = holder.restCogStore
  process.env.RESTCOG_DATA = mkdtempSync(join(elsewhere, 'data-'))
  holder.restCogStore = undefined
  try {
    return await work()
  } finally {
    await (await store()).db.destroy()
    process.env.RESTCOG_DATA = first
    holder.restCogStore = opened
  }
}

const bytesOf = async (jobIds?: string[]): Promise<Buffer> =>
  Buffer.from(await new Response(await archiveStream(jobIds)).arrayBuffer())

/** Sent in pieces as the browser sends it. */
async function bringIn(bytes: Uint8Array, taking?: Taking, piece = 5000) {
  const upload = await beginIncoming()
  for (let at = 0; at < bytes.length; at += piece)
    await takePiece(upload, at, Buffer.from(bytes.subarray(at, at + piece)))
  return endIncoming(upload, taking)
}

async function repairedJob(): Promise<string> {
  const jobId = await openJob({ symptom: 'hums', family: 'bath-exhaust-fan', name: 'Bath', findings: [] })
  const photo = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#446622' } })
    .png()
    .toBuffer()
  const hash = await keepPhoto(photo, '')
  await proveDead(jobId)
  await actOnJob(jobId, [
    { kind: 'finding.set', id: id(), observation: 'fan-state', value: 'hums' },
    { kind: 'ledger.add', id: id(), after: null, line: { part: 'grille', action: 'unscrew', count: 2 } },
    { kind: 'photo.add', id: id(), lineId: '', hash, caption: 'as it hung', way: 'in' },
    { kind: 'job.close', result: 'not-mended' },
  ])
  return jobId
}

describe('an archive', () => {
  it('moves a job to another installation without loss, photos included', async () => {
    const jobId = await repairedJob()
    const before = (await readJob(jobId)).snapshot
    const picture = await readPhoto(before.photos[0]!.hash)
    const bytes = await bytesOf([jobId])
    await inSecondFolder(async () => {
      const report = await bringIn(bytes)
      expect(report).toMatchObject({ jobs: 1, machines: 1, photos: 1, known: [], open: [] })
      const { household, ...rest } = (await readJob(jobId)).snapshot
      expect({ ...rest, household: before.household }).toEqual(before)
      expect(household.id).toBe('home')
      expect(await readPhoto(before.photos[0]!.hash)).toEqual(picture)
      // A second time nothing is doubled and nothing is written over.
      await actOnJob(jobId, [{ kind: 'job.edit', field: 'lesson', value: 'known here' }])
      expect(await bringIn(bytes)).toMatchObject({ jobs: 0, machines: 0, known: ['Bath'] })
      expect((await readJob(jobId)).snapshot.job.lesson).toBe('known here')
    })
  })

  it('brings a way in along that was kept, and the breaker of its machine', async () => {
    const jobId = await openJob({ symptom: 'hums', family: 'hrv-fan', name: 'Ventilator', findings: [] })
    await actOnJob(jobId, [{ kind: 'machine.edit', field: 'circuit', value: 'breaker 6' }])
    await proveDead(jobId)
    const front = id()
    await actOnJob(jobId, [
      { kind: 'ledger.add', id: front, after: null, line: { part: 'front', action: 'unclip', count: 4 } },
      { kind: 'ledger.tick', id: front, on: true },
      { kind: 'field.set', id: id(), ...KEPT_AS, typed: 'by the front' },
    ])
    const bytes = await bytesOf([jobId])
    await inSecondFolder(async () => {
      await bringIn(bytes)
      const other = await openJob({ symptom: 'howls', family: 'hrv-fan', findings: [] })
      expect(await keptWays(other)).toMatchObject([{ name: 'by the front', jobId }])
      expect((await readJob(jobId)).snapshot.machine.circuit).toBe('breaker 6')
    })
  })

  it('of the household holds every job, and an open one is made dead anew where it comes in', async () => {
    const open = await openJob({ symptom: '', family: 'ceiling-fan', name: 'Porch', findings: [] })
    await proveDead(open)
    const bytes = await bytesOf()
    await inSecondFolder(async () => {
      const report = await bringIn(bytes)
      expect(report.jobs).toBe(3)
      expect(report.open).toEqual(expect.arrayContaining(['Porch', 'Ventilator']))
      expect((await readJob(open)).snapshot.points.every(({ openedAt }) => openedAt === null)).toBe(true)
    })
  })
})

describe('an archive of a household', () => {
  it('brings settings where that is wanted, names, the shelf and its lists, and what can be taken back', async () => {
    const jobId = await repairedJob()
    const { db } = await store()
    await transact(db, async (trx) => {
      await keepOwnName(trx, { words: 'the drum', family: 'hrv-fan', machineId: null, learnedAt: '' })
      await updateHousehold(trx, { name: 'Upper Mill', fahrenheit: 1 })
    })
    await shelve({ capacitor: { id: id(), sections: [{ section: 'single', uF: 5 }], volts: 370 }, count: 3 })
    const bytes = await bytesOf()
    await inSecondFolder(async () => {
      const report = await bringIn(bytes)
      expect(report).toMatchObject({ parts: 1, names: 1, settings: false })
      expect((await readHousehold()).name).not.toBe('Upper Mill')
      expect(await readShelf()).toMatchObject([{ count: 3, capacitor: { volts: 370 } }])
      expect(await readOwnNames()).toMatchObject([{ words: 'the drum' }])
      expect((await stepHistory(jobId, 'undo')).snapshot.job.status).toBe('open')
      // A second time nothing is doubled.
      expect(await bringIn(bytes, { both: 'mine', settings: true })).toMatchObject({
        parts: 0,
        names: 0,
        jobs: 0,
        settings: true,
      })
      expect(await readHousehold()).toMatchObject({ id: 'home', name: 'Upper Mill', fahrenheit: 1 })
    })
  })

  it('brings the years of the house along, once, and nothing that names what is not here', async () => {
    const jobId = await repairedJob()
    const { machine } = (await readJob(jobId)).snapshot
    const machineId = machine.id
    await actOnHouse({
      kind: 'readings.add',
      machineId,
      readings: [{ what: 'currentA', typed: '0.4', at: '2025-06-02' }],
    })
    await actOnHouse({ kind: 'fitted.put', machineId, what: 'belt', name: 'A-42', since: '2024-01-01' })
    const { made } = await actOnHouse({ kind: 'breaker.put', name: '14', amps: '15' })
    await actOnHouse({ kind: 'load.put', breakerId: made[0]?.id, name: 'hall light', found: 'switched' })
    await actOnHouse({ kind: 'round.begin', name: 'Spring', items: [{ machineId, task: 'listen' }] })
    const bytes = await bytesOf()
    await inSecondFolder(async () => {
      const { house } = await bringIn(bytes)
      expect(house).toBeGreaterThanOrEqual(6)
      const rows = await loadHouse((await store()).db)
      expect(rows.fitted).toMatchObject([{ name: 'A-42', machineId }])
      expect(rows.loads).toMatchObject([{ name: 'hall light' }])
      expect(rows.items).toMatchObject([{ task: 'listen', machineId }])
      expect((await measuredAt((await store()).db, machineId)).measured).toMatchObject([{ value: 0.4 }])
      expect((await bringIn(bytes)).house).toBe(0)
    })
    const files = unzipSync(bytes)
    const changed = (name: string, rows: unknown) =>
      Buffer.from(zipSync({ ...files, [name]: new TextEncoder().encode(JSON.stringify(rows)) }))
    await inSecondFolder(async () => {
      const stray = {
        id: 'stray-row',
        machineId: 'nobody',
        what: 'belt',
        name: 'x',
        figures: '',
        since: '',
        boughtFrom: '',
        warrantyUntil: '',
        goneAt: null,
      }
      await bringIn(changed('house/fitted.json', [stray]))
      expect((await loadHouse((await store()).db)).fitted).toEqual([])
      for (const bad of [
        { ...stray, what: 'engine' },
        { ...stray, since: '2024-02-30' },
        { ...stray, more: 1 },
      ])
        await expect(bringIn(changed('house/fitted.json', [bad]))).rejects.toMatchObject({
          code: 'bad-archive',
        })
      await expect(bringIn(changed('house/guest.json', []))).rejects.toMatchObject({ code: 'bad-archive' })
    })
  })

  it('puts back no step of a job that is made dead anew', async () => {
    const open = await openJob({ symptom: 'open', family: 'hrv-fan', findings: [] })
    await proveDead(open)
    const bytes = await bytesOf([open])
    await inSecondFolder(async () => {
      await bringIn(bytes)
      await expect(stepHistory(open, 'undo')).rejects.toMatchObject({ code: 'nothing-to-undo' })
    })
  })

  it('of an older version comes in', async () => {
    const jobId = await repairedJob()
    const files = unzipSync(await bytesOf([jobId]))
    delete files[`events/${jobId}.json`]
    files['rest-cog.json'] = new TextEncoder().encode(
      JSON.stringify({ format: 'rest-cog-archive', version: 2, madeAt: '' }),
    )
    const { 'rest-cog.json': head, ...rest } = files
    await inSecondFolder(async () => {
      expect(await bringIn(zipSync({ 'rest-cog.json': head!, ...rest }))).toMatchObject({ jobs: 1 })
      expect((await readJob(jobId)).snapshot.job.symptom).toBe('hums')
    })
  })
})

describe('a job that both have', () => {
  const both = async () => {
    const jobId = await repairedJob()
    const bytes = await bytesOf([jobId])
    await actOnJob(jobId, [{ kind: 'job.edit', field: 'lesson', value: 'written here since' }])
    return { jobId, bytes }
  }
  it('becomes as in the archive where that is chosen', async () => {
    const { jobId, bytes } = await both()
    expect(await bringIn(bytes, { both: 'theirs', settings: false })).toMatchObject({
      replaced: ['Bath'],
      jobs: 0,
    })
    expect((await readJob(jobId)).snapshot.job.lesson).toBe('')
  })

  it('comes in as a second one where that is chosen, with names of its own for everything', async () => {
    const { jobId, bytes } = await both()
    const before = (await readJob(jobId)).snapshot
    expect(await bringIn(bytes, { both: 'copy', settings: false })).toMatchObject({ jobs: 1, known: [] })
    expect((await readJob(jobId)).snapshot).toEqual(before)
    const { db } = await store()
    const copy = (await listJobs(db)).find(
      ({ id: other, machineId }) => other !== jobId && machineId === before.machine.id,
    )
    const { snapshot } = await readJob(copy?.id ?? '')
    expect(snapshot.ledger.map(({ part }) => part)).toEqual(before.ledger.map(({ part }) => part))
    expect(snapshot.proofReadings.map(({ proofId }) => proofId)).toEqual(
      snapshot.proofReadings.map(() => snapshot.proofs[0]?.id),
    )
    const ids = new Set(listTables.flatMap((table) => before[table].map((row) => row.id)))
    for (const table of listTables)
      expect(snapshot[table].filter((row) => ids.has(row.id) || row.jobId === jobId)).toEqual([])
  })

  it('that was deleted here comes again', async () => {
    const { jobId, bytes } = await both()
    await deleteThing('job', jobId, '')
    await expect(readJob(jobId)).rejects.toMatchObject({ code: 'deleted-job' })
    expect(await bringIn(bytes)).toMatchObject({ jobs: 1, known: [] })
    expect((await readJob(jobId)).snapshot.job.lesson).toBe('')
  })

  it('and is open shares the energy of the open job that its machine has here', async () => {
    const first = await openJob({ symptom: 'one', family: 'hrv-fan', findings: [] })
    const { machine } = (await readJob(first)).snapshot
    const bytes = await bytesOf([first])
    await actOnJob(first, [{ kind: 'job.close', result: 'not-mended' }])
    const second = await openJob({ symptom: 'two', family: 'hrv-fan', machineId: machine.id, findings: [] })
    await proveDead(second)
    await bringIn(bytes, { both: 'copy', settings: false })
    const { db } = await store()
    const copy = (await listJobs(db)).find(
      ({ id: other, machineId }) => ![first, second].includes(other) && machineId === machine.id,
    )
    expect((await readJob(copy?.id ?? '')).snapshot.job.energyJob).toBe(second)
  })
})

describe('an archive with a value that cannot be', () => {
  it.each([
    ['job', 'openedAt', 'x'],
    ['job', 'closedAt', '2026-02-30T10:00:00Z'],
    ['job', 'rev', -1],
    ['log', 'at', 'yesterday'],
    ['photos', 'hash', '../../etc/passwd'],
    ['readings', 'value', '1e999'],
  ])('%s.%s = %j is refused', async (table, column, value) => {
    const jobId = await repairedJob()
    const files = unzipSync(await bytesOf([jobId]))
    const name = `jobs/${jobId}.json`
    const job = JSON.parse(new TextDecoder().decode(files[name])) as Record<string, unknown>
    const row = table === 'job' ? job.job : (job[table] as unknown[])[0]
    if (row === undefined) job[table] = [{ [column]: value }]
    else Object.assign(row as object, { [column]: value })
    const { 'rest-cog.json': head, ...rest } = files
    const bytes = zipSync({
      'rest-cog.json': head!,
      ...rest,
      [name]: new TextEncoder().encode(JSON.stringify(job)),
    })
    await inSecondFolder(async () => {
      await expect(bringIn(bytes)).rejects.toMatchObject({ code: 'bad-archive' })
    })
  })
})

describe('an archive that is damaged, huge or hostile', () => {
  const head = { 'rest-cog.json': text({ format: 'rest-cog-archive', version: 1, madeAt: '' }) }
  const none = { ...head, 'machines.json': text([]) }

  function text(json: unknown): Uint8Array {
    return new TextEncoder().encode(JSON.stringify(json))
  }

  const refused = async (bytes: Uint8Array, words: RegExp) => {
    const { db, folder } = await store()
    const rows = async () => (await db.selectFrom('job').select('id').execute()).length
    const before = await rows()
    await expect(bringIn(bytes)).rejects.toThrow(words)
    expect(await rows()).toBe(before)
    expect(() => statSync(join(folder.path, '..', 'evil.txt'))).toThrow()
  }

  it('is refused where it is no zip file, cut off, or not an archive', async () => {
    const whole = await bytesOf()
    await refused(new TextEncoder().encode('not a zip at all'), /no zip file/)
    await refused(whole.subarray(0, Math.floor(whole.length * 0.6)), /Nothing was brought in/)
    await refused(zipSync({ 'machines.json': text([]) }), /does not begin as one/)
    await refused(
      zipSync({ 'rest-cog.json': text({ format: 'rest-cog-archive', version: 99 }) }),
      /newer Rest Cog/,
    )
  })

  it('is refused where an entry would leave its folder, or is none that an archive has', async () => {
    await refused(zipSync({ ...none, '../evil.txt': text('x') }), /holds “\.\.\/evil\.txt”/)
    await refused(zipSync({ ...none, 'photos/../../evil.webp': text('x') }), /Nothing was brought in/)
    await refused(zipSync({ ...none, 'jobs/x/y.json': text({}) }), /Nothing was brought in/)
  })

  it('is refused where it unfolds into far more than it may', async () => {
    const bomb = zipSync({ ...none, 'jobs/bomb.json': new Uint8Array(60_000_000) }, { level: 9 })
    expect(bomb.length).toBeLessThan(200_000)
    await refused(bomb, /far too large/)
  })

  it('is refused where a photo is another picture than its name says, or none', async () => {
    const webp = await sharp({ create: { width: 9, height: 9, channels: 3, background: '#123' } })
      .webp()
      .toBuffer()
    await refused(
      zipSync({ ...none, [`photos/${'ab'.repeat(32)}.webp`]: webp }),
      /a photo is not the one it says/,
    )
  })

  it('is refused where a job has no machine, or a row wears the id of one that is here', async () => {
    const jobId = await repairedJob()
    const {
      machine,
      household: _household,
      beside: _beside,
      onCircuit: _onCircuit,
      circuits: _circuits,
      hanging: _hanging,
      ...job
    } = (await readJob(jobId)).snapshot
    const file = (change: object) => ({ ...job, ...change })
    await refused(zipSync({ ...none, 'jobs/lonely.json': text(file({})) }), /a job has no machine/)
    const taken = JSON.parse(JSON.stringify(file({})).replaceAll(jobId, 'another-job'))
    await refused(
      zipSync({ ...head, 'machines.json': text([machine]), 'jobs/another-job.json': text(taken) }),
      /has the id of a row that is here/,
    )
  })

  it('leaves nothing behind that was sent', async () => {
    const { folder } = await store()
    writeFileSync(join(folder.path, 'probe'), '')
    await refused(zipSync(none).subarray(0, 40), /Nothing was brought in/)
    const { readdirSync } = await import('node:fs')
    expect(readdirSync(join(folder.path, 'incoming'))).toEqual([])
  })
})

describe('uploads that were begun and left', () => {
  it('are few at once, and make room after an hour', async () => {
    const now = Date.now()
    const begun = await Promise.all(Array.from({ length: 4 }, () => beginIncoming(now)))
    await expect(beginIncoming(now)).rejects.toMatchObject({ code: 'too-many' })
    const later = await beginIncoming(now + 2 * 3_600_000)
    for (const each of [...begun, later]) await dropIncoming(each)
  })
})
