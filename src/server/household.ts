import type { HouseholdRow, JobRow, MachineRow } from '@/core/job'
import { machineTitle, titleAndPlace } from '@/core/job/title'
import { proveChecks } from '@/core/knowledge/proofChecks'
import type { FamilyId } from '@/core/knowledge/vocabulary'
import { dayIn } from '@/core/units/days'
import type { OwnName } from '@/core/words/ownNames'
import { findHousehold, findMachine, listJobs, listMachines, listOwnNames } from '@/data/household'
import { listDueLooks } from '@/data/jobs'
import { type BenchLine, benchLinesOf } from './benchLines'
import { store } from './store'

export async function readHousehold(): Promise<HouseholdRow> {
  const { db } = await store()
  return (await findHousehold(db))!
}

export interface BenchJob extends BenchLine {
  /** The machine with where it stands. */
  title: string
  job: JobRow
  machine: MachineRow
}

/** So many of each list are shown at once; the rest by its own link. */
const SHOWN = { open: 60, closed: 20 }

/** Jobs lying on the bench, newest first, each with its power line, leading suspect and next act. */
/** @param zone the person's time zone: what is due today is due by their calendar */
export async function readBench({ all = false, zone }: { all?: boolean; zone?: string } = {}): Promise<{
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
}> {
  const { db } = await store()
  const now = Date.now()
  const [jobs, machines, household] = await Promise.all([listJobs(db), listMachines(db), findHousehold(db)])
  const machineOf = new Map(machines.map((machine) => [machine.id, machine]))
  const entries = jobs.flatMap((job) => {
    const machine = machineOf.get(job.machineId)
    return machine ? [{ job, machine }] : []
  })
  const shownOf = (status: 'open' | 'closed') => {
    const own = entries.filter(({ job }) => job.status === status)
    return { shown: all ? own : own.slice(0, SHOWN[status]), count: own.length }
  }
  const [open, closed] = [shownOf('open'), shownOf('closed')]
  const lines = await benchLinesOf(db, [...open.shown, ...closed.shown], JSON.stringify(household), now)
  const rowsOf = (some: typeof entries): BenchJob[] =>
    some.flatMap((entry) => {
      const line = lines.get(entry.job.id)
      return line ? [{ ...entry, ...line, title: titleAndPlace(entry.machine) }] : []
    })
  const today = dayIn(now, zone)
  const looks = await listDueLooks(db, new Date(now).toISOString())
  const familyOf = new Map(entries.map(({ job, machine }) => [job.id, machine]))
  return {
    open: rowsOf(open.shown),
    closed: rowsOf(closed.shown),
    left: { open: open.count - open.shown.length, closed: closed.count - closed.shown.length },
    introduced: household?.introduced === 1,
    known: namedApart(machines, jobs, zone),
    due: machines.filter((machine) => machine.nextLook !== null && machine.nextLook <= today),
    looks: looks.map(({ jobId, checkId, dueAt }) => {
      const machine = familyOf.get(jobId)
      const check = machine && proveChecks[machine.family].find((each) => each.id === checkId)
      return { jobId, dueAt, title: machine ? machineTitle(machine) : '', what: check?.act ?? checkId }
    }),
  }
}

/** Every machine with its jobs, newest first. */
export async function readMachinesWithJobs(): Promise<{ machine: MachineRow; jobs: JobRow[] }[]> {
  const { db } = await store()
  const [jobs, machines] = await Promise.all([listJobs(db), listMachines(db)])
  const byMachine = new Map<string, JobRow[]>()
  for (const job of jobs) byMachine.set(job.machineId, [...(byMachine.get(job.machineId) ?? []), job])
  return machines.map((machine) => ({ machine, jobs: byMachine.get(machine.id) ?? [] }))
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

export async function readMachine(id: string): Promise<{ machine: MachineRow; jobs: JobRow[] } | null> {
  const { db } = await store()
  const machine = await findMachine(db, id)
  if (!machine) return null
  const jobs = (await listJobs(db)).filter((job) => job.machineId === id)
  return { machine, jobs }
}

/** What the household calls its machines. */
export async function readOwnNames(): Promise<OwnName[]> {
  const { db } = await store()
  return (await listOwnNames(db)).map(({ words, family, machineId }) => ({ words, family, machineId }))
}
