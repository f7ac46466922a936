import { accessActions, type BenchPart, benchParts } from '../refit/types'
import { capacitorMayBe, planKindMayBeElectronic } from './place'
import type { JobSnapshot, LedgerRow } from './rows'

/**
 * Whether a part is out of the machine: the line that takes it out is ticked and not undone, or the person recorded that
 * it was out before this job began. Nothing else makes a bench.
 */
export const isOut = (snapshot: JobSnapshot, part: BenchPart): boolean =>
  snapshot.outParts.some((row) => row.part === part && !row.backAt) || freeingLine(snapshot, part) !== null

/** The ticked line of the ledger that took the part out. */
export const freeingLine = (snapshot: JobSnapshot, part: BenchPart): LedgerRow | null =>
  snapshot.ledger.find(
    (line) => line.frees === part && line.doneAt !== null && line.backDoneAt === null && !line.struckAt,
  ) ?? null

export const partsOut = (snapshot: JobSnapshot): BenchPart[] =>
  benchParts.filter((part) => isOut(snapshot, part))

/**
 * A line is done on the bench where it says so, its part is out, and it stands behind the line that took it out: what
 * comes before that line in the ledger is done on the machine, whatever it says.
 */
export function onBench(snapshot: JobSnapshot, line: LedgerRow): boolean {
  if (line.benchOf === '' || line.access !== '' || line.frees !== '' || !isOut(snapshot, line.benchOf))
    return false
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
