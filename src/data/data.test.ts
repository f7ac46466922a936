import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { sql } from 'kysely'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { type Database, dataFolder, openDatabase } from './database'
import { bindable } from './driver'

let path: string
let db: Database
beforeEach(async () => {
  path = mkdtempSync(join(tmpdir(), 'rest-cog-'))
  db = await openDatabase(dataFolder(path))
})
afterEach(async () => {
  await db.destroy()
  rmSync(path, { recursive: true })
})

describe('the driver guard', () => {
  it('turns flags into 0 and 1', () => {
    expect([true, false, null, 'x', 1.5].map(bindable)).toEqual([1, 0, null, 'x', 1.5])
  })

  it.each([[undefined], [{}], [Number.NaN], [() => 1], [[1]]])(
    'refuses %o before it reaches the driver',
    (value) => {
      expect(() => bindable(value)).toThrow(TypeError)
    },
  )
})

describe('the data file', () => {
  it('opens a second time without migrating again', async () => {
    await db.destroy()
    db = await openDatabase(dataFolder(path))
    expect(await db.selectFrom('household').selectAll().execute()).toEqual([])
  })

  it('keeps a write-ahead log and foreign keys', async () => {
    const mode = await sql<{ journal_mode: string }>`pragma journal_mode`.execute(db)
    expect(mode.rows[0]!.journal_mode).toBe('wal')
    await expect(
      db
        .insertInto('job')
        .values({ id: 'x', machineId: 'none' } as never)
        .execute(),
    ).rejects.toThrow(/FOREIGN KEY/i)
  })
})
