import { resolve } from 'node:path'
import { newHousehold } from '@/core/job'
import { type Database, type DataFolder, dataFolder, openDatabase } from '@/data/database'
import { findHousehold, HOME, insertHousehold } from '@/data/household'

export interface Store {
  db: Database
  folder: DataFolder
}

const holder = globalThis as unknown as { restCogStore?: Promise<Store> }

/** The open data folder of this process: RESTCOG_DATA, else `data` beside the application. */
export function store(): Promise<Store> {
  holder.restCogStore ??= openStore(process.env.RESTCOG_DATA ?? resolve(process.cwd(), 'data'))
  return holder.restCogStore
}

export async function openStore(path: string): Promise<Store> {
  const folder = dataFolder(path)
  const db = await openDatabase(folder)
  if (!(await findHousehold(db))) await insertHousehold(db, newHousehold(HOME, 'My household'))
  return { db, folder }
}
