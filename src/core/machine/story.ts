import { speedOfJob } from '../job/evidence/speedOfJob'
import { ownWayOf } from '../job/ledger/ownWay'
import { chosenCapacitor, chosenMotor, partName } from '../job/parts/candidates'
import { wentIn } from '../job/parts/wentIn'
import { runSeen } from '../job/proving/runs'
import type { JobRow, JobSnapshot } from '../job/rows'
import { sequenceOf } from '../knowledge/sequences'
import { typedValue } from '../units/parseTyped'

/** One repair of a machine, as its page tells it. */
export interface Repair {
  id: string
  symptom: string
  openedAt: string
  /** Null while the job is open. */
  result: JobRow['result']
  status: JobRow['status']
  /** Ids of the cause that was agreed and of what was done; null where nothing was decided. */
  cause: string | null
  action: string | null
  /** What went in, by name. */
  fitted: string[]
  lesson: string
  /** Of whoever did it; null where nobody wrote it down or it is no number. */
  minutes: number | null
  /** In the household's own money. */
  cost: number | null
  /** Turns a minute, as it ran then. */
  rpm: number | null
  /** So many repairs before it had the same cause. */
  again: number
}

/** A part that is in the machine now, as far as its jobs know. */
export interface FittedPart {
  what: 'motor' | 'capacitor'
  name: string
  /** When the job that fitted it ended, or was last touched. */
  since: string
}

/** A way in that was kept under a name at this machine. */
export interface KeptWay {
  jobId: string
  name: string
  lines: number
  openedAt: string
}

/** A start of the machine on a day on which it was well, as somebody watched it. */
export interface GoodStart {
  jobId: string
  at: string
  /** What came, in its order, in seconds after the call. */
  events: { what: string; seconds: number }[]
}

export interface MachineStory {
  /** The newest first. */
  repairs: Repair[]
  fitted: FittedPart[]
  ways: KeptWay[]
  /** The newest start that was watched in a job that ended well; null where none was. */
  start: GoodStart | null
  /** Sums of what was written down; null where nothing was. */
  minutes: number | null
  cost: number | null
}

/**
 * What the jobs of one machine tell of it: what was wrong and done, what it took, and what is in it now.
 *
 * @param jobs of one machine, in any order
 */
export function storyOf(jobs: JobSnapshot[]): MachineStory {
  const ordered = [...jobs].sort((one, two) => two.job.openedAt.localeCompare(one.job.openedAt))
  const repairs = withAgain(ordered.map(repairOf))
  return {
    repairs,
    fitted: (['motor', 'capacitor'] as const).flatMap((what) => fittedNow(ordered, what) ?? []),
    ways: ordered.flatMap((snapshot) => wayOf(snapshot) ?? []),
    start: ordered.flatMap((snapshot) => startOf(snapshot) ?? [])[0] ?? null,
    minutes: sumOf(repairs.map(({ minutes }) => minutes)),
    cost: sumOf(repairs.map(({ cost }) => cost)),
  }
}

/** @param repairs the newest first */
const withAgain = (repairs: Omit<Repair, 'again'>[]): Repair[] =>
  repairs.map((repair, index) => ({
    ...repair,
    again:
      repair.cause === null
        ? 0
        : repairs
            .slice(index + 1)
            .filter(({ cause, status }) => cause === repair.cause && status === 'closed').length,
  }))

function repairOf(snapshot: JobSnapshot): Omit<Repair, 'again'> {
  const { job, decisions } = snapshot
  const [decided] = decisions
  const other = wentIn(snapshot)
  return {
    id: job.id,
    symptom: job.symptom,
    openedAt: job.openedAt,
    result: job.result,
    status: job.status,
    cause: decided?.cause ?? null,
    action: decided?.action ?? null,
    fitted: [
      ...(['motor', 'capacitor'] as const).flatMap((what) => nameOfChosen(snapshot, what) ?? []),
      ...(other ? [other] : []),
    ],
    lesson: job.lesson,
    minutes: typedValue(job.minutesSpent, 'minutes'),
    cost: typedValue(job.cost, 'money'),
    rpm: speedOfJob(snapshot)?.rpm ?? null,
  }
}

function nameOfChosen(snapshot: JobSnapshot, what: FittedPart['what']): string | null {
  const part = what === 'motor' ? chosenMotor(snapshot) : chosenCapacitor(snapshot)
  return part ? partName(snapshot, part) : null
}

function wayOf(snapshot: JobSnapshot): KeptWay | null {
  const way = ownWayOf(snapshot)
  return way && { jobId: way.jobId, name: way.name, lines: way.lines.length, openedAt: way.openedAt }
}

/** The last start of a job that ended well: the ones before it were watched to find the fault. */
function startOf({ job, machine, runs }: JobSnapshot): GoodStart | null {
  const sequence = sequenceOf(machine.family)
  const last = [...runs].sort((one, two) => (one.startedAt < two.startedAt ? 1 : -1))[0]
  if (!sequence || !last || !endedWell(job)) return null
  const seen = runSeen(last)
  const events = sequence.events
    .flatMap(({ id, what }) => (seen[id] === undefined ? [] : [{ what, seconds: seen[id] }]))
    .sort((one, two) => one.seconds - two.seconds)
  return events.length > 0 ? { jobId: job.id, at: last.startedAt, events } : null
}

const endedWell = ({ status, result }: JobRow): boolean =>
  status === 'closed' && (result === 'runs' || result === 'runs-with-remarks')

/** Of the jobs that ended well the last one that fitted such a part: one that only chose it fitted nothing. */
function fittedNow(newestFirst: JobSnapshot[], what: FittedPart['what']): FittedPart | null {
  for (const snapshot of newestFirst) {
    const { job } = snapshot
    if (!endedWell(job)) continue
    const name = nameOfChosen(snapshot, what)
    if (name) return { what, name, since: job.closedAt ?? job.touchedAt }
  }
  return null
}

function sumOf(values: (number | null)[]): number | null {
  const known = values.filter((value) => value !== null)
  return known.length > 0 ? known.reduce((sum, value) => sum + value, 0) : null
}
