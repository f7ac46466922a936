import { createWriteStream } from 'node:fs'
import { mkdir, readdir, readFile, rename, rm, stat, writeFile } from 'node:fs/promises'
import { isAbsolute, join, resolve } from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import type { ReadableStream as NodeStream } from 'node:stream/web'
import { type BackupPlan, backupName, isBackupDue, noPlan, tooMany } from '@/core/backup/plan'
import { CoreError, isCoreError } from '@/core/errors'
import { fileTrouble } from '@/data/trouble'
import { store } from '../store'
import { backupStream } from './make'

const fileOf = async () => join((await store()).folder.path, 'backup-plan.json')

/** The plan of this folder; it stands beside the database, so that a restore does not change it. */
export async function readPlan(): Promise<BackupPlan> {
  const text = await readFile(await fileOf(), 'utf8').catch(() => '{}')
  try {
    return { ...noPlan, ...(JSON.parse(text) as Partial<BackupPlan>) }
  } catch {
    return noPlan
  }
}

async function writePlan(plan: BackupPlan): Promise<void> {
  const path = await fileOf()
  await writeFile(`${path}.new`, JSON.stringify(plan, null, 2))
  await rename(`${path}.new`, path)
}

const isRhythm = (value: unknown): value is BackupPlan['every'] =>
  value === 'never' || value === 'day' || value === 'week'

const KEEP = { least: 1, most: 200 }

/**
 * Choose a folder, how often, and how many are kept.
 *
 * @throws CoreError `invalid-input`, `bad-folder`
 */
export async function changePlan(change: Record<string, unknown>): Promise<BackupPlan> {
  const before = await readPlan()
  const { folder = before.folder, every = before.every, keep = before.keep } = change
  if (typeof folder !== 'string' || !isRhythm(every))
    throw new CoreError('invalid-input', 'Say a folder, and how often.', 'folder')
  if (typeof keep !== 'number' || !Number.isInteger(keep) || keep < KEEP.least || keep > KEEP.most)
    throw new CoreError('invalid-input', `Keep between ${KEEP.least} and ${KEEP.most} backups.`, 'keep')
  if (folder !== '') await mustBeFolder(folder)
  else if (every !== 'never') throw new CoreError('bad-folder', 'Choose a folder first.', 'folder')
  const plan: BackupPlan = {
    ...before,
    folder,
    every,
    keep,
    ...(folder === before.folder ? {} : { lastAt: null, lastError: '' }),
  }
  await writePlan(plan)
  return plan
}

async function mustBeFolder(folder: string): Promise<void> {
  if (!isAbsolute(folder))
    throw new CoreError(
      'bad-folder',
      'Write the whole path of the folder, as /media/stick/backups.',
      'folder',
    )
  const own = (await store()).folder.path
  if (resolve(folder) === resolve(own))
    throw new CoreError(
      'bad-folder',
      'This is the data folder itself. Choose another, best on another disk.',
      'folder',
    )
  const there = await stat(folder).catch(() => null)
  if (!there?.isDirectory())
    throw new CoreError(
      'bad-folder',
      `There is no folder ${folder}. Make it first, or connect its disk.`,
      'folder',
    )
  const probe = join(folder, '.rest-cog-may-write')
  await writeFile(probe, '').catch((error: unknown) => {
    throw (
      fileTrouble(error) ?? new CoreError('bad-folder', `The folder ${folder} cannot be written.`, 'folder')
    )
  })
  await rm(probe, { force: true })
}

/**
 * Lay a backup into the folder of the plan, and let the oldest go that are too many. A backup that is cut off never stands under
 * the name of a whole one.
 *
 * @returns the path of the new one
 * @throws CoreError `bad-folder`, `disk-full` and the like
 */
export async function backUpByPlan(now = Date.now()): Promise<string> {
  const plan = await readPlan()
  if (plan.folder === '') throw new CoreError('bad-folder', 'Choose a folder first.', 'folder')
  try {
    await mustBeFolder(plan.folder)
    const path = await freeName(plan.folder, now)
    await written(path, now)
    for (const name of tooMany(await readdir(plan.folder), plan.keep))
      await rm(join(plan.folder, name), { force: true })
    await writePlan({ ...(await readPlan()), lastAt: new Date(now).toISOString(), lastError: '' })
    return path
  } catch (error) {
    const known = isCoreError(error) ? error : fileTrouble(error)
    const told = known?.message ?? 'The backup could not be written.'
    await writePlan({ ...(await readPlan()), lastError: told }).catch(() => {})
    throw known ?? error
  }
}

async function freeName(folder: string, now: number): Promise<string> {
  const names = await readdir(folder)
  for (let again = 0; ; again++) {
    const name = backupName(now, again)
    if (!names.includes(name)) return join(folder, name)
  }
}

async function written(path: string, now: number): Promise<void> {
  const part = `${path}.new`
  try {
    const stream = await backupStream(now)
    await pipeline(Readable.fromWeb(stream as NodeStream), createWriteStream(part))
    await rename(part, path)
  } catch (error) {
    await rm(part, { force: true })
    throw error
  }
}

/** Asked every hour: a backup that is due is made; one that fails says so on the page of the data, and is tried again. */
export async function backUpIfDue(now = Date.now()): Promise<boolean> {
  const plan = await readPlan()
  if (!isBackupDue(plan, now)) return false
  await mkdir(plan.folder, { recursive: true }).catch(() => {})
  await backUpByPlan(now)
  return true
}
