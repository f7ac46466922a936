import { existsSync } from 'node:fs'
import { mkdir, readFile, rename, rm, writeFile } from 'node:fs/promises'
import { join } from 'node:path'

/** What of a data folder a restore puts another in the place of; the database last, so that by it one sees that all was laid aside. */
const DATABASE = 'rest-cog.db'
const PARTS = [`${DATABASE}-shm`, `${DATABASE}-wal`, 'photos', DATABASE]
/** Stands while a restore is under way. */
const MARKER = 'restoring.json'

/**
 * Lay what stands in a data folder aside, and put what was laid out in its place.
 *
 * @returns to be called when all of it is well: until then a start brings back what was laid aside
 */
export async function layAside(path: string, aside: string, staged: string): Promise<() => Promise<void>> {
  await mkdir(aside, { recursive: true })
  await writeFile(join(path, MARKER), JSON.stringify({ aside }))
  for (const part of PARTS) await moved(join(path, part), join(aside, part))
  for (const part of PARTS) await moved(join(staged, part), join(path, part))
  return () => rm(join(path, MARKER))
}

/** What is not there is not moved; a log that the driver lets go of may vanish between the look and the move. */
const moved = (from: string, to: string): Promise<void> =>
  rename(from, to).catch((error) => {
    if (existsSync(from) || error.code !== 'ENOENT') throw error
  })

/** A restore that was cut off: what was here before it comes back. Before the folder is opened. */
export async function takeBack(path: string): Promise<void> {
  const marker = join(path, MARKER)
  if (!existsSync(marker)) return
  const { aside } = JSON.parse(await readFile(marker, 'utf8')) as { aside: string }
  const all = existsSync(join(aside, DATABASE))
  for (const part of PARTS) {
    // Before all was laid aside nothing was put in its place: what stands here is what stood here.
    if (all) await rm(join(path, part), { recursive: true, force: true })
    await moved(join(aside, part), join(path, part))
  }
  await rm(marker, { force: true })
}
