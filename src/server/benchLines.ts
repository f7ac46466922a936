import { createHash } from 'node:crypto'
import {
  activeStops,
  diagnosisOf,
  energyOf,
  type HouseholdRow,
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
import { type Database, transact } from '@/data/database'
import { nextActOf } from './nextAct'
import { readableSnapshot } from './readable'

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

/** Of the household what moves a line: its tools, its supply, its meters; neither its name nor how its pages look. */
const moves = ({
  name: _name,
  theme: _theme,
  singleKeys: _keys,
  demoParts: _parts,
  introduced: _told,
  ...rest
}: HouseholdRow) => JSON.stringify(rest)

/** What a line was worked out from; with any other it is stale. */
const keyOf = (job: JobRow, machine: MachineRow, household: HouseholdRow | undefined): string =>
  [
    job.rev,
    job.status,
    machine.family,
    machine.motorKind,
    machine.installedYear,
    household ? moves(household) : '',
    knowledge,
  ].join('/')

type Entry = { job: JobRow; machine: MachineRow }

/** So long a page waits for lines; what is not worked out by then follows. Milliseconds. */
const PATIENCE_MS = 120

interface Memo {
  key: string
  at: number
  line: BenchLine
}

const holder = globalThis as unknown as {
  restCogLines?: Map<string, Promise<BenchLine>>
  restCogLineMemos?: Map<string, Memo>
}
/** The last lines that were worked out, where the file could not keep them. */
const memos = (): Map<string, Memo> => {
  holder.restCogLineMemos ??= new Map()
  return holder.restCogLineMemos
}
const MOST_MEMOS = 500

/** Another file stands in the place of the one from which lines were worked out. */
export const forgetLines = (): void => memos().clear()
/** Lines that are being worked out, each once however many pages ask. */
const running = (): Map<string, Promise<BenchLine>> => {
  holder.restCogLines ??= new Map()
  return holder.restCogLines
}

/**
 * The lines of jobs, each worked out once for each state of its job and kept in the file. What has to be worked out is done one
 * job after another, with everybody else served between two of them; a page does not wait for all of them, and shows the rest
 * as being worked out.
 *
 * @returns no line for a job that is still being worked out
 */
export async function benchLinesOf(
  db: Database,
  jobs: Entry[],
  household: HouseholdRow | undefined,
  now: number,
  patience = PATIENCE_MS,
): Promise<Map<string, BenchLine>> {
  const kept = new Map((await keptLines(db, jobs)).map((row) => [row.jobId, row]))
  const lines = new Map<string, BenchLine>()
  const missing: { entry: Entry; key: string }[] = []
  for (const entry of jobs) {
    const key = keyOf(entry.job, entry.machine, household)
    const known = kept.get(entry.job.id)
    const memo = memos().get(entry.job.id)
    if (known?.key === key && (known.timed === 0 || now - known.at < TIMED_MS))
      lines.set(entry.job.id, JSON.parse(known.line) as BenchLine)
    else if (memo?.key === key && now - memo.at < TIMED_MS) lines.set(entry.job.id, memo.line)
    else missing.push({ entry, key })
  }
  if (missing.length === 0) return lines
  let over = false
  const all = (async () => {
    for (const { entry, key } of missing) {
      const line = await lineInTurn(db, entry.job.id, key, now)
      if (!over) lines.set(entry.job.id, line)
    }
  })()
  // Nobody waits for the rest: what fails there fails again where it is waited for.
  all.catch(() => {})
  await Promise.race([all, new Promise((resolve) => setTimeout(resolve, patience))])
  over = true
  return lines
}

const keptLines = async (db: Database, jobs: Entry[]) =>
  jobs.length === 0
    ? []
    : db
        .selectFrom('bench_line')
        .selectAll()
        .where(
          'jobId',
          'in',
          jobs.map(({ job }) => job.id),
        )
        .execute()

/** One line, behind those that were asked for before it, with a turn for everybody else in between. */
function lineInTurn(db: Database, jobId: string, key: string, now: number): Promise<BenchLine> {
  const own = `${jobId}/${key}`
  const known = running().get(own)
  if (known) return known
  const line = (async () => {
    await new Promise((resolve) => setImmediate(resolve))
    const snapshot = await readableSnapshot(db, jobId).catch(() => null)
    const worked = snapshot ? readableLine(snapshot, now) : null
    if (worked) await keepLine(db, jobId, key, worked, now)
    const line = worked ?? unreadable
    const [oldest] = memos().keys()
    if (memos().size >= MOST_MEMOS && oldest !== undefined) memos().delete(oldest)
    memos().set(jobId, { key, at: now, line })
    return line
  })()
  running().set(own, line)
  void line.finally(() => running().delete(own)).catch(() => {})
  return line
}

/** Kept for the next time. Where the disk is full it is worked out again then: reading a page never fails by it. */
async function keepLine(
  db: Database,
  jobId: string,
  key: string,
  line: BenchLine,
  now: number,
): Promise<void> {
  const row = {
    key,
    at: now,
    timed: STILL.includes(line.state) ? (0 as const) : (1 as const),
    line: JSON.stringify(line),
  }
  await transact(db, async (trx) => {
    await trx
      .insertInto('bench_line')
      .values({ jobId, ...row })
      .onConflict((conflict) => conflict.column('jobId').doUpdateSet(row))
      .execute()
  }).catch(() => undefined)
}

/** A job that cannot be worked out stands in the list all the same, as one that may be live. */
const unreadable: BenchLine = {
  state: 'live',
  points: [],
  suspect: null,
  waits: [],
  next: 'A stored value cannot be read: open it to see which',
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
