import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import { Zip, ZipDeflate } from 'fflate'
import { archivedHouseTables } from '@/core/archive/houseColumns'
import { ARCHIVE_FORMAT, ARCHIVE_VERSION } from '@/core/archive/read'
import type { JobSnapshot } from '@/core/job'
import { pictureColumns } from '@/core/job/ledger/labels'
import type { MachineRow } from '@/core/job/rows'
import { energyJobOf, sharedTables } from '@/core/job/shared'
import { houseTable } from '@/data/house'
import { findHousehold, listJobs, listMachines, listOwnNames } from '@/data/household'
import { listEvents, loadSnapshot } from '@/data/jobs'
import { listCatalogues, partsOf } from '@/data/parts'
import { recordingsOf } from '@/data/recordings'
import { type Store, store } from '../store'
import { streamOf } from './stream'

/**
 * A zip archive of some jobs, or of the whole household with every machine: made while it is read, one job and one photo
 * at a time.
 *
 * @param jobIds all jobs where left out
 */
export async function archiveStream(jobIds?: string[]): Promise<ReadableStream<Uint8Array>> {
  const opened = await store()
  return streamOf(zipped(files(opened, jobIds)))
}

interface ArchiveFile {
  name: string
  bytes: Uint8Array
}

async function* files({ db, folder }: Store, jobIds?: string[]): AsyncGenerator<ArchiveFile> {
  const json = (name: string, value: unknown): ArchiveFile => ({
    name,
    bytes: new TextEncoder().encode(JSON.stringify(value)),
  })
  yield json('rest-cog.json', {
    format: ARCHIVE_FORMAT,
    version: ARCHIVE_VERSION,
    madeAt: new Date().toISOString(),
  })
  const jobs = (await listJobs(db)).filter(({ id }) => !jobIds || jobIds.includes(id))
  const machines = (await listMachines(db)).filter(
    ({ id }) => !jobIds || jobs.some(({ machineId }) => machineId === id),
  )
  yield json('machines.json', machines)
  if (!jobIds) yield* extras(db, json)
  const hashes = new Set(machines.flatMap(picturesOf))
  for (const { id } of jobs) {
    const snapshot = await loadSnapshot(db, id)
    if (!snapshot) continue
    yield json(`jobs/${id}.json`, withoutHouse(snapshot))
    yield json(`events/${id}.json`, await listEvents(db, id, MOST_EVENTS))
    for (const { hash } of snapshot.photos) hashes.add(hash)
  }
  if (!jobIds)
    for (const table of archivedHouseTables) yield json(`house/${table}.json`, await houseTable(db, table))
  for (const hash of hashes) {
    const bytes = await readFile(join(folder.photos, `${hash}.webp`)).catch(() => null)
    if (bytes) yield { name: `photos/${hash}.webp`, bytes }
  }
  for (const { id: jobId } of jobs)
    for await (const { id, bytes } of recordingsOf(db, jobId))
      yield { name: `recordings/${jobId}/${id}`, bytes: new Uint8Array(bytes) }
}

/** Steps of a job that go along; a job of an evening has some hundreds. */
const MOST_EVENTS = 20_000

/** What a whole household has beside its machines and jobs: settings, names, the shelf and its lists. */
async function* extras(
  db: Store['db'],
  json: (name: string, value: unknown) => ArchiveFile,
): AsyncGenerator<ArchiveFile> {
  const household = await findHousehold(db)
  if (household) {
    const { id: _, ...settings } = household
    yield json('household.json', [settings])
  }
  yield json('names.json', await listOwnNames(db))
  const lists = (await listCatalogues(db)).filter(({ ready }) => ready === 1)
  yield json(
    'lists.json',
    lists.map(({ ready: _ready, parts: _parts, ...list }) => list),
  )
  for (const { id } of lists) yield json(`parts/${id}.json`, await partsOf(db, id))
}

const picturesOf = (machine: MachineRow): string[] =>
  pictureColumns.map((column) => machine[column]).filter((hash) => hash !== null)

/** A job of its own, also where it shared the energy of its machine with another: rows that both have get names of their own. */
function withoutHouse({
  machine: _machine,
  household: _household,
  beside: _beside,
  onCircuit: _onCircuit,
  circuits: _circuits,
  hanging: _hanging,
  ...job
}: JobSnapshot) {
  const owner = energyJobOf(job.job)
  if (owner === job.job.id) return job
  const own = (id: string) => `${id}-s`
  const shared = Object.fromEntries(
    [...sharedTables, 'fields' as const].map((table) => [
      table,
      job[table].map((row) =>
        row.jobId === job.job.id
          ? row
          : {
              ...row,
              id: own(row.id),
              jobId: job.job.id,
              ...('proofId' in row ? { proofId: own(row.proofId) } : {}),
              ...('subject' in row && row.subject !== '' ? { subject: own(row.subject) } : {}),
            },
      ),
    ]),
  )
  return { ...job, ...shared, job: { ...job.job, energyJob: null } }
}

async function* zipped(entries: AsyncGenerator<ArchiveFile>): AsyncGenerator<Uint8Array> {
  const ready: Uint8Array[] = []
  const zip = new Zip((error, piece) => {
    if (error) throw error
    ready.push(piece)
  })
  for await (const { name, bytes } of entries) {
    // A photo is packed already: it is only wrapped, in a form that tells its own end.
    const entry = new ZipDeflate(name, { level: name.endsWith('.webp') ? 0 : 6 })
    zip.add(entry)
    entry.push(bytes, true)
    yield* ready.splice(0)
  }
  zip.end()
  yield* ready.splice(0)
}
