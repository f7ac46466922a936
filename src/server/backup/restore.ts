import { existsSync } from 'node:fs'
import { cp, mkdir, readdir, rm, writeFile } from 'node:fs/promises'
import { isAbsolute, join } from 'node:path'
import { sql } from 'kysely'
import { arrived } from '@/core/archive/arrive'
import { badValuesOf } from '@/core/archive/values'
import { type Comparison, compareJobs, type JobStamp } from '@/core/backup/compare'
import { CoreError, isCoreError } from '@/core/errors'
import { type JobRow, type MachineRow, nobody } from '@/core/job'
import { isId } from '@/core/job/ids'
import { titleAndPlace } from '@/core/job/title'
import { type Database, dataFolder, openDatabase, transact } from '@/data/database'
import { listJobs, listMachines } from '@/data/household'
import { loadSnapshot, raiseRev, replaceJob } from '@/data/jobs'
import { type Entry, entriesOf } from '../archive/entries'
import { incomingPath } from '../archive/incoming'
import { forgetLines } from '../benchLines'
import { announce } from '../live'
import { sha256 } from '../sha256'
import { openStore, type Store, store, swapStore } from '../store'
import { layAside, takeBack } from './aside'
import { backupHead, badBackup } from './head'

/** What a restore would do, told before it is done. */
export interface RestorePreview {
  madeAt: string
  jobs: number
  machines: number
  photos: number
  parts: number
  comparison: Record<keyof Comparison, { count: number; titles: string[] }>
  /** Open jobs of the backup: they are made dead anew. */
  open: number
}

const LARGEST_DB = 8_000_000_000

/** Where the contents of an upload are laid out. */
async function stagedPath(id: string): Promise<string> {
  if (!isId(id))
    throw new CoreError('unknown-archive', 'This upload is no longer there. Choose the file again.')
  return join((await store()).folder.path, 'incoming', `restore-${id}`)
}

/**
 * Lay the contents of a backup out beside the data folder, check them, and say what a restore would change. Nothing of the present
 * is touched.
 *
 * @param id of the upload
 * @throws CoreError `bad-backup`, `newer-backup`, `unknown-archive`, and those of a file that cannot be opened
 */
export async function openBackup(id: string): Promise<RestorePreview> {
  const zip = await incomingPath(id)
  const staged = await stagedPath(id)
  await rm(staged, { recursive: true, force: true })
  const folder = dataFolder(staged)
  try {
    const { madeAt, photos } = await unpacked(zip, staged)
    const db = await openDatabase(folder)
    try {
      return await previewOf(db, madeAt, photos)
    } finally {
      await db.destroy()
    }
  } catch (error) {
    await rm(staged, { recursive: true, force: true })
    if (isCoreError(error) && error.code.startsWith('file-')) throw badBackup('its database cannot be opened')
    throw error
  } finally {
    await rm(zip, { force: true })
  }
}

async function unpacked(zip: string, staged: string): Promise<{ madeAt: string; photos: number }> {
  const allowed = [
    { name: /^rest-cog-backup\.json$/, most: 10_000 },
    { name: /^rest-cog\.db$/, most: LARGEST_DB, into: join(staged, 'rest-cog.db') },
    { name: /^photos\/[0-9a-f]{64}\.webp$/, most: 30_000_000 },
  ]
  let madeAt: string | null = null
  let photos = 0
  let database = false
  const entries: AsyncGenerator<Entry> = entriesOf(zip, allowed)
  for await (const { name, bytes } of entries) {
    if ((madeAt === null) !== (name === 'rest-cog-backup.json')) throw badBackup('it does not begin as one')
    if (name === 'rest-cog-backup.json') madeAt = backupHead(bytes).madeAt
    else if (name === 'rest-cog.db') database = true
    else {
      if (name !== `photos/${sha256(bytes)}.webp`) throw badBackup('a photo is not the one it says')
      await writeFile(join(staged, name), bytes)
      photos++
    }
  }
  if (madeAt === null || !database) throw badBackup('its database is missing')
  return { madeAt, photos }
}

async function previewOf(db: Database, madeAt: string, photos: number): Promise<RestorePreview> {
  const { rows } = await sql<{ integrity_check: string }>`pragma integrity_check`.execute(db)
  if (rows[0]?.integrity_check !== 'ok') throw badBackup('its database is damaged')
  const own = (await store()).db
  const [jobs, here] = [await listJobs(db), await listJobs(own)]
  const machines = await listMachines(db)
  const titles = new Map([...titlesOf(here, await listMachines(own)), ...titlesOf(jobs, machines)])
  const told = (ids: string[]) => ({
    count: ids.length,
    titles: ids.slice(0, MOST_TITLES).map((id) => titles.get(id) ?? id),
  })
  const { comes, goes, goesBack, goesOn, same } = compareJobs(jobs.map(stamp), here.map(stamp))
  return {
    madeAt,
    jobs: jobs.length,
    machines: machines.length,
    photos,
    parts: Number(
      (
        await db
          .selectFrom('part')
          .select(({ fn }) => fn.countAll().as('n'))
          .executeTakeFirstOrThrow()
      ).n,
    ),
    comparison: {
      comes: told(comes),
      goes: told(goes),
      goesBack: told(goesBack),
      goesOn: told(goesOn),
      same: told(same),
    },
    open: jobs.filter(({ status }) => status === 'open').length,
  }
}

const MOST_TITLES = 8
const stamp = ({ id, rev, touchedAt }: JobStamp): JobStamp => ({ id, rev, touchedAt })

function titlesOf(jobs: JobRow[], machines: MachineRow[]): [id: string, title: string][] {
  const titles = new Map(machines.map((machine) => [machine.id, titleAndPlace(machine)]))
  return jobs.map(({ id, machineId, symptom }) => [
    id,
    [titles.get(machineId), symptom].filter(Boolean).join(': '),
  ])
}

export async function dropBackup(id: string): Promise<void> {
  await rm(await stagedPath(id), { recursive: true, force: true })
}

/** Lay an opened backup into a folder of its own, which must not be there or hold nothing. @returns its path */
export async function restoreInto(id: string, target: string): Promise<string> {
  const staged = await mustBeStaged(id)
  if (!isAbsolute(target))
    throw new CoreError(
      'bad-folder',
      'Write the whole path of the folder, as /home/me/rest-cog-may.',
      'folder',
    )
  if (existsSync(target) && (await readdir(target)).length > 0)
    throw new CoreError(
      'bad-folder',
      `The folder ${target} holds something already. Choose an empty or a new one.`,
      'folder',
    )
  await mkdir(target, { recursive: true })
  await copied(staged, target)
  await rm(staged, { recursive: true, force: true })
  return target
}

/**
 * The driver lets a file go when it likes: its log, emptied when it was closed, may vanish while it is copied. It is copied before
 * the file that it belongs to, so that nothing of it is missing there.
 */
async function copied(from: string, to: string): Promise<void> {
  const names = (await readdir(from)).filter((name) => !name.endsWith('-shm'))
  const isLog = (name: string) => name.endsWith('-wal')
  for (const name of names.sort((one, two) => Number(isLog(two)) - Number(isLog(one))))
    await cp(join(from, name), join(to, name), { recursive: true }).catch((error: NodeJS.ErrnoException) => {
      if (!isLog(name) || error.code !== 'ENOENT') throw error
    })
}

async function mustBeStaged(id: string): Promise<string> {
  const staged = await stagedPath(id)
  if (!existsSync(join(staged, 'rest-cog.db')))
    throw new CoreError('unknown-archive', 'This backup is no longer open. Choose the file again.')
  return staged
}

/**
 * Put an opened backup in the place of what is here. What is here is laid aside whole, and comes back where anything fails, also
 * where the machine is switched off in the middle of it. Nobody watched the machines since: every open job is made dead anew.
 *
 * @returns the folder in which what was here lies
 */
export async function restoreHere(id: string, now = Date.now()): Promise<string> {
  const staged = await mustBeStaged(id)
  const before = await store()
  const { path } = before.folder
  const aside = join(path, `before-restore-${new Date(now).toISOString().slice(0, 19).replace(/[:T]/g, '-')}`)
  const known = new Map((await listJobs(before.db)).map(({ id, rev }) => [id, rev]))
  await swapStore(async () => {
    await before.db.destroy()
    try {
      const done = await layAside(path, aside, staged)
      const opened = await openStore(path)
      await madeDeadAnew(opened, now)
      await raiseRevs(opened, known)
      await done()
      return opened
    } catch (error) {
      await takeBack(path)
      throw error
    }
  })
  await rm(staged, { recursive: true, force: true })
  forgetLines()
  for (const [job, rev] of known) announce(job, rev + 1)
  return aside
}

const RESTORED = 'the household was restored from a backup'

async function madeDeadAnew({ db }: Store, now: number): Promise<void> {
  const at = new Date(now).toISOString()
  for (const { id, status, energyJob } of await listJobs(db)) {
    if (status === 'closed') continue
    await transact(db, async (trx) => {
      const snapshot = await loadSnapshot(trx, id)
      if (!snapshot || badValuesOf(snapshot).length > 0) return
      const here = arrived(snapshot, at, nobody, RESTORED)
      await replaceJob(trx, { ...here, job: { ...here.job, energyJob } })
    })
  }
}

/** Windows that were open before stand at the numbers of the file that was here: what was restored comes behind them. */
const raiseRevs = ({ db }: Store, known: Map<string, number>): Promise<void> =>
  transact(db, async (trx) => {
    for (const { id } of await listJobs(trx)) await raiseRev(trx, id, known.get(id))
  })
