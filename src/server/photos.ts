import { randomBytes } from 'node:crypto'
import { mkdir, readFile, rename, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import sharp, { type OutputInfo } from 'sharp'
import { CoreError } from '@/core/errors'
import { transact } from '@/data/database'
import { setPicture } from '@/data/household'
import { insertPhoto } from '@/data/jobs'
import { sha256 } from './sha256'
import { type Store, store } from './store'

const LONGEST_SIDE = 1600
/** A phone's largest photo; a small file may claim far more pixels than memory holds. */
const LIMITS = { limitInputPixels: 80_000_000 }
const PHOTOS = ['jpeg', 'png', 'webp', 'heif']
/** Decoding takes memory by the pixel: so many pictures at once. */
const AT_ONCE = 2
let decoding = 0
const queue: (() => void)[] = []

/** Wait for a turn at decoding; the answer gives it back. */
async function turn(): Promise<() => void> {
  if (decoding >= AT_ONCE) await new Promise<void>((resolve) => queue.push(resolve))
  decoding++
  return () => {
    decoding--
    queue.shift()?.()
  }
}

/** Keep a picture: turned upright, location and other metadata stripped, named by its content. Answers its hash. */
export async function keepPhoto(bytes: Buffer, caption: string, into?: Store): Promise<string> {
  const { db, folder } = into ?? (await store())
  let stored: { data: Buffer; info: OutputInfo }
  const done = await turn()
  try {
    const { format } = await sharp(bytes, LIMITS).metadata()
    // A drawing in markup can reach for files and addresses; a photo never is one.
    if (!PHOTOS.some((each) => each === format)) throw new Error('no photo')
    stored = await sharp(bytes, LIMITS)
      .autoOrient()
      .resize({ width: LONGEST_SIDE, height: LONGEST_SIDE, fit: 'inside', withoutEnlargement: true })
      .webp({ quality: 88 })
      .toBuffer({ resolveWithObject: true })
  } catch {
    throw new CoreError(
      'not-a-picture',
      'This file is not a picture that can be read. Choose a JPEG, PNG or WebP file of at most 80 megapixels.',
    )
  } finally {
    done()
  }
  const hash = sha256(stored.data)
  // The folder may have been taken away from under the program.
  await mkdir(folder.photos, { recursive: true })
  await writeWhole(join(folder.photos, `${hash}.webp`), stored.data)
  const { width, height } = stored.info
  const row = { hash, width, height, bytes: stored.data.length, caption, at: new Date().toISOString() }
  await transact(db, (trx) => insertPhoto(trx, row))
  return hash
}

/** Whole or not at all: a name never stands over half a picture. */
async function writeWhole(path: string, data: Buffer): Promise<void> {
  const beside = `${path}.${randomBytes(4).toString('hex')}.new`
  await writeFile(beside, data)
  await rename(beside, path)
}

/** @throws CoreError `unknown-photo` */
export async function readPhoto(hash: string): Promise<Buffer> {
  const { folder } = await store()
  if (!/^[0-9a-f]{64}$/.test(hash)) throw new CoreError('unknown-photo', 'There is no such picture.')
  return readFile(join(folder.photos, `${hash}.webp`)).catch(() => {
    throw new CoreError('unknown-photo', 'The file of this picture is missing from the data folder.')
  })
}

export async function setMachinePicture(machineId: string, bytes: Buffer): Promise<string> {
  const { db } = await store()
  const hash = await keepPhoto(bytes, 'machine')
  await transact(db, (trx) => setPicture(trx, machineId, hash))
  return hash
}
