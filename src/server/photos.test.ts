import { existsSync, readdirSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import sharp from 'sharp'
import { describe, expect, it } from 'vitest'
import { labels } from '@/core/job/ledger/labels'
import { transact } from '@/data/database'
import { actOnJob, openJob, readJob, stepHistory } from './jobs'
import { removeOrphans } from './orphans'
import { keepPhoto, readPhoto, setMachinePicture } from './photos'
import { store } from './store'
import { ownDataFolder } from './testStore.testing'

ownDataFolder()

const picture = (width: number, height: number, colour = '#884422') =>
  sharp({ create: { width, height, channels: 3, background: colour } })

describe('a picture', () => {
  it('is kept once, however often it is given, in a file named by its content', async () => {
    const bytes = await picture(60, 40).png().toBuffer()
    const hash = await keepPhoto(bytes, 'plate')
    expect(hash).toMatch(/^[0-9a-f]{64}$/)
    expect(await keepPhoto(bytes, 'plate again')).toBe(hash)
    const { db, folder } = await store()
    expect(existsSync(join(folder.photos, `${hash}.webp`))).toBe(true)
    const rows = await db.selectFrom('photo').selectAll().where('hash', '=', hash).execute()
    expect(rows).toMatchObject([{ width: 60, height: 40, caption: 'plate' }])
  })

  it('is made no larger than it needs to be, and never enlarged', async () => {
    const sizeOf = async (width: number, height: number) => {
      const hash = await keepPhoto(
        await picture(width, height, `#${width}`.padEnd(7, '0').slice(0, 7)).png().toBuffer(),
        '',
      )
      const { width: w, height: h } = await sharp(await readPhoto(hash)).metadata()
      return [w, h]
    }
    expect(await sizeOf(3200, 1000)).toEqual([1600, 500])
    expect(await sizeOf(200, 100)).toEqual([200, 100])
  })

  it('loses where and by what it was taken, and stands upright', async () => {
    const sideways = await picture(80, 40, '#113355')
      .withExif({ IFD0: { Make: 'A camera' }, IFD3: { GPSLatitude: '51/1 0/1 0/1' } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer()
    const kept = await sharp(await readPhoto(await keepPhoto(sideways, ''))).metadata()
    expect(kept.exif).toBeUndefined()
    expect([kept.width, kept.height]).toEqual([40, 80])
  })

  it('is refused with what to do where it is none', async () => {
    await expect(keepPhoto(Buffer.from('a text'), '')).rejects.toMatchObject({
      code: 'not-a-picture',
      message: expect.stringMatching(/Choose a JPEG, PNG or WebP/),
    })
  })

  it('is not found under a name that is no hash, and not outside its folder', async () => {
    for (const name of ['../rest-cog.db', '', 'x', 'f'.repeat(63)])
      await expect(readPhoto(name)).rejects.toMatchObject({ code: 'unknown-photo' })
    await expect(readPhoto('f'.repeat(64))).rejects.toMatchObject({
      message: expect.stringMatching(/missing from the data folder/),
    })
  })

  it('becomes the picture of a machine', async () => {
    const jobId = await openJob({ symptom: '', family: 'ceiling-fan', findings: [] })
    const { machine } = (await readJob(jobId)).snapshot
    const hash = await setMachinePicture(machine.id, await picture(30, 30).png().toBuffer())
    expect((await readJob(jobId)).snapshot.machine.pictureHash).toBe(hash)
  })
})

describe('what is no photo', () => {
  it('a drawing in markup is refused, whatever it would show', async () => {
    const drawing = Buffer.from(
      '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><image href="file:///etc/passwd"/></svg>',
    )
    await expect(keepPhoto(drawing, '')).rejects.toMatchObject({ code: 'not-a-picture' })
  })

  it('a small file that claims more pixels than memory holds is refused before it is decoded', async () => {
    const bytes = await picture(8, 8).png().toBuffer()
    // Width and height of a PNG stand behind its signature and the length and name of its first chunk.
    bytes.writeUInt32BE(60_000, 16)
    bytes.writeUInt32BE(60_000, 20)
    await expect(keepPhoto(bytes, '')).rejects.toMatchObject({ code: 'not-a-picture' })
  })

  it('many at once are all kept, and no half file is left', async () => {
    const some = await Promise.all(
      Array.from({ length: 7 }, (_, i) =>
        picture(40 + i, 30)
          .png()
          .toBuffer(),
      ),
    )
    const hashes = await Promise.all(some.map((bytes) => keepPhoto(bytes, '')))
    expect(new Set(hashes).size).toBe(7)
    const { folder } = await store()
    expect(readdirSync(folder.photos).filter((name) => name.endsWith('.new'))).toEqual([])
  })
})

describe('a picture that nothing names', () => {
  const later = Date.now() + 26 * 3_600_000

  it('goes with its file after a day, and never one that a row names, or an act of the last day', async () => {
    const opened = await store()
    const jobId = await openJob({ symptom: '', family: 'hrv-fan', findings: [] })
    const { machine } = (await readJob(jobId)).snapshot
    const [machines, undone, orphan] = await Promise.all(
      ['#111111', '#222222', '#333333'].map(async (colour) =>
        keepPhoto(await picture(50, 50, colour).png().toBuffer(), ''),
      ),
    )
    await setMachinePicture(machine.id, await readPhoto(machines!))
    const edit = (value: string, field = 'platePictureHash') =>
      actOnJob(jobId, [{ kind: 'machine.edit', field, value }])
    const kept = await Promise.all(
      (['capacitor', 'appliance'] as const).map(async (kind, i) => {
        const hash = await keepPhoto(await picture(50, 50, ['#445566', '#665544'][i]!).png().toBuffer(), '')
        return { column: labels[kind].column, hash }
      }),
    )
    for (const { column, hash } of kept) await edit(hash, column)
    await edit(undone!)
    await stepHistory(jobId, 'undo')
    await removeOrphans(opened)
    await expect(readPhoto(orphan!), 'it is young').resolves.toBeInstanceOf(Buffer)
    const yesterday = new Date(Date.now() - 25 * 3_600_000).toISOString()
    await transact(opened.db, (trx) => trx.updateTable('photo').set({ at: yesterday }).execute())
    await removeOrphans(opened)
    await expect(readPhoto(undone!)).resolves.toBeInstanceOf(Buffer)
    for (const { column, hash } of kept) await expect(readPhoto(hash), column).resolves.toBeInstanceOf(Buffer)
    await stepHistory(jobId, 'redo')
    expect((await readJob(jobId)).snapshot.machine.platePictureHash).toBe(undone)
    await stepHistory(jobId, 'undo')
    await removeOrphans(opened, later)
    await expect(readPhoto(undone!)).rejects.toMatchObject({ code: 'unknown-photo' })
    await expect(readPhoto(orphan!)).rejects.toMatchObject({ code: 'unknown-photo' })
    // Nothing offers to bring back what cannot come.
    await expect(stepHistory(jobId, 'redo')).rejects.toMatchObject({ code: 'nothing-to-redo' })
    for (const { column, hash } of kept) await expect(readPhoto(hash), column).resolves.toBeInstanceOf(Buffer)
  })
})

describe('a photos folder that was taken away', () => {
  it('says so in the place of its pictures, and is there again with the next one', async () => {
    const { folder } = await store()
    const kept = await keepPhoto(await picture(30, 30, '#334455').png().toBuffer(), '')
    rmSync(folder.photos, { recursive: true })
    await expect(readPhoto(kept)).rejects.toMatchObject({ code: 'unknown-photo' })
    const again = await keepPhoto(await picture(30, 30, '#554433').png().toBuffer(), '')
    await expect(readPhoto(again)).resolves.toBeInstanceOf(Buffer)
  })
})
