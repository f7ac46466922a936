import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { unzipSync, zipSync } from 'fflate'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { energyOf } from '@/core/job'
import { transact } from '@/data/database'
import { keepOwnName, listJobs, listOwnNames } from '@/data/household'
import { beginIncoming, takePiece } from '../archive'
import { checkFolder } from '../checkFolder'
import { deleteThing } from '../deleting'
import { folderState } from '../folderState'
import { readHousehold } from '../household'
import { actOnJob, openJob, readJob, stepHistory } from '../jobs'
import { readShelf, shelve } from '../parts'
import { keepPhoto, readPhoto } from '../photos'
import { store } from '../store'
import { id, ownDataFolder, proveDead } from '../testStore.testing'
import { layAside, takeBack } from './aside'
import { backupStream } from './make'
import { backUpByPlan, backUpIfDue, changePlan, readPlan } from './plan'
import { openBackup, restoreHere, restoreInto } from './restore'

ownDataFolder()

let elsewhere: string
beforeAll(() => {
  elsewhere = mkdtempSync(join(tmpdir(), 'rest-cog-backups-'))
})
afterAll(() => rmSync(elsewhere, { recursive: true, force: true }))

const backup = async (): Promise<Buffer> =>
  Buffer.from(await new Response(await backupStream()).arrayBuffer())

async function upload(bytes: Uint8Array): Promise<string> {
  const upload = await beginIncoming()
  await takePiece(upload, 0, Buffer.from(bytes))
  return upload
}

/** A household with something of everything in it. */
async function lived() {
  const jobId = await openJob({ symptom: 'hums', family: 'bath-exhaust-fan', name: 'Bath fan' })
  const photo = await keepPhoto(
    await sharp({ create: { width: 40, height: 30, channels: 3, background: '#446622' } })
      .png()
      .toBuffer(),
    '',
  )
  const line = id()
  await proveDead(jobId)
  await actOnJob(jobId, [
    { kind: 'ledger.add', id: line, after: null, line: { part: 'grille', action: 'photo' } },
    { kind: 'photo.add', id: id(), lineId: line, hash: photo, caption: 'grille', way: 'in' },
  ])
  const { db } = await store()
  const name = { words: 'the whirly', family: 'bath-exhaust-fan' as const, machineId: null, learnedAt: '' }
  await transact(db, (trx) => keepOwnName(trx, name))
  await shelve({ capacitor: { id: id(), sections: [{ section: 'single', uF: 7.5 }], volts: 440 }, count: 2 })
  return { jobId, photo }
}

describe('a backup', () => {
  it('brings back the household as it was: jobs, photos, shelf, names, and what can be taken back', async () => {
    const { jobId, photo } = await lived()
    const bytes = await backup()
    expect(Object.keys(unzipSync(bytes)).slice(0, 2)).toEqual(['rest-cog-backup.json', 'rest-cog.db'])
    const before = (await readJob(jobId)).snapshot
    const other = await openJob({ symptom: 'came later', family: 'hrv-fan' })
    await actOnJob(jobId, [{ kind: 'job.edit', field: 'symptom', value: 'changed since' }])
    const changed = (await readJob(jobId)).snapshot
    const { folder } = await store()
    rmSync(join(folder.photos, `${photo}.webp`))
    const opened = await upload(bytes)
    const preview = await openBackup(opened)
    expect(preview.comparison.goes).toMatchObject({
      count: 1,
      titles: [expect.stringContaining('came later')],
    })
    expect(preview.comparison.goesBack.count).toBe(1)
    expect(preview).toMatchObject({ jobs: 1, machines: 1, photos: 1, parts: 1, open: 1 })
    expect((await readJob(other)).snapshot.job.symptom, 'a look changes nothing').toBe('came later')
    const aside = await restoreHere(opened)
    const after = (await readJob(jobId)).snapshot
    expect(after.job.symptom).toBe('hums')
    expect(after.job.rev, 'windows that were open read it anew').toBeGreaterThan(changed.job.rev)
    expect(after.ledger).toEqual(before.ledger)
    expect(after.photos).toEqual(before.photos)
    await expect(readPhoto(photo)).resolves.toBeInstanceOf(Buffer)
    await expect(readJob(other)).rejects.toMatchObject({ code: 'unknown-job' })
    const { db } = await store()
    expect(await listOwnNames(db)).toMatchObject([{ words: 'the whirly' }])
    expect(await readShelf()).toMatchObject([{ count: 2 }])
    expect((await stepHistory(jobId, 'undo')).text).toMatch(/grille/i)
    expect(existsSync(join(aside, 'rest-cog.db'))).toBe(true)
    expect((await folderState()).copies.map(({ name }) => name)).toContain(aside.split('/').at(-1))
  })

  it('is never believed about power', async () => {
    const { jobId } = await lived()
    expect(energyOf((await readJob(jobId)).snapshot, Date.now()).handsIn).toBe(true)
    const opened = await upload(await backup())
    await openBackup(opened)
    await restoreHere(opened)
    const { snapshot } = await readJob(jobId)
    expect(energyOf(snapshot, Date.now()).handsIn).toBe(false)
    expect(snapshot.log.at(-1)?.detail).toBe('the household was restored from a backup')
  })

  it('goes into a folder of its own as well, and opens there', async () => {
    const { jobId } = await lived()
    const opened = await upload(await backup())
    await openBackup(opened)
    await expect(restoreInto(opened, 'somewhere')).rejects.toMatchObject({ code: 'bad-folder' })
    await expect(restoreInto(opened, elsewhere.replace(/[^/]*$/, ''))).rejects.toMatchObject({
      code: 'bad-folder',
    })
    const target = await restoreInto(opened, join(elsewhere, 'beside'))
    expect(readdirSync(target).sort()).toEqual(expect.arrayContaining(['photos', 'rest-cog.db']))
    expect((await readJob(jobId)).snapshot.job.symptom).toBe('hums')
    await expect(restoreHere(opened)).rejects.toMatchObject({ code: 'unknown-archive' })
  })

  const changed = (bytes: Uint8Array, change: (files: Record<string, Uint8Array>) => void) => {
    const files = unzipSync(bytes)
    change(files)
    return zipSync(files)
  }

  it.each([
    ['no zip file', () => Buffer.from('dear diary, '.repeat(99))],
    ['nothing of ours', () => zipSync({ 'letters.txt': new Uint8Array(9) })],
    ['an entry beside the folder', () => zipSync({ '../door.json': new Uint8Array(9) })],
    ['no database', (bytes: Uint8Array) => changed(bytes, (files) => delete files['rest-cog.db'])],
    [
      'a database that is none',
      (bytes: Uint8Array) =>
        changed(bytes, (files) => {
          files['rest-cog.db'] = new Uint8Array(5000).fill(90)
        }),
    ],
    [
      'another photo than it says',
      (bytes: Uint8Array) =>
        changed(bytes, (files) => {
          files[`photos/${'0'.repeat(64)}.webp`] = new Uint8Array(40)
        }),
    ],
    ['a cut end', (bytes: Uint8Array) => bytes.slice(0, bytes.length - 3000)],
  ])('with %s is refused, and nothing is changed', async (_, make) => {
    const bytes = await backup()
    const opened = await upload(make(bytes))
    const count = (await listJobs((await store()).db)).length
    await expect(openBackup(opened)).rejects.toMatchObject({ code: expect.stringMatching(/^bad-/) })
    await expect(restoreHere(opened)).rejects.toMatchObject({ code: 'unknown-archive' })
    expect(await listJobs((await store()).db)).toHaveLength(count)
    expect(
      readdirSync(join((await store()).folder.path, 'incoming')).filter((name) =>
        name.startsWith('restore-'),
      ),
    ).toEqual([])
  })

  it('that cannot be opened in its place leaves what was here', async () => {
    const { jobId } = await lived()
    const opened = await upload(await backup())
    await openBackup(opened)
    const { path } = (await store()).folder
    writeFileSync(join(path, 'incoming', `restore-${opened}`, 'rest-cog.db'), 'no database any more')
    await expect(restoreHere(opened)).rejects.toThrow()
    expect((await readJob(jobId)).snapshot.job.symptom).toBe('hums')
    expect(existsSync(join(path, 'restoring.json'))).toBe(false)
  })
})

describe('a restore that is cut off', () => {
  const folderOf = (files: Record<string, string>) => {
    const path = mkdtempSync(join(elsewhere, 'cut-'))
    mkdirSync(join(path, 'photos'))
    for (const [name, text] of Object.entries(files)) writeFileSync(join(path, name), text)
    return path
  }
  const read = (path: string) => readFileSync(join(path, 'rest-cog.db'), 'utf8')

  it('is taken back at the next start, whatever was moved by then', async () => {
    const path = folderOf({ 'rest-cog.db': 'mine', 'photos/a.webp': 'a' })
    const staged = folderOf({ 'rest-cog.db': 'theirs', 'photos/b.webp': 'b' })
    await layAside(path, join(path, 'aside'), staged)
    expect(read(path)).toBe('theirs')
    await takeBack(path)
    expect(read(path)).toBe('mine')
    expect(readdirSync(join(path, 'photos'))).toEqual(['a.webp'])
  })

  it('in the middle of laying aside loses nothing', async () => {
    const path = folderOf({ 'rest-cog.db': 'mine', 'rest-cog.db-wal': 'log', 'photos/a.webp': 'a' })
    const aside = join(path, 'aside')
    mkdirSync(aside)
    writeFileSync(join(path, 'restoring.json'), JSON.stringify({ aside }))
    // The log was moved, nothing else.
    writeFileSync(join(aside, 'rest-cog.db-wal'), 'log')
    rmSync(join(path, 'rest-cog.db-wal'))
    await takeBack(path)
    expect(read(path)).toBe('mine')
    expect(readFileSync(join(path, 'rest-cog.db-wal'), 'utf8')).toBe('log')
    expect(readdirSync(join(path, 'photos'))).toEqual(['a.webp'])
  })

  it('that was done is not taken back', async () => {
    const path = folderOf({ 'rest-cog.db': 'mine' })
    const done = await layAside(path, join(path, 'aside'), folderOf({ 'rest-cog.db': 'theirs' }))
    await done()
    await takeBack(path)
    expect(read(path)).toBe('theirs')
  })
})

describe('backups by the calendar', () => {
  it('go into the folder that was chosen, as whole files, the oldest over their number away', async () => {
    const folder = mkdtempSync(join(elsewhere, 'kept-'))
    writeFileSync(join(folder, 'letters.txt'), 'mine')
    await changePlan({ folder, every: 'day', keep: 2 })
    const start = Date.now()
    expect(await backUpIfDue(start)).toBe(true)
    expect(await backUpIfDue(start + 3_600_000)).toBe(false)
    for (const day of [1, 2, 3]) expect(await backUpIfDue(start + day * 86_400_000)).toBe(true)
    const names = readdirSync(folder).sort()
    expect(names.filter((name) => name.endsWith('.zip'))).toHaveLength(2)
    expect(names).toContain('letters.txt')
    expect((await readPlan()).lastAt).toBe(new Date(start + 3 * 86_400_000).toISOString())
    const [newest = ''] = names.filter((name) => name.endsWith('.zip')).reverse()
    await openBackup(await upload(readFileSync(join(folder, newest))))
  })

  it('say why one failed, and are tried again', async () => {
    const folder = mkdtempSync(join(elsewhere, 'gone-'))
    await changePlan({ folder, every: 'day', keep: 2 })
    rmSync(folder, { recursive: true })
    writeFileSync(folder, 'a file now')
    await expect(backUpByPlan()).rejects.toMatchObject({ code: 'bad-folder' })
    expect((await readPlan()).lastError).toMatch(/There is no folder/)
    rmSync(folder)
    mkdirSync(folder)
    await backUpByPlan()
    expect((await readPlan()).lastError).toBe('')
  })

  it.each([
    [{ folder: 'backups' }, /whole path/],
    [{ folder: '/no/such/folder' }, /no folder/],
    [{ every: 'hour' }, /how often/],
    [{ keep: 0 }, /between 1 and 200/],
    [{ keep: 2.5 }, /between/],
    [{ folder: '', every: 'day' }, /Choose a folder/],
  ])('%j is refused with what to do', async (change, says) => {
    await expect(changePlan(change)).rejects.toThrow(says)
  })

  it('never into the data folder itself', async () => {
    const { path } = (await store()).folder
    await expect(changePlan({ folder: path })).rejects.toMatchObject({ code: 'bad-folder' })
  })
})

describe('a check of the data folder', () => {
  it('names a missing and a damaged photo, a value that cannot be, and what to do; else all is well', async () => {
    for (const job of await listJobs((await store()).db)) await deleteThing('job', job.id, '')
    const { jobId, photo } = await lived()
    expect((await checkFolder()).filter(({ good }) => !good)).toEqual([])
    const { db, folder } = await store()
    writeFileSync(join(folder.photos, `${photo}.webp`), 'no picture')
    const said = async () => (await checkFolder()).filter(({ good }) => !good).map(({ text }) => text)
    expect(await said()).toEqual([expect.stringMatching(/1 photo is damaged/)])
    rmSync(join(folder.photos, `${photo}.webp`))
    await transact(db, (trx) =>
      trx.updateTable('job').set({ openedAt: 'x' }).where('id', '=', jobId).execute(),
    )
    expect(await said()).toEqual([
      expect.stringMatching(/cannot be read \(openedAt of job\)/),
      expect.stringMatching(/1 photo that a line names is missing/),
    ])
    expect((await readHousehold()).id).toBe('home')
  })
})
