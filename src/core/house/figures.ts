import type { JobRow, MachineRow } from '../job/rows'
import { titleAndPlace } from '../job/title'
import { shortCauses } from '../knowledge/shortCauses'
import { isCause } from '../knowledge/vocabulary'
import { hiredPrice } from '../options'
import { typedValue } from '../units/parseTyped'

/** A closed job, as far as the figures of the house need it. */
export interface CountedJob {
  job: Pick<JobRow, 'id' | 'machineId' | 'symptom' | 'result' | 'closedAt' | 'minutesSpent' | 'cost'>
  machine: Pick<MachineRow, 'id' | 'name' | 'place' | 'family'>
  cause: string | null
  action: string | null
  /** The way that was chosen: `hired`, `new-machine`, or one of one's own hands. */
  option: string
  /** What hiring would have cost, as somebody typed it; empty where nobody did. */
  hireTyped: string
}

export interface Sums {
  jobs: number
  /** In the household’s own money; what nobody wrote down is none of it. */
  spent: number
  minutes: number
  /** Against hiring: the trade’s price less what was spent, of what was mended by one's own hands. */
  saved: number
}

export interface HouseFigures {
  all: Sums
  years: (Sums & { year: string })[]
  machines: (Sums & { id: string; title: string })[]
  causes: { cause: string; name: string; jobs: number; machines: number }[]
  /** A line for each job, for a spreadsheet. */
  lines: JobLine[]
}

export interface JobLine extends Omit<Sums, 'jobs'> {
  jobId: string
  closedAt: string
  machine: string
  symptom: string
  cause: string
  result: string
  /** Null where it was hired, not mended, or nobody can tell. */
  hire: number | null
}

const none: Sums = { jobs: 0, spent: 0, minutes: 0, saved: 0 }
const plus = (sums: Sums, line: JobLine): Sums => ({
  jobs: sums.jobs + 1,
  spent: sums.spent + line.spent,
  minutes: sums.minutes + line.minutes,
  saved: sums.saved + line.saved,
})

/**
 * What the house spent and saved, its hours, and what failed how often, of closed jobs.
 *
 * @returns years and lines the newest first, machines and causes by how much of each there is
 */
export function houseFigures(jobs: CountedJob[]): HouseFigures {
  const lines = jobs.map(lineOf).sort((one, two) => two.closedAt.localeCompare(one.closedAt))
  const years = new Map<string, Sums>()
  const machines = new Map<string, Sums & { id: string; title: string }>()
  const causes = new Map<string, { jobs: number; machines: Set<string> }>()
  let all = none
  const machineOf = new Map(jobs.map(({ job, machine }) => [job.id, machine]))
  for (const line of lines) {
    all = plus(all, line)
    const year = line.closedAt.slice(0, 4)
    years.set(year, plus(years.get(year) ?? none, line))
    const machine = machineOf.get(line.jobId)
    if (!machine) continue
    const own = machines.get(machine.id) ?? { ...none, id: machine.id, title: line.machine }
    machines.set(machine.id, { ...own, ...plus(own, line) })
    if (line.cause === '') continue
    const cause = causes.get(line.cause) ?? { jobs: 0, machines: new Set<string>() }
    causes.set(line.cause, { jobs: cause.jobs + 1, machines: cause.machines.add(machine.id) })
  }
  return {
    all,
    years: [...years].map(([year, sums]) => ({ year, ...sums })),
    machines: [...machines.values()].sort((one, two) => two.spent - one.spent || two.jobs - one.jobs),
    causes: [...causes]
      .map(([cause, of]) => ({
        cause,
        name: isCause(cause) ? shortCauses[cause] : cause,
        jobs: of.jobs,
        machines: of.machines.size,
      }))
      .sort((one, two) => two.jobs - one.jobs),
    lines,
  }
}

function lineOf({ job, machine, cause, action, option, hireTyped }: CountedJob): JobLine {
  const spent = typedValue(job.cost, 'money')
  const mended = job.result === 'runs' || job.result === 'runs-with-remarks'
  const ownHands =
    mended && option !== 'hired' && option !== 'new-machine' && action !== 'call-licensed-trade'
  const hire = ownHands ? (typedValue(hireTyped, 'money') ?? hiredPrice(machine.family, action ?? '')) : null
  return {
    jobId: job.id,
    closedAt: job.closedAt ?? '',
    machine: titleAndPlace(machine),
    symptom: job.symptom,
    cause: cause ?? '',
    result: job.result ?? '',
    spent: spent ?? 0,
    minutes: typedValue(job.minutesSpent, 'minutes') ?? 0,
    hire,
    // Of a job whose cost nobody wrote down nothing is said to be saved.
    saved: hire === null || spent === null ? 0 : hire - spent,
  }
}

/** Captions of the figures as a spreadsheet takes them. */
export const FIGURE_COLUMNS = [
  'closed',
  'machine',
  'what was wrong',
  'cause',
  'result',
  'spent',
  'minutes',
  'hiring',
  'saved',
  'job',
]

/** The lines as texts under these captions. */
export const figureRows = ({ lines }: HouseFigures): string[][] =>
  lines.map((line) => [
    line.closedAt.slice(0, 10),
    line.machine,
    line.symptom,
    line.cause,
    line.result,
    String(line.spent),
    String(line.minutes),
    line.hire === null ? '' : String(line.hire),
    String(line.saved),
    line.jobId,
  ])
