import MiniSearch from 'minisearch'
import { titleAndPlace } from '@/core/job/title'
import { capacitorWords, motorWords } from '@/core/match/partWords'
import type { Database } from '@/data/database'
import { fittedWith, typedWith } from '@/data/findBeside'
import { listJobs, listMachines, namesKey } from '@/data/household'
import { searchParts } from './parts'
import { store } from './store'

/** What is found by its name or by what was said of it. */
export interface Found {
  jobs: { id: string; title: string; symptom: string; status: string }[]
  /** Each with what tells it from another of its name: what was said of it last, else its plate. */
  machines: { id: string; title: string; told: string }[]
  /** So many more jobs and machines have these words than are listed. */
  more: { jobs: number; machines: number }
  /** Parts that are fitted somewhere or lie on the shelf and in the lists. */
  parts: { id: string; title: string; where: string; href: string }[]
  /** Texts of jobs and rounds. */
  notes: { id: string; title: string; text: string; href: string }[]
}

interface Entry {
  id: string
  kind: 'job' | 'machine'
  key: string
  title: string
  said: string
  told: string
  status: string
}

/** More than a screen shows is no help: another letter is. */
const MOST = 20

const holder = globalThis as unknown as {
  restCogIndex?:
    | { key: string; index: MiniSearch<Entry>; newest: Entry[]; titles: ReadonlyMap<string, string> }
    | undefined
}

/** The index is made anew when a name, a place or a symptom has changed, and not by any other act. */
async function indexOf(db: Database) {
  const key = await namesKey(db)
  if (holder.restCogIndex?.key === key) return holder.restCogIndex
  const [jobs, machines] = await Promise.all([listJobs(db), listMachines(db)])
  const titles = new Map(machines.map((machine) => [machine.id, titleAndPlace(machine)]))
  const inOrder = [...jobs].sort((one, other) => (one.openedAt < other.openedAt ? -1 : 1))
  const saidLast = new Map(inOrder.map(({ machineId, symptom }) => [machineId, symptom]))
  const entries: Entry[] = [
    ...jobs.map(({ id, machineId, symptom, status }) => ({
      id: `job ${id}`,
      kind: 'job' as const,
      key: id,
      title: titles.get(machineId) ?? '',
      said: symptom,
      told: symptom,
      status,
    })),
    ...machines.map(({ id, manufacturer, modelNumber, serialNumber, note }) => ({
      id: `machine ${id}`,
      kind: 'machine' as const,
      key: id,
      title: titles.get(id) ?? '',
      said: [manufacturer, modelNumber, serialNumber, note].join(' '),
      told: saidLast.get(id) || [manufacturer, modelNumber].filter(Boolean).join(' '),
      status: '',
    })),
  ]
  const index = new MiniSearch<Entry>({
    fields: ['title', 'said'],
    storeFields: ['kind', 'key', 'title', 'said', 'told', 'status'],
    searchOptions: { prefix: true, fuzzy: (term) => (term.length > 4 ? 0.2 : false), combineWith: 'AND' },
  })
  index.addAll(entries)
  holder.restCogIndex = {
    key,
    index,
    newest: entries.filter(({ kind }) => kind === 'job').slice(0, MOST),
    titles,
  }
  return holder.restCogIndex
}

/**
 * Jobs and machines whose name, place, plate or symptom has these words, begun or slightly mistyped; twenty of each at most, and
 * how many more there are. Behind them parts and what was typed in jobs, by the words as they stand. Without a word the jobs that were touched last.
 *
 * @example await find('bathrom fan')
 */
export async function find(query: string): Promise<Found> {
  const { db } = await store()
  const { index, newest, titles } = await indexOf(db)
  const words = query.trim().slice(0, LONGEST)
  const found =
    words === '' ? newest : index.search(words).map(({ id }) => index.getStoredFields(id) as unknown as Entry)
  const jobs = found.filter(({ kind }) => kind === 'job')
  const machines = found.filter(({ kind }) => kind === 'machine')
  return {
    jobs: jobs
      .slice(0, MOST)
      .map(({ key, title, said, status }) => ({ id: key, title, symptom: said, status })),
    machines: machines.slice(0, MOST).map(({ key, title, told }) => ({ id: key, title, told })),
    more: { jobs: beyond(jobs), machines: beyond(machines) },
    ...(await beside(db, words, titles)),
  }
}

const beyond = (found: Entry[]): number => Math.max(0, found.length - MOST)

/** Of parts and of notes each so many: they stand below what is found by name. */
const MOST_BESIDE = 12

async function beside(
  db: Database,
  query: string,
  titles: ReadonlyMap<string, string>,
): Promise<Pick<Found, 'parts' | 'notes'>> {
  const words = query.split(/\s+/).filter((word) => word.length > 1)
  // Signs alone are no words: everything would have them.
  if (words.length === 0 || !/[\p{L}\p{N}]/u.test(query)) return { parts: [], notes: [] }
  const fitted = await fittedWith(db, words, MOST_BESIDE)
  const kinds = ['motor', 'capacitor'] as const
  const stored = (await Promise.all(kinds.map((kind) => searchParts(query, kind)))).flat()
  const typed = await typedWith(db, words, MOST_BESIDE)
  return {
    parts: [
      ...fitted.map(({ machineId, text }) => ({
        id: `fitted ${machineId} ${text}`,
        title: text.trim(),
        where: `in ${titles.get(machineId) ?? 'a machine'}`,
        href: `/machines/${machineId}`,
      })),
      ...stored.map((part) => ({
        id: part.id,
        title: (part.motor ? motorWords(part.motor) : part.capacitor ? capacitorWords(part.capacitor) : [])
          .filter(Boolean)
          .join(', '),
        where: part.catalogue,
        href: '/shelf',
      })),
    ].slice(0, MOST_BESIDE),
    notes: typed.map(({ jobId, machineId, text }, index) => ({
      id: `${jobId ?? machineId} ${index}`,
      title: titles.get(machineId) ?? '',
      text: text.slice(0, 160),
      href: jobId ? `/jobs/${jobId}/record` : `/machines/${machineId}`,
    })),
  }
}

const LONGEST = 200
