import {
  activeStops,
  diagnosisOf,
  type Energy,
  energyOf,
  type HouseholdRow,
  type JobRow,
  type MachineRow,
} from '@/core/job'
import { alongTheLine } from '@/core/knowledge/isolation'
import { proveChecks } from '@/core/knowledge/proofChecks'
import { shortCauses } from '@/core/knowledge/shortCauses'
import { shortLabels } from '@/core/knowledge/valueLabels'
import { type FamilyId, familyLabel, vocabulary } from '@/core/knowledge/vocabulary'
import { findHousehold, findMachine, listJobs, listMachines } from '@/data/household'
import { listDueLooks, loadSnapshot } from '@/data/jobs'
import { store } from './store'

export async function readHousehold(): Promise<HouseholdRow> {
  const { db } = await store()
  return (await findHousehold(db))!
}

export interface BenchJob {
  job: JobRow
  machine: MachineRow
  energy: Energy
  /** Isolation points in plan order: drawn small. */
  points: { open: boolean }[]
  suspect: { label: string; probability: number } | null
  next: string
  stopped: boolean
}

/** Jobs lying on the bench, newest first, each with its power line, leading suspect and next act. */
export async function readBench(): Promise<{
  open: BenchJob[]
  closed: BenchJob[]
  machines: MachineRow[]
  /** Machines to choose from, each under a title of its own. */
  known: { id: string; family: FamilyId; title: string }[]
  due: MachineRow[]
  /** Looks that lie in the future or are due, answered or not yet. */
  looks: { jobId: string; dueAt: string; title: string; what: string }[]
}> {
  const { db } = await store()
  const [jobs, machines] = await Promise.all([listJobs(db), listMachines(db)])
  const rows: BenchJob[] = []
  for (const job of jobs) {
    const snapshot = await loadSnapshot(db, job.id)
    if (!snapshot) continue
    const diagnosis = diagnosisOf(snapshot)
    const energy = energyOf(snapshot, Date.now())
    const top = diagnosis.suspects[0]
    rows.push({
      job,
      machine: snapshot.machine,
      energy,
      points: alongTheLine(snapshot.points.filter((point) => !point.struckAt)).map((point) => ({
        open: point.openedAt !== null,
      })),
      suspect: top ? { label: shortCauses[top.cause], probability: top.probability } : null,
      next: nextActOf(snapshot, diagnosis, energy),
      stopped: activeStops(snapshot).length > 0 || energy.stop !== null,
    })
  }
  const today = new Date().toISOString().slice(0, 10)
  const looks = await listDueLooks(db, new Date().toISOString())
  return {
    open: rows.filter((row) => row.job.status === 'open'),
    closed: rows.filter((row) => row.job.status === 'closed'),
    machines,
    known: namedApart(machines, jobs),
    due: machines.filter((machine) => machine.nextLook !== null && machine.nextLook <= today),
    looks: looks.map(({ jobId, checkId, dueAt }) => {
      const row = rows.find(({ job }) => job.id === jobId)
      return {
        jobId,
        dueAt,
        title: row ? machineTitle(row.machine) : '',
        what: row
          ? (proveChecks[row.machine.family].find((check) => check.id === checkId)?.act ?? checkId)
          : checkId,
      }
    }),
  }
}

/** Two machines of one name are told apart by their last job. */
function namedApart(
  machines: MachineRow[],
  jobs: JobRow[],
): { id: string; family: FamilyId; title: string }[] {
  const titles = machines.map((machine) => [machineTitle(machine), machine.place].filter(Boolean).join(', '))
  return machines.map(({ id, family }, index) => {
    const title = titles[index] ?? ''
    const alone = titles.filter((each) => each === title).length === 1
    const last = jobs.find((job) => job.machineId === id)?.openedAt.slice(0, 10)
    return { id, family, title: alone ? title : `${title}, ${last ? `last job ${last}` : 'no job yet'}` }
  })
}

function nextActOf(
  snapshot: NonNullable<Awaited<ReturnType<typeof loadSnapshot>>>,
  diagnosis: ReturnType<typeof diagnosisOf>,
  energy: Energy,
): string {
  if (snapshot.job.status === 'closed') return 'Closed'
  const [stop] = activeStops(snapshot)
  if (stop) return `Stopped: ${vocabulary.stopRules[stop.rule].label.toLowerCase()}`
  if (energy.stop) return `Stopped: ${energy.stop.volts} V at ${energy.stop.pair}`
  const ledgerOpen = snapshot.ledger.filter((line) => !line.doneAt).length
  const backOpen = snapshot.ledger.filter(
    (line) => line.doneAt && !line.backDoneAt && !['photo', 'mark', 'measure'].includes(line.action),
  ).length
  if (snapshot.checks.length > 0) return 'Prove: go on with the checks'
  if (snapshot.landings.some((landing) => landing.doneAt)) return `Refit: ${backOpen} acts to go`
  if (snapshot.fields.some((field) => field.part === 'choice')) return 'Wire and refit the new part'
  if (snapshot.ledger.length > 0)
    return ledgerOpen > 0
      ? `Take apart: ${ledgerOpen} of ${snapshot.ledger.length} to go`
      : 'Match the new part'
  const [decision] = snapshot.decisions
  if (decision) return decision.action === 'call-licensed-trade' ? 'Call the trade' : 'Take it apart'
  if (diagnosis.decided) return 'Agree with the verdict'
  const test = diagnosis.nextTests[0]
  return test ? `Next: ${shortLabels[test.observation].toLowerCase()}` : 'Decide'
}

export async function readMachine(id: string): Promise<{ machine: MachineRow; jobs: JobRow[] } | null> {
  const { db } = await store()
  const machine = await findMachine(db, id)
  if (!machine) return null
  const jobs = (await listJobs(db)).filter((job) => job.machineId === id)
  return { machine, jobs }
}

export const machineTitle = (machine: MachineRow): string => machine.name || familyLabel(machine.family)
