import { type DBSchema, type IDBPDatabase, openDB } from 'idb'

/** A photo that the server does not have yet. */
export interface UnsentPhoto {
  id: string
  jobId: string
  lineId: string
  way: 'in' | 'back'
  picture: Blob
  at: number
}

interface Shape extends DBSchema {
  photos: { key: string; value: UnsentPhoto; indexes: { job: string } }
}

let opened: Promise<IDBPDatabase<Shape>> | null = null

const database = (): Promise<IDBPDatabase<Shape>> => {
  opened ??= openDB<Shape>('rest-cog-photos', 1, {
    upgrade(db) {
      db.createObjectStore('photos', { keyPath: 'id' }).createIndex('job', 'jobId')
    },
  })
  return opened
}

/** Photos are kept in the browser's own database until the server has them, also over a reload. */
export const keepUnsent = async (photo: UnsentPhoto): Promise<void> => {
  await (await database()).put('photos', photo)
}

export const forgetUnsent = async (id: string): Promise<void> => {
  await (await database()).delete('photos', id)
}

export const unsentOf = async (jobId: string): Promise<UnsentPhoto[]> =>
  (await (await database()).getAllFromIndex('photos', 'job', jobId)).sort((one, two) => one.at - two.at)
