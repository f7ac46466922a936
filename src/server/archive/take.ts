import { mkdtemp, readdir, rename, rm, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import sharp from 'sharp'
import { arrived } from '@/core/archive/arrive'
import { type ArchivedHouseTable, archivedHouseTables } from '@/core/archive/houseColumns'
import {
  type ArchivedJob,
  archivedExtras,
  archivedHouseRows,
  archivedJob,
  archivedMachines,
  archiveHead,
} from '@/core/archive/read'
import { renamed } from '@/core/archive/renamed'
import { CoreError } from '@/core/errors'
import { type By, type JobSnapshot, newId } from '@/core/job'
import { listTables, type MachineRow } from '@/core/job/rows'
import { titleAndPlace } from '@/core/job/title'
import { MOST_RECORDING_BYTES } from '@/core/sound/advice'
import { formatOf } from '@/core/sound/format'
import { dropDeleted, removeForGood } from '@/data/alive'
import { type Transaction, transact } from '@/data/database'
import { insertMissingHouse } from '@/data/house'
import {
  findHousehold,
  findMachine,
  HOME,
  keepOwnName,
  listOwnNames,
  updateHousehold,
} from '@/data/household'
import { hasJob, insertEvent, insertJob, insertMachine, insertPhoto, insertRows, openAt } from '@/data/jobs'
import { findCatalogue, insertCatalogue, insertMissingParts } from '@/data/parts'
import { insertRecording } from '@/data/recordings'
import { sha256 } from '../sha256'
import { store } from '../store'
import { type Allowed, entriesOf } from './entries'

/** What came of an archive that was brought in. */
export interface ArchiveReport {
  jobs: number
  machines: number
  photos: number
  /** Parts of lists and of the shelf, and names, that were not here. */
  parts: number
  names: number
  /** Rows of the household over the years: fitted parts, readings, breakers, rounds, places of spares. */
  house: number
  /** Jobs that were here already, which were left as they are. */
  known: string[]
  /** Jobs that were here already, and are now as the archive has them. */
  replaced: string[]
  /** Open jobs: they are made dead anew. */
  open: string[]
  /** The settings of the archive are those of this household now. */
  settings: boolean
}

/** What to do with a job that is here as well as in the archive, and whether its settings are taken over. */
export interface Taking {
  both: 'mine' | 'theirs' | 'copy'
  settings: boolean
}

const ID = '[0-9A-Za-z_-]{1,120}'
/** Of a job, under the id of its sound. */
const RECORDING = /^recordings\/([0-9a-z-]{4,40})\/([0-9A-Za-z_-]{1,40})$/
const ALLOWED: Allowed[] = [
  { name: /^rest-cog\.json$/, most: 10_000 },
  { name: /^machines\.json$/, most: 30_000_000 },
  { name: /^household\.json$/, most: 100_000 },
  { name: /^names\.json$/, most: 10_000_000 },
  { name: /^lists\.json$/, most: 10_000_000 },
  { name: new RegExp(`^parts/${ID}\\.json$`), most: 200_000_000 },
  { name: new RegExp(`^house/(${archivedHouseTables.join('|')})\\.json$`), most: 300_000_000 },
  { name: /^jobs\/[0-9a-z-]{4,40}\.json$/, most: 30_000_000 },
  { name: /^events\/[0-9a-z-]{4,40}\.json$/, most: 60_000_000 },
  { name: /^photos\/[0-9a-f]{64}\.webp$/, most: 30_000_000 },
  { name: RECORDING, most: MOST_RECORDING_BYTES },
]

/**
 * Bring an archive in: read through once, every row and picture of it checked, before anything is written; then all of it in
 * one transaction. A machine that is here already stays as it is; a job that is here, as was chosen.
 *
 * @param path of the zip file
 * @throws CoreError `bad-archive`, `newer-archive`; nothing is changed then
 */
export async function takeArchive(
  path: string,
  who: string,
  taking: Taking = { both: 'mine', settings: false },
  now = Date.now(),
): Promise<ArchiveReport> {
  const { db, folder } = await store()
  const staged = await mkdtemp(join(folder.path, 'incoming', 'photos-'))
  try {
    const { machines, photos } = await checked(path, staged)
    for (const name of await readdir(staged)) await rename(join(staged, name), join(folder.photos, name))
    const at = new Date(now).toISOString()
    const report: ArchiveReport = {
      jobs: 0,
      machines: 0,
      photos: photos.length,
      parts: 0,
      names: 0,
      house: 0,
      known: [],
      replaced: [],
      open: [],
      settings: false,
    }
    await transact(db, async (trx) => {
      if (!(await findHousehold(trx)))
        throw new CoreError('no-household', 'There is no household to bring it into.')
      const byId = new Map(machines.map((machine) => [machine.id, { ...machine, householdId: HOME }]))
      for (const machine of byId.values()) {
        await dropDeleted(trx, 'machine', machine.id)
        if (await findMachine(trx, machine.id)) continue
        await insertMachine(trx, machine)
        report.machines++
      }
      for (const photo of photos) await insertPhoto(trx, { ...photo, caption: '', at })
      /** Jobs whose steps come along: those that came in as they are. */
      const whole = new Map<string, boolean>()
      for await (const { name, json, bytes } of filesOf(path)) {
        if (bytes) await takeRecording(trx, name, bytes, at, whole)
        else if (name.startsWith('jobs/')) {
          const archived = archivedJob(json, name)
          const machine = byId.get(archived.job.machineId)
          if (!machine) throw noMachine(archived.job.id)
          await takeJob(trx, archived, machine, { at, by: { who, window: '' }, taking, now, report, whole })
        } else if (name.startsWith('events/')) await takeEvents(trx, json, name, whole)
        else await takeExtra(trx, name, json, taking, report)
      }
    })
    return report
  } finally {
    await rm(staged, { recursive: true, force: true })
  }
}

interface Coming {
  at: string
  by: By
  taking: Taking
  now: number
  report: ArchiveReport
  whole: Map<string, boolean>
}

async function takeJob(
  trx: Transaction,
  archived: ArchivedJob,
  machine: MachineRow,
  { at, by, taking, now, report, whole }: Coming,
): Promise<void> {
  const title = titleAndPlace(machine)
  const { id } = archived.job
  // What was deleted here and comes again is wanted.
  if (await dropDeleted(trx, 'job', id)) await removeForGood(trx, { kind: 'job', id })
  const here = await hasJob(trx, id)
  const shared = here && (await isShared(trx, id))
  if (here && (taking.both === 'mine' || (taking.both === 'theirs' && shared))) {
    report.known.push(title)
    return
  }
  if (here && taking.both === 'theirs') {
    await removeForGood(trx, { kind: 'job', id })
    report.replaced.push(title)
  } else report.jobs++
  const copy = here && taking.both === 'copy'
  const job = copy ? withoutRecordings(renamed(archived, () => newId(now, Math.random))) : archived
  const household = await findHousehold(trx)
  if (!household) return
  const other = job.job.status === 'open' ? await openAt(trx, machine.id) : undefined
  const snapshot = arrived({ ...job, machine, household }, at, by)
  await insertSnapshot(trx, {
    ...snapshot,
    job: {
      ...snapshot.job,
      // The machine has one energy, and another open job at it here says what that is.
      ...(other ? { energyJob: other.energyJob ?? other.id, phase: other.phase, period: other.period } : {}),
    },
  })
  if (!copy) whole.set(id, job.job.status === 'closed')
  if (job.job.status === 'open') report.open.push(title)
}

/** A copy beside the job that is here: the recordings themselves stay with that one. */
const withoutRecordings = (job: ArchivedJob): ArchivedJob => ({
  ...job,
  sounds: job.sounds.map((row) => ({ ...row, kept: null })),
})

const isShared = async (trx: Transaction, id: string): Promise<boolean> =>
  (await trx
    .selectFrom('job')
    .select('id')
    .where('energyJob', '=', id)
    .where('id', '!=', id)
    .executeTakeFirst()) !== undefined

/** Steps of a job that came in as it is. Of one that is made dead anew none is taken back: they would put back what nobody did here. */
async function takeEvents(
  trx: Transaction,
  json: unknown,
  name: string,
  whole: Map<string, boolean>,
): Promise<void> {
  const events = archivedExtras('event', json, name)
  for (const event of events) {
    const closed = whole.get(event.jobId)
    if (closed !== undefined) await insertEvent(trx, closed ? event : { ...event, state: 'dropped' })
  }
}

/** A recording of a job that came in as it is; its row says the format already. */
async function takeRecording(
  trx: Transaction,
  name: string,
  bytes: Buffer,
  at: string,
  whole: Map<string, boolean>,
): Promise<void> {
  const [, jobId = '', id = ''] = RECORDING.exec(name) ?? []
  const format = formatOf(bytes)
  if (format && whole.has(jobId)) await insertRecording(trx, { id, jobId, format, bytes, at })
}

async function takeExtra(
  trx: Transaction,
  name: string,
  json: unknown,
  taking: Taking,
  report: ArchiveReport,
): Promise<void> {
  if (name === 'household.json' && taking.settings) {
    const [settings] = archivedExtras('household', json, name)
    if (settings) await updateHousehold(trx, settings)
    report.settings = settings !== undefined
  }
  if (name === 'names.json') {
    const known = new Set((await listOwnNames(trx)).map(({ words }) => words))
    for (const own of archivedExtras('name', json, name)) {
      if (known.has(own.words)) continue
      const machine = own.machineId ? await findMachine(trx, own.machineId) : undefined
      await keepOwnName(trx, { ...own, machineId: machine?.id ?? null })
      report.names++
    }
  }
  if (name === 'lists.json')
    for (const list of archivedExtras('list', json, name))
      if (!(await findCatalogue(trx, list.id))) await insertCatalogue(trx, { ...list, ready: 1, parts: 0 })
  const table = houseTableOf(name)
  if (table) report.house += await insertMissingHouse(trx, table, archivedHouseRows(table, json, name))
  if (name.startsWith('parts/'))
    report.parts += await insertMissingParts(trx, archivedExtras('part', json, name))
}

/** The table that a file of the household over the years holds. */
const houseTableOf = (name: string): ArchivedHouseTable | undefined =>
  archivedHouseTables.find((table) => name === `house/${table}.json`)

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
    else if (RECORDING.test(name)) {
      if (!formatOf(bytes)) throw changed('a recording is none', name)
    } else if (!name.startsWith('photos/')) checkedExtra(name, parsed(bytes, name))
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

function checkedExtra(name: string, json: unknown): void {
  const table = houseTableOf(name)
  if (name === 'household.json') archivedExtras('household', json, name)
  else if (name === 'names.json') archivedExtras('name', json, name)
  else if (name === 'lists.json') archivedExtras('list', json, name)
  else if (name.startsWith('parts/')) archivedExtras('part', json, name)
  else if (table) archivedHouseRows(table, json, name)
  else archivedExtras('event', json, name)
}

/** What is written of an archive, in its order; photos lie in their folder by then. */
async function* filesOf(path: string): AsyncGenerator<{ name: string; json: unknown; bytes?: Buffer }> {
  for await (const { name, bytes } of entriesOf(path, ALLOWED))
    if (RECORDING.test(name)) yield { name, json: null, bytes }
    else if (!name.startsWith('photos/') && name !== 'machines.json' && name !== 'rest-cog.json')
      yield { name, json: parsed(bytes, name) }
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

const changed = (what: string, name: string) =>
  new CoreError('bad-archive', `This archive was changed: ${what}. Nothing was brought in.`, name)

/** A picture is named by its content and is the kind of picture that is kept here. */
async function photoOf(name: string, bytes: Buffer): Promise<Photo> {
  const hash = sha256(bytes)
  const wrong = () => changed('a photo is not the one it says', name)
  if (name !== `photos/${hash}.webp`) throw wrong()
  const { format, width, height } = await sharp(bytes, { limitInputPixels: 80_000_000 })
    .metadata()
    .catch(() => {
      throw wrong()
    })
  if (format !== 'webp' || !width || !height) throw wrong()
  return { hash, width, height, bytes: bytes.length }
}
