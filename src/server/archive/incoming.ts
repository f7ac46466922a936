import { mkdir, open, readdir, rm, stat } from 'node:fs/promises'
import { join } from 'node:path'
import { CoreError } from '@/core/errors'
import { isId, newId } from '@/core/job/ids'
import { store } from '../store'

/** One piece of a file that is sent; a request is never longer. */
export const LARGEST_PIECE = 8_000_000
/** An archive of a household with photos: thousands of them. */
const LARGEST_ARCHIVE = 4_000_000_000
/** What was begun and got no further for an hour is removed. */
const OLD_MS = 3_600_000
/** Uploads that are under way at once. */
const MOST_BEGUN = 4

const folderOf = async (): Promise<string> => {
  const { folder } = await store()
  const path = join(folder.path, 'incoming')
  await mkdir(path, { recursive: true })
  return path
}

/** @throws CoreError `unknown-archive` */
export async function incomingPath(id: string): Promise<string> {
  if (!isId(id)) throw gone()
  const path = join(await folderOf(), `${id}.zip`)
  await stat(path).catch(() => {
    throw gone()
  })
  return path
}

const gone = () => new CoreError('unknown-archive', 'This upload is no longer there. Choose the file again.')

/** Begin to take in a file; answers the id under which its pieces come. */
export async function beginIncoming(now = Date.now()): Promise<string> {
  const folder = await folderOf()
  for (const name of await readdir(folder)) {
    const { mtimeMs } = await stat(join(folder, name))
    if (now - mtimeMs > OLD_MS) await rm(join(folder, name), { force: true, recursive: true })
  }
  if ((await readdir(folder)).filter((name) => name.endsWith('.zip')).length >= MOST_BEGUN)
    throw new CoreError(
      'too-many',
      'Several uploads are under way already, or were left in the middle. Those are removed after an hour: try again then.',
    )
  const id = newId(now, Math.random)
  await (await open(join(folder, `${id}.zip`), 'wx')).close()
  return id
}

/**
 * Write a piece at its place. Sent again, it is written again to the same place.
 *
 * @param at bytes before it
 * @throws CoreError `unknown-archive`, `invalid-input` where a piece before it is missing, `too-large`
 */
export async function takePiece(id: string, at: number, piece: Buffer): Promise<{ size: number }> {
  const path = await incomingPath(id)
  const { size } = await stat(path)
  if (!Number.isSafeInteger(at) || at < 0 || at > size)
    throw new CoreError('invalid-input', 'A piece of the file is missing. Choose the file again.', 'at')
  if (at + piece.length > LARGEST_ARCHIVE)
    throw new CoreError('too-large', 'This file is larger than any archive of a household.')
  const file = await open(path, 'r+')
  try {
    await file.write(piece, 0, piece.length, at)
  } finally {
    await file.close()
  }
  return { size: Math.max(size, at + piece.length) }
}

export async function dropIncoming(id: string): Promise<void> {
  if (isId(id)) await rm(join(await folderOf(), `${id}.zip`), { force: true })
}
