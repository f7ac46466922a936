import MiniSearch from 'minisearch'
import { titleAndPlace } from '@/core/job/title'
import type { Database } from '@/data/database'
import { listJobs, listMachines, namesKey } from '@/data/household'
import { store } from './store'

/** What is found by its name or by what was said of it. */
export interface Found {
  jobs: { id: string; title: string; symptom: string; status: string }[]
  machines: { id: string; title: string }[]
}

interface Entry {
  id: string
  kind: 'job' | 'machine'
  key: string
  title: string
  said: string
  status: string
}

/** More than a screen shows is no help: another letter is. */
const MOST = 20

const holder = globalThis as unknown as {
  restCogIndex?: { key: string; index: MiniSearch<Entry>; newest: Entry[] } | undefined
}

/** The index is made anew when a name, a place or a symptom has changed, and not by any other act. */
async function indexOf(db: Database) {
  const key = await namesKey(db)
  if (holder.restCogIndex?.key === key) return holder.restCogIndex
  const [jobs, machines] = await Promise.all([listJobs(db), listMachines(db)])
  const titles = new Map(machines.map((machine) => [machine.id, titleAndPlace(machine)]))
  const entries: Entry[] = [
    ...jobs.map(({ id, machineId, symptom, status }) => ({
      id: `job ${id}`,
      kind: 'job' as const,
      key: id,
      title: titles.get(machineId) ?? '',
      said: symptom,
      status,
    })),
    ...machines.map(({ id, manufacturer, modelNumber, serialNumber, note }) => ({
      id: `machine ${id}`,
      kind: 'machine' as const,
      key: id,
      title: titles.get(id) ?? '',
      said: [manufacturer, modelNumber, serialNumber, note].join(' '),
      status: '',
    })),
  ]
  const index = new MiniSearch<Entry>({
    fields: ['title', 'said'],
    storeFields: ['kind', 'key', 'title', 'said', 'status'],
    searchOptions: { prefix: true, fuzzy: (term) => (term.length > 4 ? 0.2 : false), combineWith: 'AND' },
  })
  index.addAll(entries)
  holder.restCogIndex = { key, index, newest: entries.filter(({ kind }) => kind === 'job').slice(0, MOST) }
  return holder.restCogIndex
}

/**
 * Jobs and machines whose name, place, plate or symptom has these words, begun or slightly mistyped; twenty at most. Without a
 * word the jobs that were touched last.
 *
 * @example await find('bathrom fan')
 */
export async function find(query: string): Promise<Found> {
  const { db } = await store()
  const { index, newest } = await indexOf(db)
  const words = query.trim().slice(0, LONGEST)
  const found =
    words === ''
      ? newest
      : index
          .search(words)
          .slice(0, MOST)
          .map(({ id }) => index.getStoredFields(id) as unknown as Entry)
  return {
    jobs: found
      .filter(({ kind }) => kind === 'job')
      .map(({ key, title, said, status }) => ({ id: key, title, symptom: said, status })),
    machines: found.filter(({ kind }) => kind === 'machine').map(({ key, title }) => ({ id: key, title })),
  }
}

const LONGEST = 200
