import { type DBSchema, type IDBPDatabase, openDB } from 'idb'
import { GONE_MS, isWaiting, type Kept, type KeptActs } from './kept'

const NAME = 'rest-cog'

interface Shape extends DBSchema {
  acts: { key: string; value: Kept; indexes: { job: string } }
  /** When each window last said that it is there, in ms since 1970. */
  windows: { key: string; value: number }
}

const open = (): Promise<IDBPDatabase<Shape>> =>
  openDB<Shape>(NAME, 1, {
    upgrade(db) {
      db.createObjectStore('acts', { keyPath: 'id' }).createIndex('job', 'jobId')
      db.createObjectStore('windows')
    },
    // A newer page wants another shape: let it, this one opens anew when it is used again.
    blocking: (_, __, event) => (event.target as IDBDatabase).close(),
  })

/** Acts of all tabs in one place, a row each: no tab can overwrite another's, and no size sets a limit. */
export async function openKeptActs(): Promise<KeptActs> {
  const db = await open()
  return {
    async put(rows) {
      const change = db.transaction('acts', 'readwrite')
      for (const row of rows) void change.store.put(row)
      await change.done
    },
    async remove(ids) {
      const change = db.transaction('acts', 'readwrite')
      for (const id of ids) void change.store.delete(id)
      await change.done
    },
    async left(jobId, windowId, now) {
      const alive = new Set<string>()
      const windows = db.transaction('windows', 'readonly')
      for (const [key, at] of zip(await windows.store.getAllKeys(), await windows.store.getAll()))
        if (now - at < GONE_MS) alive.add(key)
      const rows: unknown[] = await db.getAllFromIndex('acts', 'job', jobId)
      return (
        rows
          .filter(isKept)
          // A window that has only just begun may not have said so yet: what is young is left to it.
          .filter(
            (row) =>
              row.windowId === windowId || (!alive.has(row.windowId) && now - row.done.wall >= GONE_MS),
          )
          .sort((one, two) => one.done.wall - two.done.wall || one.order - two.order)
      )
    },
    async isGone(windowId, now) {
      const at = await db.get('windows', windowId)
      return at === undefined || now - at >= GONE_MS
    },
    async present(windowId, now) {
      await db.put('windows', now, windowId)
    },
  }
}

const zip = <A, B>(one: A[], two: B[]): [A, B][] =>
  one.flatMap((each, i): [A, B][] => {
    const other = two[i]
    return other === undefined ? [] : [[each, other]]
  })

/** Damaged content is nothing: it never keeps a page from opening. */
function isKept(value: unknown): value is Kept {
  const { jobId, windowId, order } = (value ?? {}) as Partial<Kept>
  return (
    isWaiting(value) && typeof jobId === 'string' && typeof windowId === 'string' && typeof order === 'number'
  )
}
