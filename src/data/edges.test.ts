import {
  copyFileSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Kysely, SqliteDialect, sql } from 'kysely'
import LibsqlDatabase from 'libsql'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { copyOf, dataFolder, openDatabase, transact } from './database'
import { openFile } from './driver'
import { inspectFile } from './fileState'
import { lockFolder, unlockFolder } from './folderLock'
import { migrate } from './migrations'
import { fileTrouble } from './trouble'

let path: string
beforeEach(() => {
  path = mkdtempSync(join(tmpdir(), 'rest-cog-edge-'))
})
afterEach(() => rmSync(path, { recursive: true, force: true }))

const fileOf = () => join(path, 'rest-cog.db')
const open = () => openDatabase(dataFolder(path))
const raw = (file = fileOf()) =>
  new Kysely<never>({ dialect: new SqliteDialect({ database: openFile(file) as never }) })

/** A sound file, closed, with no log beside it. */
async function soundFile() {
  const db = await open()
  await sql`pragma wal_checkpoint(truncate)`.execute(db)
  await db.destroy()
}

describe('a file that cannot be opened is told in one sentence with what to do', () => {
  it('of no bytes', async () => {
    dataFolder(path)
    writeFileSync(fileOf(), '')
    await expect(open()).rejects.toMatchObject({
      code: 'file-empty',
      message: expect.stringContaining('backup'),
    })
  })

  it('that is something else, which stays as it is', async () => {
    dataFolder(path)
    writeFileSync(fileOf(), 'dear diary, '.repeat(40))
    await expect(open()).rejects.toMatchObject({ code: 'file-foreign' })
    expect(readFileSync(fileOf(), 'utf8')).toContain('dear diary')
  })

  it('that is cut off', async () => {
    await soundFile()
    truncateSync(fileOf(), 8192)
    await expect(open()).rejects.toMatchObject({ code: 'file-truncated' })
  })

  it('whose pages are garbage', async () => {
    await soundFile()
    const bytes = readFileSync(fileOf())
    bytes.fill(0x5a, 100)
    writeFileSync(fileOf(), bytes)
    await expect(open()).rejects.toMatchObject({ code: expect.stringMatching(/^file-/) })
  })

  it('that belongs to another program, which stays as it is', async () => {
    dataFolder(path)
    const other = raw()
    await sql`create table "recipes" ("name" text)`.execute(other)
    await other.destroy()
    await expect(open()).rejects.toMatchObject({ code: 'file-foreign' })
    const after = raw()
    const { rows } = await sql<{ name: string }>`select name from sqlite_master`.execute(after)
    expect(rows).toEqual([{ name: 'recipes' }])
    await after.destroy()
  })

  it('that a newer program wrote', async () => {
    await soundFile()
    const db = raw()
    await sql`insert into kysely_migration (name, timestamp) values ('9999-later', '2030-01-01')`.execute(db)
    await db.destroy()
    await expect(open()).rejects.toMatchObject({
      code: 'file-newer',
      message: expect.stringContaining('9999-later'),
    })
  })
})

describe('before a file is brought up to date', () => {
  it('a copy of it is laid beside it, once, and opens as it was', async () => {
    const folder = dataFolder(path)
    const old = raw()
    await migrate(old, '0003-judgement')
    await old.destroy()
    await (await openDatabase(folder)).destroy()
    const copies = readdirSync(path).filter((name) => name.startsWith('rest-cog-before-'))
    expect(copies).toEqual(['rest-cog-before-0004-safety.db'])
    const copy = mkdtempSync(join(tmpdir(), 'rest-cog-copy-'))
    copyFileSync(join(path, copies[0] ?? ''), join(copy, 'rest-cog.db'))
    const before = raw(join(copy, 'rest-cog.db'))
    const done = await sql<{ name: string }>`select name from kysely_migration`.execute(before)
    expect(done.rows).toHaveLength(3)
    await before.destroy()
    rmSync(copy, { recursive: true, force: true })
  })

  it('a new folder needs none', async () => {
    await soundFile()
    expect(readdirSync(path).filter((name) => name.includes('before'))).toEqual([])
  })
})

describe('one server for each folder', () => {
  const OTHER = process.ppid

  it('a second one is refused with the process that has it', () => {
    lockFolder(path, OTHER)
    expect(() => lockFolder(path)).toThrow(new RegExp(`process ${OTHER}`))
  })

  it('its own lock and that of a process that is gone count for nothing', () => {
    lockFolder(path)
    expect(() => lockFolder(path)).not.toThrow()
    unlockFolder(path)
    writeFileSync(join(path, 'server.lock'), JSON.stringify({ pid: 2 ** 22 - 1, start: '1' }))
    expect(() => lockFolder(path)).not.toThrow()
    unlockFolder(path)
  })

  it('a process id that was given again is told apart by its start', () => {
    writeFileSync(join(path, 'server.lock'), JSON.stringify({ pid: OTHER, start: '1' }))
    expect(() => lockFolder(path)).not.toThrow()
    unlockFolder(path)
  })

  it('a damaged lock holds nobody up', () => {
    writeFileSync(join(path, 'server.lock'), 'x')
    expect(() => lockFolder(path)).not.toThrow()
    unlockFolder(path)
  })
})

describe('a copy of a folder', () => {
  const copied = (names: string[]) => {
    const copy = mkdtempSync(join(tmpdir(), 'rest-cog-copy-'))
    for (const name of names) copyFileSync(join(path, name), join(copy, name))
    return copy
  }

  it('opens beside the one that is served: the lock that came along is not its own', () => {
    lockFolder(path, process.ppid)
    const copy = copied(['server.lock'])
    expect(() => lockFolder(copy)).not.toThrow()
    unlockFolder(copy)
    rmSync(copy, { recursive: true })
  })

  it('of a file in use without its log is known for one; with its log, or closed in order, it is whole', async () => {
    const db = await open()
    const name = { words: 'x', family: 'hrv-fan' as const, machineId: null, learnedAt: '' }
    await transact(db, (trx) => trx.insertInto('own_name').values(name).execute())
    const without = copied(['rest-cog.db'])
    const whole = copied(['rest-cog.db', 'rest-cog.db-wal'])
    const laid = join(path, 'laid.db')
    await copyOf(db, laid)
    expect(inspectFile(join(without, 'rest-cog.db')).withoutLog).toBe(true)
    expect(inspectFile(join(whole, 'rest-cog.db')).withoutLog).toBe(false)
    expect(inspectFile(laid).withoutLog).toBe(false)
    await db.destroy()
    expect(inspectFile(fileOf()).withoutLog).toBe(false)
    const again = await openDatabase(dataFolder(whole))
    expect(await again.selectFrom('own_name').selectAll().execute()).toHaveLength(1)
    await again.destroy()
    for (const each of [without, whole]) rmSync(each, { recursive: true })
  })
})

describe('a file that another program holds', () => {
  it('is waited for, then told in a sentence; when it is let go everything is written again', async () => {
    const db = await open()
    const other = new LibsqlDatabase(fileOf())
    other.exec('begin immediate')
    const write = (words: string) =>
      transact(
        db,
        async (trx) => {
          await trx
            .insertInto('own_name')
            .values({ words, family: 'hrv-fan', machineId: null, learnedAt: '' })
            .execute()
        },
        300,
      )
    await expect(write('held')).rejects.toMatchObject({ code: 'file-held' })
    expect(await db.selectFrom('own_name').selectAll().execute(), 'reading goes on').toEqual([])
    const waiting = write('waited')
    other.exec('rollback')
    await waiting
    for (let i = 0; i < 20; i++) await write(`after ${i}`)
    expect(await db.selectFrom('own_name').selectAll().execute()).toHaveLength(21)
    other.close()
    await db.destroy()
  })
})

describe('what stands in the way of a data folder', () => {
  it.each([
    [Object.assign(new Error('write'), { code: 'ENOSPC' }), 'disk-full'],
    [Object.assign(new Error('database or disk is full'), { code: 'SQLITE_FULL' }), 'disk-full'],
    [new Error('database is locked'), 'file-held'],
    [Object.assign(new Error('x'), { code: 'SQLITE_READONLY' }), 'file-read-only'],
    [new Error('database disk image is malformed'), 'file-damaged'],
    [Object.assign(new Error('x'), { code: 'SQLITE_IOERR_WRITE' }), 'disk-failed'],
  ])('%s is told as %s', (error, code) => {
    expect(fileTrouble(error)?.code).toBe(code)
  })

  it('is nothing that the program itself got wrong', () => {
    for (const error of [new TypeError('x is undefined'), null, undefined, 'disk', new Error('UNIQUE')])
      expect(fileTrouble(error)).toBeNull()
  })
})
