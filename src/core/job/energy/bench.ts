import { machineSide } from '../../knowledge/machineWords'
import { accessActions, type BenchPart, benchParts } from '../../refit/types'
import type { JobSnapshot, LedgerRow } from '../rows'
import { isPresent } from './period'
import { capacitorMayBe, planKindMayBeElectronic } from './place'

/**
 * Whether a part is out of the machine: every line that takes it out was ticked in a dead period and is not back, or the
 * person recorded that it was out before this job began. Nothing else makes a bench.
 */
export const isOut = (snapshot: JobSnapshot, part: BenchPart): boolean =>
  snapshot.outParts.some((row) => row.part === part && !row.backAt) || freeingLine(snapshot, part) !== null

/** Lines of the ledger that take the part out; a look, a mark or a note takes nothing out, whatever it says. */
const freeing = (snapshot: JobSnapshot, part: BenchPart): LedgerRow[] =>
  snapshot.ledger.filter((line) => line.frees === part && !line.struckAt && mayFree(line))

/** Acts by which a part leaves its machine. */
export const mayFree = ({ action }: Pick<LedgerRow, 'action'>): boolean => freeingActions.includes(action)
const freeingActions: LedgerRow['action'][] = [
  'unscrew',
  'loosen',
  'unplug',
  'disconnect',
  'unclip',
  'lift-off',
  'slide-out',
  'cut-wire',
  'unsolder',
]

/**
 * Ticked while dead and not set back. A tick of the way back that was taken away lays the part there again only where no
 * power has come since: what was set back in an older period stays in the machine until it is taken out anew.
 */
const isFreed = (snapshot: JobSnapshot, line: LedgerRow): boolean =>
  line.doneAt !== null &&
  line.donePeriod !== null &&
  line.backDoneAt === null &&
  (line.backPeriod === null || isPresent(snapshot, line.backPeriod))

/** The last of the ticked lines of the ledger that took the part out; null while one of them is not ticked. */
export function freeingLine(snapshot: JobSnapshot, part: BenchPart): LedgerRow | null {
  const lines = freeing(snapshot, part)
  return lines.every((line) => isFreed(snapshot, line)) ? (lines.at(-1) ?? null) : null
}

/** The new part is in the machine: what was taken out, or was out before, went back. */
export const isSetIn = (snapshot: JobSnapshot, part: BenchPart): boolean =>
  !isOut(snapshot, part) &&
  (freeing(snapshot, part).some((line) => line.backDoneAt !== null || line.backPeriod !== null) ||
    snapshot.outParts.some((row) => row.part === part && row.backAt))

export const partsOut = (snapshot: JobSnapshot): BenchPart[] =>
  benchParts.filter((part) => isOut(snapshot, part))

/**
 * A line is done on the bench where it says so, its part is out, and it stands behind the line that took it out: what
 * comes before that line in the ledger is done on the machine, whatever it says.
 */
export function onBench(snapshot: JobSnapshot, line: LedgerRow): boolean {
  if (line.benchOf === '' || line.access !== '' || line.frees !== '' || !isOut(snapshot, line.benchOf))
    return false
  // A flag does not open what the words name as a place of the machine.
  if (machineSide.test(`${line.part} ${line.terminal}`.toLowerCase())) return false
  const freeing = freeingLine(snapshot, line.benchOf)
  return freeing === null || freeing.position < line.position
}

/** Acts by which a line may be one of access. */
export const mayBeAccess = (line: Pick<LedgerRow, 'action'>): boolean => accessActions.includes(line.action)

/**
 * Parts that may have been out before the job began, as they are asked for: only while nothing has been taken apart, and
 * only what the motor's kind may have.
 */
export function mayHaveBeenOut(snapshot: JobSnapshot): BenchPart[] {
  if (snapshot.ledger.some((line) => line.doneAt && line.access === '')) return []
  return benchParts.filter(
    (part) =>
      !isOut(snapshot, part) &&
      (part !== 'capacitor' || capacitorMayBe(snapshot)) &&
      (part !== 'module' || planKindMayBeElectronic(snapshot)),
  )
}
