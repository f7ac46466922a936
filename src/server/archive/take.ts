import { createHash } from 'node:crypto'
import { mkdtemp, readdir, rename, rm, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import sharp from 'sharp'
import { arrived } from '@/core/archive/arrive'
import { type ArchivedJob, archivedJob, archivedMachines, archiveHead } from '@/core/archive/read'
import { CoreError } from '@/core/errors'
import type { JobSnapshot } from '@/core/job'
import { listTables, type MachineRow } from '@/core/job/rows'
import { titleAndPlace } from '@/core/job/title'
import { transact } from '@/data/database'
import { findHousehold, findMachine, HOME } from '@/data/household'
import { hasJob, insertJob, insertMachine, insertPhoto, insertRows } from '@/data/jobs'
import { store } from '../store'
import { type Allowed, entriesOf } from './entries'

/** What came of an archive that was brought in. */
export interface ArchiveReport {
  jobs: number
  machines: number
  photos: number
  /** Jobs that were here already, which were left as they are. */
  known: string[]
  /** Open jobs: they are made dead anew. */
  open: string[]
}

const ALLOWED: Allowed[] = [
  { name: /^rest-cog\.json$/, most: 10_000 },
  { name: /^machines\.json$/, most: 30_000_000 },
  { name: /^jobs\/[0-9a-z-]{4,40}\.json$/, most: 30_000_000 },
  { name: /^photos\/[0-9a-f]{64}\.webp$/, most: 30_000_000 },
]

/**
 * Bring an archive in: read through once, every row and picture of it checked, before anything is written; then all of it in
 * one transaction. A job or machine that is here already stays as it is.
 *
 * @param path of the zip file
 * @throws CoreError `bad-archive`, `newer-archive`; nothing is changed then
 */
export async function takeArchive(path: string, who: string, now = Date.now()): Promise<ArchiveReport> {
  const { db, folder } = await store()
  const staged = await mkdtemp(join(folder.path, 'incoming', 'photos-'))
  try {
    const { machines, photos } = await checked(path, staged)
    for (const name of await readdir(staged)) await rename(join(staged, name), join(folder.photos, name))
    const at = new Date(now).toISOString()
    const report: ArchiveReport = { jobs: 0, machines: 0, photos: photos.length, known: [], open: [] }
    await transact(db, async (trx) => {
      const household = await findHousehold(trx)
      if (!household) throw new CoreError('no-household', 'There is no household to bring it into.')
      const byId = new Map(machines.map((machine) => [machine.id, { ...machine, householdId: HOME }]))
      for (const machine of byId.values()) {
        if (await findMachine(trx, machine.id)) continue
        await insertMachine(trx, machine)
        report.machines++
      }
      for (const photo of photos) await insertPhoto(trx, { ...photo, caption: '', at })
      for await (const archived of jobsOf(path)) {
        const machine = byId.get(archived.job.machineId)
        if (!machine) throw noMachine(archived.job.id)
        if (await hasJob(trx, archived.job.id)) {
          report.known.push(titleAndPlace(machine))
          continue
        }
        const snapshot = arrived({ ...archived, machine, household }, at, { who, window: '' })
        await insertSnapshot(trx, snapshot)
        report.jobs++
        if (snapshot.job.status === 'open') report.open.push(titleAndPlace(machine))
      }
    })
    return report
  } finally {
    await rm(staged, { recursive: true, force: true })
  }
}

type Transaction = Parameters<typeof insertRows>[0]

async function insertSnapshot(trx: Transaction, snapshot: JobSnapshot): Promise<void> {
  try {
    await insertJob(trx, snapshot.job)
    for (const table of listTables) await insertRows(trx, table, snapshot[table])
  } catch (error) {
    // An id that another job's row has: the file holds the truth of what is here.
    if (!/constraint/i.test(String(error))) throw error
    throw new CoreError(
      'bad-archive',
      'This archive was changed: one of its rows has the id of a row that is here. Nothing was brought in.',
      snapshot.job.id,
    )
  }
}

const noMachine = (id: string) =>
  new CoreError(
    'bad-archive',
    'This archive is damaged or was changed: a job has no machine. Nothing was brought in.',
    id,
  )

interface Photo {
  hash: string
  width: number
  height: number
  bytes: number
}

/** Everything once, so that nothing is written of an archive that is refused in the end. */
async function checked(path: string, staged: string): Promise<{ machines: MachineRow[]; photos: Photo[] }> {
  let first = true
  let machines: MachineRow[] | null = null
  const photos: Photo[] = []
  const needs: ArchivedJob['job'][] = []
  for await (const { name, bytes } of entriesOf(path, ALLOWED)) {
    if (first !== (name === 'rest-cog.json')) throw outOfOrder()
    first = false
    if (name === 'rest-cog.json') archiveHead(parsed(bytes, name))
    else if (name === 'machines.json') machines = archivedMachines(parsed(bytes, name))
    else if (name.startsWith('jobs/')) needs.push(archivedJob(parsed(bytes, name), name).job)
    else {
      const photo = await photoOf(name, bytes)
      await writeFile(join(staged, `${photo.hash}.webp`), bytes)
      photos.push(photo)
    }
  }
  const known = new Set(machines?.map(({ id }) => id))
  for (const { id, machineId } of needs) if (!known.has(machineId)) throw noMachine(id)
  return { machines: machines ?? [], photos }
}

async function* jobsOf(path: string): AsyncGenerator<ArchivedJob> {
  for await (const { name, bytes } of entriesOf(path, ALLOWED))
    if (name.startsWith('jobs/')) yield archivedJob(parsed(bytes, name), name)
}

const outOfOrder = () =>
  new CoreError(
    'bad-archive',
    'This file is no archive of Rest Cog: it does not begin as one. Nothing was brought in.',
  )

function parsed(bytes: Buffer, name: string): unknown {
  try {
    return JSON.parse(bytes.toString('utf8'))
  } catch {
    throw new CoreError(
      'bad-archive',
      `This archive is damaged: “${name}” cannot be read. Nothing was brought in.`,
      name,
    )
  }
}

/** A picture is named by its content and is the kind of picture that is kept here. */
async function photoOf(name: string, bytes: Buffer): Promise<Photo> {
  const hash = createHash('sha256').update(bytes).digest('hex')
  const wrong = () =>
    new CoreError(
      'bad-archive',
      'This archive was changed: a photo is not the one it says. Nothing was brought in.',
      name,
    )
  if (name !== `photos/${hash}.webp`) throw wrong()
  const { format, width, height } = await sharp(bytes, { limitInputPixels: 80_000_000 })
    .metadata()
    .catch(() => {
      throw wrong()
    })
  if (format !== 'webp' || !width || !height) throw wrong()
  return { hash, width, height, bytes: bytes.length }
}
