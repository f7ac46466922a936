import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { beginIncoming, endIncoming, takePiece } from './archive'
import { archiveStream } from './archive/make'
import { actOnJob, openJob, readJob, stepHistory } from './jobs'
import { removeOrphans } from './orphans'
import { keepRecording, readRecording } from './recordings'
import { store } from './store'
import { id, ownDataFolder } from './testStore.testing'

ownDataFolder()

const DAY = 24 * 3_600_000
const WAV = Buffer.concat([Buffer.from('RIFF\x24\0\0\0WAVEfmt '), Buffer.alloc(64, 7)])
const analysis = JSON.stringify({
  seconds: 4,
  levelDb: -30,
  bands: Array.from({ length: 88 }, () => -50),
  peaks: [],
})

const job = () => openJob({ symptom: 'grinds', family: 'bath-exhaust-fan', name: 'Bath', findings: [] })
const add = (jobId: string, sound: string, kept: 'wav' | null = 'wav') =>
  actOnJob(jobId, [
    { kind: 'sound.add', id: sound, way: 'before', name: 'a.wav', analysis, ...(kept ? { kept } : {}) },
  ])

describe('a recording that somebody asked to keep', () => {
  it('is given back as it came, named by what it is', async () => {
    const [jobId, sound] = [await job(), id()]
    expect(await keepRecording(jobId, sound, WAV)).toBe('wav')
    const kept = await readRecording(jobId, sound)
    expect(kept.type).toBe('audio/wav')
    expect(Buffer.from(kept.bytes).equals(WAV)).toBe(true)
  })

  it('is not found by another job, nor where none is', async () => {
    const [jobId, sound] = [await job(), id()]
    await keepRecording(jobId, sound, WAV)
    for (const [of, own] of [
      [await job(), sound],
      [jobId, id()],
    ] as const)
      await expect(readRecording(of, own)).rejects.toMatchObject({ code: 'unknown-recording' })
  })

  it('is never written over', async () => {
    const [jobId, sound] = [await job(), id()]
    await keepRecording(jobId, sound, WAV)
    await keepRecording(jobId, sound, Buffer.concat([WAV, WAV]))
    expect((await readRecording(jobId, sound)).bytes).toHaveLength(WAV.length)
  })

  it.each([
    ['of no job', 'nothing-here', 'a-sound', WAV, 'unknown-job'],
    ['that is none', null, 'a-sound', Buffer.from('<html>'), 'not-a-sound'],
    ['under a name that is no id', null, '../../etc', WAV, 'invalid-input'],
  ])('is refused where it is one %s', async (_, of, own, file, code) => {
    await expect(keepRecording(of ?? (await job()), own, file)).rejects.toMatchObject({ code })
  })
})

describe('what is kept goes', () => {
  it('a day after its sound was taken away, not while that can be taken back', async () => {
    const [jobId, sound, other] = [await job(), id(), id()]
    for (const own of [sound, other]) {
      await keepRecording(jobId, own, WAV)
      await add(jobId, own)
    }
    await actOnJob(jobId, [{ kind: 'sound.remove', id: sound }])
    const opened = await store()
    await removeOrphans(opened)
    await stepHistory(jobId, 'undo')
    expect((await readRecording(jobId, sound)).bytes).toHaveLength(WAV.length)
    await stepHistory(jobId, 'redo')
    await removeOrphans(opened, Date.now() + 3 * DAY)
    await expect(readRecording(jobId, sound)).rejects.toMatchObject({ code: 'unknown-recording' })
    expect((await readRecording(jobId, other)).bytes).toHaveLength(WAV.length)
  })
})

describe('an archive', () => {
  let elsewhere: string
  beforeAll(() => {
    elsewhere = mkdtempSync(join(tmpdir(), 'rest-cog-second-'))
  })
  afterAll(() => rmSync(elsewhere, { recursive: true, force: true }))

  it('takes what is kept along, and what a copy beside it says of it is true', async () => {
    const [jobId, sound] = [await job(), id()]
    await keepRecording(jobId, sound, WAV)
    await add(jobId, sound)
    const bytes = Buffer.from(await new Response(await archiveStream([jobId])).arrayBuffer())
    const bringIn = async (both: 'mine' | 'copy') => {
      const upload = await beginIncoming()
      await takePiece(upload, 0, bytes)
      return endIncoming(upload, { both, settings: false })
    }
    await bringIn('copy')
    const { db } = await store()
    const copies = await db
      .selectFrom('sound')
      .select(['jobId', 'kept'])
      .where('name', '=', 'a.wav')
      .where('id', '!=', sound)
      .execute()
    expect(copies.filter((row) => row.jobId !== jobId && row.kept === null).length).toBeGreaterThanOrEqual(1)
    // In a household that never had it.
    const holder = globalThis as unknown as { restCogStore?: unknown }
    const [first, opened] = [process.env.RESTCOG_DATA, holder.restCogStore]
    process.env.RESTCOG_DATA = elsewhere
    holder.restCogStore = undefined
    try {
      await bringIn('mine')
      expect((await readJob(jobId)).snapshot.sounds[0]?.kept).toBe('wav')
      expect(Buffer.from((await readRecording(jobId, sound)).bytes).equals(WAV)).toBe(true)
    } finally {
      await (await store()).db.destroy()
      process.env.RESTCOG_DATA = first
      holder.restCogStore = opened
    }
  })
})
