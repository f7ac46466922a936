import { readdir, readFile } from 'node:fs/promises'
import { join } from 'node:path'
import { sql } from 'kysely'
import sharp from 'sharp'
import { badValues, badValuesOf } from '@/core/archive/values'
import { pictureColumns } from '@/core/job/ledger/labels'
import { titleAndPlace } from '@/core/job/title'
import { counted } from '@/core/units/counted'
import { listJobs, listMachines } from '@/data/household'
import { loadSnapshot } from '@/data/jobs'
import { sha256 } from './sha256'
import { store } from './store'

/** One line of a check of the data folder. */
export interface CheckLine {
  good: boolean
  text: string
  /** What can be done about it; empty where nothing has to be. */
  act: string
  /** The job that it is about. */
  jobId?: string
}

/**
 * Look the data folder through: the database as a file, its rows against each other, every stored value, photos against rows. It
 * reads and changes nothing.
 */
export async function checkFolder(): Promise<CheckLine[]> {
  return [...(await fileLines()), ...(await valueLines()), ...(await photoLines())]
}

async function fileLines(): Promise<CheckLine[]> {
  const { db } = await store()
  const { rows } = await sql<{ integrity_check: string }>`pragma integrity_check(20)`.execute(db)
  const faults = rows.map((row) => row.integrity_check).filter((text) => text !== 'ok')
  const loose = await sql<{ table: string }>`pragma foreign_key_check`.execute(db)
  return [
    faults.length === 0
      ? fine('The database file is whole.')
      : bad(
          `The database file is damaged: ${faults[0]}`,
          'Take a copy of the folder, then restore a backup.',
        ),
    loose.rows.length === 0
      ? fine('Every row belongs to a job or a machine that is there.')
      : bad(`${loose.rows.length} rows belong to nothing (${loose.rows[0]?.table}).`, 'Restore a backup.'),
  ]
}

async function valueLines(): Promise<CheckLine[]> {
  const { db } = await store()
  const machines = await listMachines(db)
  const titles = new Map(machines.map((machine) => [machine.id, titleAndPlace(machine)]))
  const lines: CheckLine[] = []
  for (const machine of machines)
    if (badValues('machine', machine).length > 0)
      lines.push(
        bad(
          `The machine ${titleAndPlace(machine)} has a value that cannot be read.`,
          'Delete it, or restore a backup.',
        ),
      )
  const jobs = await listJobs(db)
  for (const job of jobs) {
    // Everybody else is served between two of them.
    await new Promise((resolve) => setImmediate(resolve))
    const snapshot = await loadSnapshot(db, job.id).catch(() => null)
    const [first] = snapshot ? badValuesOf(snapshot) : [{ table: 'job', column: 'machine' }]
    if (first)
      lines.push({
        ...bad(
          `A job at ${titles.get(job.machineId) ?? 'a machine'} has a value that cannot be read (${first.column} of ${first.table}).`,
          'Open it to see which; take it along, delete it, or restore a backup.',
        ),
        jobId: job.id,
      })
  }
  return lines.length > 0
    ? lines
    : [
        fine(
          `All values of ${counted(jobs.length, 'job')} and ${counted(machines.length, 'machine')} can be read.`,
        ),
      ]
}

async function photoLines(): Promise<CheckLine[]> {
  const { db, folder } = await store()
  const files = await readdir(folder.photos).catch(() => null)
  if (!files)
    return [
      bad('The folder of the photos is missing.', 'Put it back beside the database, or restore a backup.'),
    ]
  const rows = await db.selectFrom('photo').select('hash').execute()
  const named = await namedPhotos()
  const there = new Set(files)
  const missing = [...named].filter((hash) => !there.has(`${hash}.webp`))
  const damaged: string[] = []
  for (const { hash } of rows)
    if (there.has(`${hash}.webp`) && !(await isWhole(join(folder.photos, `${hash}.webp`), hash)))
      damaged.push(hash)
  const known = new Set(rows.map(({ hash }) => `${hash}.webp`))
  const stray = files.filter((name) => /^[0-9a-f]{64}\.webp$/.test(name) && !known.has(name))
  return [
    ...(missing.length > 0
      ? [
          bad(
            `${counted(missing.length, 'photo')} that a line names ${missing.length === 1 ? 'is' : 'are'} missing.`,
            'Pages and records say so in their place. A backup brings them back.',
          ),
        ]
      : []),
    ...(damaged.length > 0
      ? [
          bad(
            `${counted(damaged.length, 'photo')} ${damaged.length === 1 ? 'is' : 'are'} damaged.`,
            'Records say so in their place. A backup brings them back.',
          ),
        ]
      : []),
    ...(stray.length > 0
      ? [
          fine(
            `${counted(stray.length, 'photo')} that nobody names any more: removed by itself within a day.`,
          ),
        ]
      : []),
    ...(missing.length + damaged.length === 0
      ? [fine(`All ${counted(rows.length, 'photo')} are there and whole.`)]
      : []),
  ]
}

async function namedPhotos(): Promise<Set<string>> {
  const { db } = await store()
  const lines = await db.selectFrom('line_photo').select('hash').execute()
  const machines = await listMachines(db)
  const pictures = machines.flatMap((machine) => pictureColumns.map((column) => machine[column]))
  return new Set([...lines.map(({ hash }) => hash), ...pictures.filter((hash) => hash !== null)])
}

/** Named by its content, and a picture that can be read. */
async function isWhole(path: string, hash: string): Promise<boolean> {
  const bytes = await readFile(path).catch(() => null)
  if (!bytes || sha256(bytes) !== hash) return false
  return sharp(bytes)
    .metadata()
    .then(() => true)
    .catch(() => false)
}

const fine = (text: string): CheckLine => ({ good: true, text, act: '' })
const bad = (text: string, act: string): CheckLine => ({ good: false, text, act })
