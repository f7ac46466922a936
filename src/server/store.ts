import { newHousehold } from '@/core/job'
import { type Database, type DataFolder, dataFolder, openDatabase, transact } from '@/data/database'
import { lockFolder } from '@/data/folderLock'
import { findHousehold, HOME, insertHousehold } from '@/data/household'
import { dataPath } from './dataPath'
import { removeOrphans } from './orphans'
import { purgeDeleted } from './purge'

export interface Store {
  db: Database
  folder: DataFolder
}

const holder = globalThis as unknown as { restCogStore?: Promise<Store> | undefined }

/** The open data folder of this process: RESTCOG_DATA, else `data` beside the application. */
export function store(): Promise<Store> {
  holder.restCogStore ??= openStore(dataPath()).catch((error: unknown) => {
    // A file that could not be opened is tried again with the next request: the person may have put it right.
    holder.restCogStore = undefined
    throw error
  })
  return holder.restCogStore
}

const HOUR_MS = 3_600_000

/** What was deleted a day ago goes for good, and pictures that nobody names. Nobody waits for it; what fails is tried again. */
async function clear(opened: Store): Promise<void> {
  await purgeDeleted(opened.db).catch(() => {})
  await removeOrphans(opened).catch(() => {})
}

export async function openStore(path: string): Promise<Store> {
  lockFolder(path)
  const folder = dataFolder(path)
  const db = await openDatabase(folder)
  if (!(await findHousehold(db)))
    await transact(db, (trx) => insertHousehold(trx, newHousehold(HOME, 'My household')))
  const opened = { db, folder }
  setTimeout(() => void clear(opened), 60_000).unref()
  setInterval(() => void clear(opened), HOUR_MS).unref()
  return opened
}
