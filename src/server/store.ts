import { newHousehold } from '@/core/job'
import { type Database, type DataFolder, dataFolder, openDatabase } from '@/data/database'
import { lockFolder } from '@/data/folderLock'
import { findHousehold, HOME, insertHousehold } from '@/data/household'
import { dataPath } from './dataPath'
import { removeOrphans } from './orphans'

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

export async function openStore(path: string): Promise<Store> {
  lockFolder(path)
  const folder = dataFolder(path)
  const db = await openDatabase(folder)
  if (!(await findHousehold(db))) await insertHousehold(db, newHousehold(HOME, 'My household'))
  const opened = { db, folder }
  // Nobody waits for it, and what cannot be removed now is removed at the next start.
  setTimeout(() => void removeOrphans(opened).catch(() => {}), 60_000).unref()
  return opened
}
