import { existsSync, mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { Kysely, type Transaction as KyselyTransaction, SqliteDialect, sql } from 'kysely'
import { CoreError, isCoreError } from '@/core/errors'
import { openFile } from './driver'
import { inspectFile } from './fileState'
import { migrate, pending } from './migrations'
import type { Schema } from './schema'
import { fileTrouble } from './trouble'

export type Database = Kysely<Schema>
export type Transaction = KyselyTransaction<Schema>

export interface DataFolder {
  path: string
  photos: string
  database: string
}

export function dataFolder(path: string): DataFolder {
  const folder = { path, photos: join(path, 'photos'), database: join(path, 'rest-cog.db') }
  mkdirSync(folder.photos, { recursive: true })
  return folder
}

/**
 * Open the data folder's file and bring it up to date. Before anything of it is changed a copy stands beside it.
 *
 * @throws CoreError of `inspectFile`, `file-newer`, `file-damaged`
 */
export async function openDatabase(folder: DataFolder): Promise<Database> {
  inspectFile(folder.database)
  const { db, file } = opened(folder)
  try {
    await refuseForeign(db, folder)
    const behind = await pending(db as never)
    if (behind.newer)
      throw new CoreError(
        'file-newer',
        `The file ${folder.database} was written by a newer Rest Cog (${behind.newer}). Start that one, or use another folder.`,
      )
    if (behind.known > 0 && behind.missing.length > 0) await copyBeside(db, folder, behind.missing)
    await migrate(db as never)
    file.markInUse()
  } catch (error) {
    await db.destroy()
    throw isCoreError(error) ? error : damaged(folder, error)
  }
  return db
}

/** A file of another program has tables, and none of them is ours. */
async function refuseForeign(db: Database, { database }: DataFolder): Promise<void> {
  const { rows } = await sql<{
    name: string
  }>`select "name" from sqlite_master where "type" = 'table'`.execute(db)
  if (rows.length > 0 && !rows.some(({ name }) => name === 'kysely_migration'))
    throw new CoreError(
      'file-foreign',
      `The file ${database} belongs to another program. Move it away, or set RESTCOG_DATA to your own folder.`,
    )
}

function opened(folder: DataFolder): { db: Database; file: ReturnType<typeof openFile> } {
  try {
    const file = openFile(folder.database)
    return { db: new Kysely<Schema>({ dialect: new SqliteDialect({ database: file as never }) }), file }
  } catch (error) {
    throw damaged(folder, error)
  }
}

/** A copy of the file as it was, named by the first migration that it lacks; one that is there already stays. */
async function copyBeside(db: Database, folder: DataFolder, missing: string[]): Promise<void> {
  const copy = join(folder.path, `rest-cog-before-${missing[0]}.db`)
  if (!existsSync(copy)) await copyOf(db, copy)
}

/** A copy of the file as it stands now, whole and closed, whoever writes meanwhile. */
export async function copyOf(db: Database, path: string): Promise<void> {
  await sql`vacuum into ${path}`.execute(db)
  const copy = openFile(path)
  copy.markInUse()
  copy.close()
}

/** So long somebody who writes waits for another program that holds the file. */
const PATIENCE_MS = 5000
const AGAIN_MS = 50

/**
 * A transaction. While another program holds the file it is begun again and again, with everybody else served in between.
 *
 * @throws CoreError `file-held` where that takes too long, and whatever the work throws
 */
export async function transact<Result>(
  db: Database,
  work: (trx: Transaction) => Promise<Result>,
  patience = PATIENCE_MS,
): Promise<Result> {
  const until = Date.now() + patience
  for (;;) {
    let begun = false
    try {
      return await db.transaction().execute((trx) => {
        begun = true
        return work(trx)
      })
    } catch (error) {
      const trouble = fileTrouble(error)
      if (begun || trouble?.code !== 'file-held') throw error
      if (Date.now() >= until) throw trouble
      await new Promise((resolve) => setTimeout(resolve, AGAIN_MS))
    }
  }
}

function damaged(folder: DataFolder, error: unknown): unknown {
  const { code, message } = error as { code?: string; message?: string }
  const text = `${code ?? ''} ${message ?? ''}`
  if (!/SQLITE_(CORRUPT|NOTADB)|malformed|not a database/i.test(text)) return error
  return new CoreError(
    'file-damaged',
    `The file ${folder.database} is damaged. Put a copy of your backup in its place; nothing was written to it.`,
  )
}
