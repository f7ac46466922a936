import { createReadStream } from 'node:fs'
import { mkdir, readdir, rm } from 'node:fs/promises'
import { join } from 'node:path'
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import { newId } from '@/core/job/ids'
import { copyOf } from '@/data/database'
import { streamOf } from '../archive/stream'
import { type Store, store } from '../store'
import { BACKUP_FORMAT, BACKUP_VERSION, type BackupHead } from './head'

/**
 * The whole data folder as one zip file, made while it is read: the database as it stands now, whoever writes meanwhile, and every
 * photo. The passphrase of the door stays here: it belongs to this machine.
 */
export async function backupStream(now = Date.now()): Promise<ReadableStream<Uint8Array>> {
  return streamOf(zipped(await store(), now))
}

async function* zipped({ db, folder }: Store, now: number): AsyncGenerator<Uint8Array> {
  const ready: Uint8Array[] = []
  const zip = new Zip((error, piece) => {
    if (error) throw error
    ready.push(piece)
  })
  const beside = join(folder.path, 'incoming')
  await mkdir(beside, { recursive: true })
  const copy = join(beside, `backup-${newId(now, Math.random)}.db`)
  try {
    const head: BackupHead = {
      format: BACKUP_FORMAT,
      version: BACKUP_VERSION,
      madeAt: new Date(now).toISOString(),
    }
    const first = new ZipDeflate('rest-cog-backup.json')
    zip.add(first)
    first.push(new TextEncoder().encode(JSON.stringify(head)), true)
    yield* ready.splice(0)
    await copyOf(db, copy)
    const file = new ZipDeflate('rest-cog.db', { level: 6 })
    zip.add(file)
    for await (const piece of createReadStream(copy, { highWaterMark: PIECE })) {
      file.push(Uint8Array.from(piece as Buffer))
      yield* ready.splice(0)
    }
    file.push(new Uint8Array(0), true)
    yield* ready.splice(0)
    for (const name of await readdir(folder.photos).catch(() => [])) {
      if (!PHOTO.test(name)) continue
      yield* photoPieces(zip, join(folder.photos, name), name, ready)
    }
    zip.end()
    yield* ready.splice(0)
  } finally {
    for (const end of ['', '-wal', '-shm']) await rm(`${copy}${end}`, { force: true })
  }
}

const PIECE = 1_000_000
const PHOTO = /^[0-9a-f]{64}\.webp$/

/** A photo that cannot be read is left out: the check of the folder names it, and the backup has the rest. */
async function* photoPieces(
  zip: Zip,
  path: string,
  name: string,
  ready: Uint8Array[],
): AsyncGenerator<Uint8Array> {
  const pieces: Uint8Array[] = []
  try {
    for await (const piece of createReadStream(path)) pieces.push(Uint8Array.from(piece as Buffer))
  } catch {
    return
  }
  // A photo is packed already.
  const entry = new ZipPassThrough(`photos/${name}`)
  zip.add(entry)
  for (const piece of pieces) entry.push(piece)
  entry.push(new Uint8Array(0), true)
  yield* ready.splice(0)
}
