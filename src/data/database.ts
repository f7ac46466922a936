import { existsSync, mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { Kysely, type Transaction as KyselyTransaction, SqliteDialect, sql } from 'kysely'
import { CoreError, isCoreError } from '@/core/errors'
import { openFile } from './driver'
import { inspectFile } from './fileState'
import { migrate, pending } from './migrations'
import type { Schema } from './schema'

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
  const db = opened(folder)
  try {
    const behind = await pending(db as never)
    if (behind.newer)
      throw new CoreError(
        'file-newer',
        `The file ${folder.database} was written by a newer Rest Cog (${behind.newer}). Start that one, or use another folder.`,
      )
    if (behind.known > 0 && behind.missing.length > 0) await copyBeside(db, folder, behind.missing)
    await migrate(db as never)
  } catch (error) {
    await db.destroy()
    throw isCoreError(error) ? error : damaged(folder, error)
  }
  return db
}

function opened(folder: DataFolder): Database {
  try {
    return new Kysely<Schema>({
      dialect: new SqliteDialect({ database: openFile(folder.database) as never }),
    })
  } catch (error) {
    throw damaged(folder, error)
  }
}

/** A copy of the file as it was, named by the first migration that it lacks; one that is there already stays. */
async function copyBeside(db: Database, folder: DataFolder, missing: string[]): Promise<void> {
  const copy = join(folder.path, `rest-cog-before-${missing[0]}.db`)
  if (!existsSync(copy)) await sql`vacuum into ${copy}`.execute(db)
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
