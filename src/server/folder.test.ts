import { copyFileSync, existsSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { sql } from 'kysely'
import { describe, expect, it } from 'vitest'
import { fileTrouble } from '@/data/trouble'
import { folderState } from './folderState'
import { readBench } from './household'
import { answer } from './http'
import { actOnJob, openJob, readJob } from './jobs'
import { openStore, store } from './store'
import { ownDataFolder } from './testStore.testing'
import { seenWithoutLog, withoutLogSince } from './withoutLog'

ownDataFolder()

describe('a disk that is full', () => {
  it('is told by its name and stores nothing by halves; pages are read all the same, and it is written again with room', async () => {
    const jobId = await openJob({ symptom: 'hums', family: 'bath-exhaust-fan' })
    const { db } = await store()
    const { rows } = await sql<{ page_count: number }>`pragma page_count`.execute(db)
    await sql.raw(`pragma max_page_count = ${rows[0]?.page_count}`).execute(db)
    const write = () =>
      actOnJob(
        jobId,
        Array.from({ length: 400 }, (_, i) => ({
          kind: 'ledger.add',
          id: `line-${1000 + i}-00000000`,
          after: null,
          line: { part: 'p'.repeat(900), action: 'unscrew' },
        })),
      )
    const answered = await answer(write)
    expect(answered.status).toBe(507)
    expect((await answered.json()).error).toMatchObject({ code: 'disk-full' })
    expect((await readJob(jobId)).snapshot.ledger).toEqual([])
    expect((await readBench()).open.map(({ job }) => job.id)).toContain(jobId)
    await sql.raw('pragma max_page_count = 1073741823').execute(db)
    await write()
    expect((await readJob(jobId)).snapshot.ledger).toHaveLength(400)
  })

  it('is known however the system says it', () => {
    expect(fileTrouble(Object.assign(new Error('x'), { code: 'ENOSPC' }))?.message).toMatch(/disk .* is full/)
  })
})

describe('a data file that came without its log', () => {
  it('is told until somebody has seen it', async () => {
    await openJob({ symptom: 'hums', family: 'bath-exhaust-fan' })
    const { folder } = await store()
    expect((await folderState()).withoutLog).toBeNull()
    const copy = mkdtempSync(join(tmpdir(), 'rest-cog-copy-'))
    copyFileSync(folder.database, join(copy, 'rest-cog.db'))
    expect(existsSync(`${folder.database}-wal`)).toBe(true)
    const opened = await openStore(copy)
    expect(withoutLogSince(copy)).toMatch(/^\d{4}-/)
    await opened.db.destroy()
    // In order from now on, it is told all the same.
    await (await openStore(copy)).db.destroy()
    expect(withoutLogSince(copy)).not.toBeNull()
    seenWithoutLog(copy)
    expect(withoutLogSince(copy)).toBeNull()
    rmSync(copy, { recursive: true })
  })
})
