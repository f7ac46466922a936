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
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { dataFolder, openDatabase } from './database'
import { openFile } from './driver'
import { lockFolder, unlockFolder } from './folderLock'
import { migrate } from './migrations'

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
