import { inside, reachOfLine } from '../energy/gate'
import { withNextPeriod } from '../energy/period'
import { requireReach } from '../energy/requireReach'
import { activeStops } from '../energy/stops'
import { voidAll } from '../energy/voiding'
import { isPowered, powerProblems } from '../proving/power'
import type {
  AnyRow,
  EventRow,
  JobRow,
  JobSnapshot,
  LedgerRow,
  PointRow,
  RowChange,
  TableName,
} from '../rows'
import { currentRow, rowOf, withChanges } from '../snapshot'
import { type By, nobody, type Planned } from './actTypes'
import { rowChange, type Steps } from './changes'
import { logged } from './log'
import { refusal } from './refusals'

export type Direction = 'undo' | 'redo'

/** Tables that hold what was proved, and what was done to prove it. */
const safetyTables: TableName[] = [
  'points',
  'proofs',
  'proofReadings',
  'charges',
  'waits',
  'outParts',
  'stops',
]
/** Rows of the record: they stay, whatever is taken back. */
const kept: TableName[] = ['log', 'proofs', 'proofReadings']

/**
 * Take an event back, or do it again. Only what the event changed is put back, field by field, so that what another job
 * or window wrote on the same row since then stays. What touched energy ends as a closed point does: everything that was
 * proved, emptied and waited for is void, and never comes back to life.
 *
 * @param event its text and its changes, as they were stored
 * @throws CoreError `gone` where a row it needs is no longer there, `not-ready` where it would bring power back too early
 */
export function planHistory(
  snapshot: JobSnapshot,
  event: Pick<EventRow, 'text'> & { changes: RowChange[] },
  direction: Direction,
  now: number,
  by: By = nobody,
): Planned {
  const at = new Date(now).toISOString()
  const ordered = direction === 'undo' ? [...event.changes].reverse() : event.changes
  const touches = event.changes.some(touchesEnergy)
  const powered = event.changes.some(turnsPower)
  const changes = ordered
    .filter(({ table }) => !kept.includes(table))
    .flatMap((change) => steppedRow(snapshot, change, direction, at, powered))
  for (const change of changes) requireHands(snapshot, change, now)
  refuseLostStop(snapshot, withChanges(snapshot, changes))
  const after = withChanges(snapshot, changes)
  if (snapshot.job.phase !== after.job.phase) requirePower(snapshot, after, now)
  const word = direction === 'undo' ? 'taken back' : 'done again'
  const text = `${direction === 'undo' ? 'Taken back' : 'Done again'}: ${event.text}`
  const voided: Steps = touches ? voidAll(after, at, `${word}: ${event.text}`) : { changes: [], log: [] }
  return {
    text,
    mergeKey: null,
    changes: [
      ...(voided.discards
        ? withNextPeriod(after, joined(changes, voided.changes), at)
        : joined(changes, voided.changes)),
      ...logged(
        snapshot,
        at,
        by,
        touches
          ? [{ kind: direction === 'undo' ? 'taken-back' : 'done-again', detail: event.text }, ...voided.log]
          : bypassesOf(event.changes, direction),
      ),
    ],
  }
}

/** Whether a change says anything about what is off, proved or stored. */
function touchesEnergy({ table, before, after }: RowChange): boolean {
  if (safetyTables.includes(table)) return true
  if (table === 'fields') return partOf(before) === 'plan' || partOf(after) === 'plan'
  if (table === 'machine')
    return ['motorKind', 'circuit'].some((name) => field(before, name) !== field(after, name))
  // Of an act that voided what was void already only the next period is left: an ended one never comes back.
  if (table === 'job' && field(before, 'period') !== field(after, 'period')) return true
  return turnsPower({ table, before, after })
}

/** A step of the job by which power came, or may have come, back. */
const turnsPower = ({ table, before, after }: Omit<RowChange, 'id'>): boolean =>
  table === 'job' && ['phase', 'status'].some((name) => field(before, name) !== field(after, name))

const field = (row: AnyRow | null, name: string): unknown => (row as Record<string, unknown> | null)?.[name]
const partOf = (row: AnyRow | null): unknown => field(row, 'part')

/** One row of the event as it is after the step; nothing where the step would change nothing. */
function steppedRow(
  snapshot: JobSnapshot,
  change: RowChange,
  direction: Direction,
  at: string,
  powered: boolean,
): RowChange[] {
  const { table, id } = change
  const [from, to] = direction === 'undo' ? [change.after, change.before] : [change.before, change.after]
  const current = currentRow(snapshot, table, id) ?? null
  if (to === null) return current === null ? [] : [rowChange(snapshot, table, id, null)]
  if (current === null) {
    if (from !== null) throw refusal('gone')
    return [rowChange(snapshot, table, id, lifeless(table, to, null, at, powered))]
  }
  const names = Object.keys(to).filter((name) => field(from, name) !== field(to, name))
  const restored = {
    ...current,
    ...Object.fromEntries(names.map((name) => [name, field(to, name)])),
  } as AnyRow
  return [rowChange(snapshot, table, id, lifeless(table, restored, current, at, powered))]
}

/**
 * A row put back says nothing about energy that was not done anew. A point that was open counts as seen when it was seen, and as
 * held by nobody; after power, or struck and back, it counts as closed. A part that was set back stays back.
 */
function lifeless(
  table: TableName,
  row: AnyRow,
  current: AnyRow | null,
  at: string,
  powered: boolean,
): AnyRow {
  // Whoever has hands in says that they are out, and no step of history does.
  if (table === 'job') return { ...(row as JobRow), handsIn: (current as JobRow | null)?.handsIn ?? 1 }
  if (table === 'outParts') return field(current, 'backAt') ? (current ?? row) : row
  if (table !== 'points') return row
  const point = row as PointRow
  const turned = (['openedAt', 'struckAt'] as const).some((name) => field(current, name) !== point[name])
  if (!turned && !powered) return point
  const cameBack = field(current, 'struckAt') !== point.struckAt
  const open = point.openedAt !== null && !powered && !cameBack
  // Nobody has looked at it now: it was seen when it was seen, and after half a day it is asked for again.
  return { ...point, openedAt: open ? point.openedAt : null, held: '', changedAt: at }
}

/**
 * A tick that comes back is hands inside again: the gate decides as it does for the act.
 * @throws CoreError `not-proven`
 */
function requireHands(snapshot: JobSnapshot, { table, id, before, after }: RowChange, now: number): void {
  const ticked = (name: string) => field(after, name) && !field(before, name)
  if (table === 'ledger' && (ticked('doneAt') || ticked('backDoneAt'))) {
    const line = rowOf(snapshot, 'ledger', id) ?? (after as LedgerRow)
    requireReach(snapshot, now, reachOfLine(snapshot, line), `“${line.part}”`)
  }
  if (table === 'landings' && ticked('doneAt')) requireReach(snapshot, now, inside, 'Landing it again')
}

/**
 * A hard stop is lifted by a word, never by a step of history.
 * @throws CoreError `undo-stop`
 */
function refuseLostStop(before: JobSnapshot, after: JobSnapshot): void {
  const left = activeStops(after)
  const lost = activeStops(before).find(
    ({ rule, level }) => level === 'hard' && !left.some((stop) => stop.rule === rule),
  )
  if (lost) throw refusal('undo-stop', lost.text)
}

/** A step through the phases never leaves points open that were closed for a test, nor brings power back too early. */
function requirePower(before: JobSnapshot, after: JobSnapshot, now: number): void {
  if (!isPowered(after)) return
  const asked = { ...after, job: { ...after.job, phase: before.job.phase } }
  const [problem] = powerProblems(asked, now, after.job.phase === 'in-service' ? 'start' : 'reading')
  if (problem) throw refusal('not-ready/power', problem.text)
}

/** Later changes of a row after earlier ones of the same row, as one. */
function joined(first: RowChange[], second: RowChange[]): RowChange[] {
  const rows = new Map(first.map((change) => [`${change.table}/${change.id}`, change]))
  for (const change of second) {
    const key = `${change.table}/${change.id}`
    const known = rows.get(key)
    rows.set(key, known ? { ...change, before: known.before } : change)
  }
  return [...rows.values()]
}

/** A bypass whose tick is taken back, or done again, stands in the record. */
function bypassesOf(changes: RowChange[], direction: Direction): Steps['log'] {
  return changes.flatMap(({ table, id, before, after }): Steps['log'] => {
    if (table !== 'ledger' || field(before, 'doneAt') === field(after, 'doneAt')) return []
    const row = after ?? before
    if (field(row, 'action') !== 'bypass' && field(row, 'temporary') !== 1) return []
    return [
      {
        kind: direction === 'undo' ? 'bypass-withdrawn' : 'bypass-set',
        subject: id,
        label: String(field(row, 'part') ?? ''),
      },
    ]
  })
}
