import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Kysely, SqliteDialect, sql } from 'kysely'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { energyOf } from '@/core/job'
import { type Database, dataFolder, openDatabase, transact } from './database'
import { bindable, openFile } from './driver'
import { loadSnapshot } from './jobs'
import { migrate } from './migrations'
import { motorsWithin, replacingParts } from './parts'

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
  it('is written in transactions alone: a write by itself would meet a held file and stay open in the driver', async () => {
    await expect(db.deleteFrom('own_name').execute()).rejects.toThrow(/outside a transaction/)
    await transact(db, (trx) => trx.deleteFrom('own_name').execute())
    await expect(db.deleteFrom('own_name').execute()).rejects.toThrow(/outside a transaction/)
  })

  it('opens a second time without migrating again', async () => {
    await db.destroy()
    db = await openDatabase(dataFolder(path))
    expect(await db.selectFrom('household').selectAll().execute()).toEqual([])
  })

  it('keeps a write-ahead log and foreign keys', async () => {
    const mode = await sql<{ journal_mode: string }>`pragma journal_mode`.execute(db)
    expect(mode.rows[0]!.journal_mode).toBe('wal')
    await expect(
      transact(db, (trx) =>
        trx
          .insertInto('job')
          .values({ id: 'x', machineId: 'none' } as never)
          .execute(),
      ),
    ).rejects.toThrow(/FOREIGN KEY/i)
  })
})

describe('an older file', () => {
  /** A file as it was before the record of safety, with a job in the middle of its work. */
  async function olderFile() {
    const folder = dataFolder(mkdtempSync(join(tmpdir(), 'rest-cog-old-')))
    const old = new Kysely<never>({
      dialect: new SqliteDialect({ database: openFile(folder.database) as never }),
    })
    await migrate(old, '0003-judgement')
    for (const statement of [
      `insert into household (id, name, region, school, tools, theme, ohmAccuracyPercent, ohmCounts, ohmResolution, leadOffsetOhm, capAccuracyPercent, capCounts, capResolutionUf) values ('home', 'H', 'europe', 'label-limit', 'hand', 'light', 1, 3, 0.1, 0.2, 2, 5, 0.01)`,
      `insert into machine (id, householdId, family) values ('m', 'home', 'bath-exhaust-fan')`,
      `insert into job (id, machineId, status, phase, bench, openedAt, touchedAt) values ('j', 'm', 'open', 'work', 1, '2026-01-01T10:00:00.000Z', '')`,
      `insert into isolation_point (id, jobId, point, label, held, position, openedAt) values ('p', 'j', 'breaker', 'Circuit breaker', 'locked', 0, '2026-01-01T10:01:00.000Z')`,
      `insert into proof (id, jobId, startedAt, testerBeforeAt, testerAfterAt) values ('f', 'j', '2026-01-01T10:02:00.000Z', '2026-01-01T10:02:00.000Z', '2026-01-01T10:03:00.000Z')`,
      `insert into charge (id, jobId, label, typed, volts, readAt, position) values ('c', 'j', 'Run capacitor', '0.3', 0.3, '2026-01-01T10:04:00.000Z', 0)`,
      `insert into ledger_line (id, jobId, position, action, part, bench, doneAt) values ('l', 'j', 0, 'bypass', 'door switch', 1, '2026-01-01T10:05:00.000Z')`,
    ])
      await sql.raw(statement).execute(old)
    return { folder, old }
  }

  it('loses no row; what stood proved is void with its reason, and what was proposed is nobody’s word', async () => {
    const { folder, old } = await olderFile()
    await old.destroy()
    const now = await openDatabase(folder)
    const job = await loadSnapshot(now, 'j')
    expect(job!.job).toMatchObject({ benchAsks: 1, rev: 0 })
    expect(job!.job).not.toHaveProperty('bench')
    expect(job!.points[0]).toMatchObject({
      held: '',
      proposal: 'locked',
      changedAt: '2026-01-01T10:01:00.000Z',
    })
    expect(job!.proofs[0]).toMatchObject({
      feed: 1,
      voidReason: expect.stringContaining('brought up to date'),
    })
    expect(job!.charges[0]).toMatchObject({ volts: null, readAt: null, planned: 1 })
    expect(job!.ledger[0]).toMatchObject({ temporary: 1, switchKind: 'other', benchOf: 'motor' })
    expect(job!.log.map(({ kind }) => kind)).toEqual(['opened', 'discharged', 'bypass-set', 'voided'])
    expect(energyOf(job!, Date.parse('2026-01-01T10:06:00Z')).handsIn).toBe(false)
    await now.destroy()
    rmSync(folder.path, { recursive: true })
  })

  it('with lists of parts in it finds them by their figures, and those that tell none of them as well', async () => {
    const folder = dataFolder(mkdtempSync(join(tmpdir(), 'rest-cog-old-parts-')))
    const old = new Kysely<never>({
      dialect: new SqliteDialect({ database: openFile(folder.database) as never }),
    })
    await migrate(old, '0014-photo-marks')
    for (const statement of [
      `insert into catalogue (id, name, kind, headers, mapping, lengths, at, shown, ready) values ('shop', 'Shop', 'import', '[]', '[]', 'mm', '', 1, 1)`,
      ...[
        '{"rpm":[1075,900],"hp":0.25,"shaft":{"diameterMm":12.7}}',
        '{"rpm":[825],"hp":0.5,"replaces":["A-1"]}',
        '{}',
      ].map(
        (spec, n) =>
          `insert into part (n, id, catalogueId, kind, words, spec, note) values (${n + 1}, 'p${n + 1}', 'shop', 'motor', '', '${spec}', '')`,
      ),
    ])
      await sql.raw(statement).execute(old)
    await old.destroy()
    const now = await openDatabase(folder)
    expect(await motorsWithin(now, [{ figure: 'rpm', min: 1000, max: 1100 }])).toEqual([1, 3])
    expect(await motorsWithin(now, [{ figure: 'hp', min: 0.4 }])).toEqual([2, 3])
    expect(await motorsWithin(now, [{ figure: 'shaftMm', max: 12 }])).toEqual([2, 3])
    expect(await motorsWithin(now, [])).toEqual([1, 2, 3])
    expect((await replacingParts(now)).map(({ id }) => id)).toEqual(['p2'])
    await now.destroy()
    rmSync(folder.path, { recursive: true })
  })

  it('is left as it was by a migration that fails', async () => {
    const { folder, old } = await olderFile()
    // A column that is there already stops the migration in its middle.
    await sql.raw(`alter table "reading" add column "cover" text`).execute(old)
    await old.destroy()
    await expect(openDatabase(folder)).rejects.toThrow()
    const raw = new Kysely<never>({
      dialect: new SqliteDialect({ database: openFile(folder.database) as never }),
    })
    const columns = await sql<{ name: string }>`select name from pragma_table_info('job')`.execute(raw)
    expect(columns.rows.map(({ name }) => name)).toContain('bench')
    await raw.destroy()
    rmSync(folder.path, { recursive: true })
  })
})
