import { isGoodMachine } from '@/core/archive/values'
import { isCoreError } from '@/core/errors'
import type { HouseholdRow, JobRow, MachineRow } from '@/core/job'
import { machineTitle, titleAndPlace } from '@/core/job/title'
import { proveChecks } from '@/core/knowledge/proofChecks'
import type { FamilyId } from '@/core/knowledge/vocabulary'
import { dayIn } from '@/core/units/days'
import type { OwnName } from '@/core/words/ownNames'
import { retiredMachines } from '@/data/house'
import { findHousehold, listJobs, listMachines, listOwnNames } from '@/data/household'
import { listDueLooks } from '@/data/jobs'
import { fileTrouble } from '@/data/trouble'
import { readPlan } from './backup/plan'
import { type BenchLine, benchLinesOf } from './benchLines'
import { store } from './store'
import { withoutLogSince } from './withoutLog'

export async function readHousehold(): Promise<HouseholdRow> {
  const { db } = await store()
  return (await findHousehold(db))!
}

/** The household, or the sentence that says why its file cannot be opened. */
export async function openedHousehold(): Promise<{ household: HouseholdRow } | { error: string }> {
  try {
    return { household: await readHousehold() }
  } catch (error) {
    const known = isCoreError(error) ? error : fileTrouble(error)
    if (known) return { error: known.message }
    throw error
  }
}

export interface BenchJob {
  /** The machine with where it stands. */
  title: string
  job: JobRow
  machine: MachineRow
  /** What was worked out of it; null while that is being done. */
  line: BenchLine | null
}

/** Rows of a page of any list. */
export const PAGE = 20

/** So many machines of one kind are offered at a new job, those with the last jobs first. */
const OFFERED = 12

interface Listed {
  jobs: JobRow[]
  machines: MachineRow[]
  entries: { job: JobRow; machine: MachineRow }[]
  household: HouseholdRow | undefined
}

async function listed(): Promise<Listed> {
  const { db } = await store()
  const [jobs, machines, household] = await Promise.all([listJobs(db), listMachines(db), findHousehold(db)])
  const machineOf = new Map(machines.map((machine) => [machine.id, machine]))
  const entries = jobs.flatMap((job) => {
    const machine = machineOf.get(job.machineId)
    return machine ? [{ job, machine }] : []
  })
  return { jobs, machines, entries, household }
}

async function rowsOf({ household }: Listed, some: Listed['entries'], now: number): Promise<BenchJob[]> {
  const { db } = await store()
  const lines = await benchLinesOf(db, some, household, now)
  return some.map((entry) => ({
    ...entry,
    title: titleAndPlace(entry.machine),
    line: lines.get(entry.job.id) ?? null,
  }))
}

/**
 * Jobs lying on the bench, newest first, each with its power line, leading suspect and next act; of each list its first page.
 *
 * @param zone the person's time zone: what is due today is due by their calendar
 * @param at a machine that is among those to choose from in any case
 */
export async function readBench({ zone, at = '' }: { zone?: string; at?: string } = {}): Promise<{
  open: BenchJob[]
  closed: BenchJob[]
  /** Jobs that are not in the lists, since they would be too long. */
  left: { open: number; closed: number }
  /** Machines to choose from, each under a title of its own. */
  known: { id: string; family: FamilyId; title: string }[]
  due: MachineRow[]
  /** Looks that lie in the future or are due, answered or not yet. */
  looks: { jobId: string; dueAt: string; title: string; what: string }[]
  /** The first questions were answered, or left. */
  introduced: boolean
  /** Something is to be seen under Data: the file came without its log, or a backup that was due failed. */
  dataTrouble: boolean
}> {
  const { db, folder } = await store()
  const now = Date.now()
  const all = await listed()
  const { jobs, machines, entries, household } = all
  const shownOf = (status: 'open' | 'closed') => {
    const own = entries.filter(({ job }) => job.status === status)
    return { shown: own.slice(0, PAGE), left: Math.max(0, own.length - PAGE) }
  }
  const [open, closed] = [shownOf('open'), shownOf('closed')]
  const rows = await rowsOf(all, [...open.shown, ...closed.shown], now)
  const today = dayIn(now, zone)
  const retired = await retiredMachines(db)
  const inUse = machines.filter(({ id }) => !retired.has(id) || id === at)
  const looks = await listDueLooks(db, new Date(now).toISOString())
  const familyOf = new Map(entries.map(({ job, machine }) => [job.id, machine]))
  return {
    open: rows.slice(0, open.shown.length),
    closed: rows.slice(open.shown.length),
    left: { open: open.left, closed: closed.left },
    introduced: household?.introduced === 1,
    dataTrouble: withoutLogSince(folder.path) !== null || (await readPlan()).lastError !== '',
    known: namedApart(offered(inUse.filter(isGoodMachine), jobs, at), jobs, zone),
    due: inUse.filter((machine) => machine.nextLook !== null && machine.nextLook <= today).slice(0, PAGE),
    looks: looks.slice(0, PAGE).map(({ jobId, checkId, dueAt }) => {
      const machine = familyOf.get(jobId)
      const check = machine && proveChecks[machine.family].find((each) => each.id === checkId)
      return { jobId, dueAt, title: machine ? machineTitle(machine) : '', what: check?.act ?? checkId }
    }),
  }
}

/** More open jobs than a person chooses from. */
const CHOSEN_FROM = 500

/** Open jobs by the title of their machine, those that were touched last in front. */
export async function openJobTitles(): Promise<{ id: string; title: string }[]> {
  const { entries } = await listed()
  return entries
    .filter(({ job, machine }) => job.status === 'open' && isGoodMachine(machine))
    .slice(0, CHOSEN_FROM)
    .map(({ job, machine }) => ({ id: job.id, title: titleAndPlace(machine) }))
}

/** One page of a long list, counted from 1; a page beyond the last is the last. */
export interface PageOf<Row> {
  rows: Row[]
  page: number
  pages: number
  count: number
}

function pageOf<Row>(rows: Row[], asked: number): PageOf<Row> {
  const pages = Math.max(1, Math.ceil(rows.length / PAGE))
  const page = Math.min(pages, Math.max(1, Number.isInteger(asked) ? asked : 1))
  return { rows: rows.slice((page - 1) * PAGE, page * PAGE), page, pages, count: rows.length }
}

/** All jobs of a state, newest first, by the page. */
export async function readJobs(status: 'open' | 'closed', asked: number): Promise<PageOf<BenchJob>> {
  const all = await listed()
  const page = pageOf(
    all.entries.filter(({ job }) => job.status === status),
    asked,
  )
  return { ...page, rows: await rowsOf(all, page.rows, Date.now()) }
}

/** Machines with their jobs, newest first, by the page. One with a stored value that cannot be read is marked so. */
export async function readMachinesWithJobs(
  asked = 1,
): Promise<PageOf<{ machine: MachineRow; jobs: JobRow[]; good: boolean; retiredAt: string | null }>> {
  const { db } = await store()
  const [{ jobs, machines }, retired] = await Promise.all([listed(), retiredMachines(db)])
  const byMachine = new Map<string, JobRow[]>()
  for (const job of jobs) byMachine.set(job.machineId, [...(byMachine.get(job.machineId) ?? []), job])
  const page = pageOf(machines, asked)
  return {
    ...page,
    rows: page.rows.map((machine) => ({
      machine,
      jobs: byMachine.get(machine.id) ?? [],
      good: isGoodMachine(machine),
      retiredAt: retired.get(machine.id) ?? null,
    })),
  }
}

/** On which page of the household a machine stands; 1 where there is no such machine. */
export async function pageOfMachine(id: string): Promise<number> {
  const { db } = await store()
  const place = (await listMachines(db)).findIndex((machine) => machine.id === id)
  return Math.floor(Math.max(0, place) / PAGE) + 1
}

/** Of each kind the machines with the last jobs, and the one that is asked for. Of those in use no more only that one. */
function offered(machines: MachineRow[], jobs: JobRow[], at: string): MachineRow[] {
  const last = new Map<string, number>()
  jobs.forEach(({ machineId }, index) => {
    if (!last.has(machineId)) last.set(machineId, index)
  })
  const place = ({ id }: MachineRow) => last.get(id) ?? jobs.length
  const counts = new Map<string, number>()
  return [...machines]
    .sort((one, other) => place(one) - place(other))
    .filter(({ id, family }) => {
      const count = (counts.get(family) ?? 0) + 1
      counts.set(family, count)
      return count <= OFFERED || id === at
    })
}

/** Two machines of one name are told apart by their last job. */
function namedApart(
  machines: MachineRow[],
  jobs: JobRow[],
  zone: string | undefined,
): { id: string; family: FamilyId; title: string }[] {
  const lastOf = new Map<string, string>()
  for (const job of jobs)
    if (!lastOf.has(job.machineId)) lastOf.set(job.machineId, dayIn(Date.parse(job.openedAt), zone))
  const titles = machines.map(titleAndPlace)
  const counts = new Map<string, number>()
  for (const title of titles) counts.set(title, (counts.get(title) ?? 0) + 1)
  return machines.map(({ id, family }, index) => {
    const title = titles[index] ?? ''
    const alone = counts.get(title) === 1
    const last = lastOf.get(id)
    return { id, family, title: alone ? title : `${title}, ${last ? `last job ${last}` : 'no job yet'}` }
  })
}

/** What the household calls its machines. */
export async function readOwnNames(): Promise<OwnName[]> {
  const { db } = await store()
  return (await listOwnNames(db)).map(({ words, family, machineId }) => ({ words, family, machineId }))
}
