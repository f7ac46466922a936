import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { Kysely, type Transaction as KyselyTransaction, SqliteDialect } from 'kysely'
import { openFile } from './driver'
import { migrate } from './migrations'
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

/** Open the data folder's file and bring it up to date. */
export async function openDatabase(folder: DataFolder): Promise<Database> {
  const db = new Kysely<Schema>({
    dialect: new SqliteDialect({ database: openFile(folder.database) as never }),
  })
  await migrate(db as never)
  return db
}
