import { readdir, stat, statfs } from 'node:fs/promises'
import { join } from 'node:path'
import { store } from './store'
import { withoutLogSince } from './withoutLog'

/** Where the data folder lies and how large it is, by its parts. Bytes. */
export interface FolderState {
  path: string
  database: number
  photos: { count: number; bytes: number }
  /** Copies that were laid beside: before a migration, before a restore. */
  copies: { name: string; bytes: number }[]
  /** When the file was found to have come without its log; null where it did not. */
  withoutLog: string | null
  /** What is left on its disk; null where the system does not say. */
  free: number | null
}

export async function folderState(): Promise<FolderState> {
  const { folder } = await store()
  const names = await readdir(folder.path)
  const size = async (path: string): Promise<number> => (await stat(path).catch(() => null))?.size ?? 0
  const all = async (path: string): Promise<{ count: number; bytes: number }> => {
    const inside = await readdir(path, { withFileTypes: true }).catch(() => [])
    const parts = await Promise.all(
      inside.map(async (each) =>
        each.isDirectory()
          ? all(join(path, each.name))
          : { count: 1, bytes: await size(join(path, each.name)) },
      ),
    )
    return parts.reduce((sum, part) => ({ count: sum.count + part.count, bytes: sum.bytes + part.bytes }), {
      count: 0,
      bytes: 0,
    })
  }
  const copies = names.filter((name) => /^(rest-cog-before-.*\.db|before-restore-.*)$/.test(name))
  return {
    path: folder.path,
    database: (await size(folder.database)) + (await size(`${folder.database}-wal`)),
    photos: await all(folder.photos),
    copies: await Promise.all(
      copies.map(async (name) => ({
        name,
        bytes: name.endsWith('.db')
          ? await size(join(folder.path, name))
          : (await all(join(folder.path, name))).bytes,
      })),
    ),
    withoutLog: withoutLogSince(folder.path),
    free: await freeBytes(folder.path),
  }
}

async function freeBytes(path: string): Promise<number | null> {
  return statfs(path)
    .then(({ bavail, bsize }) => bavail * bsize)
    .catch(() => null)
}
