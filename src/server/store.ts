import { newHousehold } from '@/core/job'
import { type Database, type DataFolder, dataFolder, openDatabase, transact } from '@/data/database'
import { inspectFile } from '@/data/fileState'
import { lockFolder } from '@/data/folderLock'
import { findHousehold, HOME, insertHousehold } from '@/data/household'
import { takeBack } from './backup/aside'
import { dataPath } from './dataPath'
import { noteWithoutLog } from './withoutLog'

export interface Store {
  db: Database
  folder: DataFolder
}

const holder = globalThis as unknown as { restCogStore?: Promise<Store> | undefined }

/** The open data folder of this process: RESTCOG_DATA, else `data` beside the application. */
export function store(): Promise<Store> {
  holder.restCogStore ??= begun(dataPath()).catch((error: unknown) => {
    // A file that could not be opened is tried again with the next request: the person may have put it right.
    holder.restCogStore = undefined
    throw error
  })
  return holder.restCogStore
}

/** A restore that was cut off is taken back before anything is read. */
async function begun(path: string): Promise<Store> {
  await takeBack(path)
  return openStore(path)
}

/**
 * Another file takes the place of the one that is open: whoever asks meanwhile waits for it. Where that fails, the folder is
 * opened anew as it then stands.
 */
export async function swapStore(work: () => Promise<Store>): Promise<void> {
  const swapped = work()
  holder.restCogStore = swapped
  try {
    await swapped
  } catch (error) {
    holder.restCogStore = undefined
    throw error
  }
}

export async function openStore(path: string): Promise<Store> {
  lockFolder(path)
  const folder = dataFolder(path)
  const { withoutLog } = inspectFile(folder.database)
  const db = await openDatabase(folder)
  if (withoutLog) noteWithoutLog(path)
  if (!(await findHousehold(db)))
    await transact(db, (trx) => insertHousehold(trx, newHousehold(HOME, 'My household')))
  return { db, folder }
}
