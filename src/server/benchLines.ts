import { createHash } from 'node:crypto'
import {
  activeStops,
  diagnosisOf,
  energyOf,
  type JobRow,
  type JobSnapshot,
  type MachineRow,
} from '@/core/job'
import { type Order, waitingOrders } from '@/core/job/parts/orders'
import { alongTheLine } from '@/core/knowledge/isolation'
import { leaks } from '@/core/knowledge/leaks'
import { likelihoods } from '@/core/knowledge/likelihoods'
import { priors } from '@/core/knowledge/priors'
import { shortCauses } from '@/core/knowledge/shortCauses'
import type { EnergyState } from '@/core/knowledge/vocabulary'
import type { Database } from '@/data/database'
import { loadSnapshot } from '@/data/jobs'
import { nextActOf } from './nextAct'

/** What the list shows of a job beside its own row and its machine's. */
export interface BenchLine {
  state: EnergyState
  /** Isolation points in plan order: drawn small. */
  points: { open: boolean }[]
  suspect: { label: string; probability: number } | null
  next: string
  /** Parts that are ordered and have not come, the first due in front. */
  waits: Pick<Order, 'part' | 'orderedOn' | 'due'>[]
  stopped: boolean
}

/** A line whose power state runs by the clock is worked out again after this time. */
const TIMED_MS = 60_000
/** States that only an act changes. */
const STILL: EnergyState[] = ['live', 'isolating', 'live-test', 'in-service']

/** Other tables of knowledge, other suspects, another shape of the line: what was worked out by older ones does not count. */
const knowledge = createHash('sha256')
  .update(JSON.stringify(['state, waits', priors, likelihoods, leaks]))
  .digest('hex')
  .slice(0, 12)

/** What a line was worked out from; with any other it is stale. */
const keyOf = (job: JobRow, machine: MachineRow, household: string): string =>
  [job.rev, job.status, machine.family, machine.motorKind, machine.installedYear, household, knowledge].join(
    '/',
  )

/**
 * The lines of jobs, each worked out once for each state of its job and kept in the file: a list of thousands is read in one
 * query, and only what has changed since is worked out.
 */
export async function benchLinesOf(
  db: Database,
  jobs: { job: JobRow; machine: MachineRow }[],
  household: string,
  now: number,
): Promise<Map<string, BenchLine>> {
  const kept = new Map(
    (
      await db
        .selectFrom('bench_line')
        .selectAll()
        .where(
          'jobId',
          'in',
          jobs.map(({ job }) => job.id),
        )
        .execute()
    ).map((row) => [row.jobId, row]),
  )
  const lines = new Map<string, BenchLine>()
  for (const { job, machine } of jobs) {
    const key = keyOf(job, machine, household)
    const known = kept.get(job.id)
    if (known?.key === key && (known.timed === 0 || now - known.at < TIMED_MS)) {
      lines.set(job.id, JSON.parse(known.line) as BenchLine)
      continue
    }
    const snapshot = await loadSnapshot(db, job.id)
    if (!snapshot) continue
    const line = readableLine(snapshot, now)
    if (!line) {
      lines.set(job.id, unreadable)
      continue
    }
    lines.set(job.id, line)
    const row = {
      key,
      at: now,
      timed: STILL.includes(line.state) ? (0 as const) : (1 as const),
      line: JSON.stringify(line),
    }
    await db
      .insertInto('bench_line')
      .values({ jobId: job.id, ...row })
      .onConflict((conflict) => conflict.column('jobId').doUpdateSet(row))
      .execute()
  }
  return lines
}

/** A job that cannot be worked out stands in the list all the same, as one that may be live. */
const unreadable: BenchLine = {
  state: 'live',
  points: [],
  suspect: null,
  waits: [],
  next: 'This job cannot be worked out as it is stored: open it',
  stopped: false,
}

function readableLine(snapshot: JobSnapshot, now: number): BenchLine | null {
  try {
    return lineOf(snapshot, now)
  } catch {
    return null
  }
}

function lineOf(snapshot: JobSnapshot, now: number): BenchLine {
  const diagnosis = diagnosisOf(snapshot)
  const energy = energyOf(snapshot, now)
  const [top] = diagnosis.suspects
  return {
    state: energy.state,
    points: alongTheLine(snapshot.points.filter((point) => !point.struckAt)).map((point) => ({
      open: point.openedAt !== null,
    })),
    suspect: top ? { label: shortCauses[top.cause], probability: top.probability } : null,
    next: nextActOf(snapshot, diagnosis, energy),
    waits:
      snapshot.job.status === 'open'
        ? waitingOrders(snapshot).map(({ part, orderedOn, due }) => ({ part, orderedOn, due }))
        : [],
    stopped: activeStops(snapshot).length > 0 || energy.stop !== null,
  }
}
