import { createHash } from 'node:crypto'
import { readFile, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import sharp, { type OutputInfo } from 'sharp'
import { CoreError } from '@/core/errors'
import { setPicture } from '@/data/household'
import { type Store, store } from './store'

const LONGEST_SIDE = 1600

/** Keep a picture: turned upright, location and other metadata stripped, named by its content. Answers its hash. */
export async function keepPhoto(bytes: Buffer, caption: string, into?: Store): Promise<string> {
  const { db, folder } = into ?? (await store())
  let stored: { data: Buffer; info: OutputInfo }
  try {
    stored = await sharp(bytes)
      .autoOrient()
      .resize({ width: LONGEST_SIDE, height: LONGEST_SIDE, fit: 'inside', withoutEnlargement: true })
      .webp({ quality: 88 })
      .toBuffer({ resolveWithObject: true })
  } catch {
    throw new CoreError(
      'not-a-picture',
      'This file is not a picture that can be read. Choose a JPEG, PNG or WebP file.',
    )
  }
  const hash = createHash('sha256').update(stored.data).digest('hex')
  await writeFile(join(folder.photos, `${hash}.webp`), stored.data)
  await db
    .insertInto('photo')
    .values({
      hash,
      width: stored.info.width,
      height: stored.info.height,
      bytes: stored.data.length,
      caption,
      at: new Date().toISOString(),
    })
    .onConflict((conflict) => conflict.column('hash').doNothing())
    .execute()
  return hash
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
  await setPicture(db, machineId, hash)
  return hash
}
