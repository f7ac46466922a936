import { type ProveCheck, wiringCheck } from '../../knowledge/proofChecks'
import { isPresent } from '../energy/period'
import { partsWire } from '../ledger/wires'
import type { CheckRow, JobSnapshot, LedgerRow } from '../rows'

/** What frees a part takes its wires along. */
const ofWires = (line: LedgerRow): boolean => partsWire(line) || line.frees !== ''

/** What was put back, when, and in which dead period; null where none stood. */
interface PutBack {
  at: string | null
  period: string | null
}
const backOf = ({ backDoneAt, backPeriod }: LedgerRow): PutBack => ({ at: backDoneAt, period: backPeriod })

/** What a look before power is about: each looks at the machine as it stands then. */
const looksAt: Record<string, ((snapshot: JobSnapshot) => PutBack[]) | undefined> = {
  [wiringCheck.id]: ({ ledger, landings }) => [
    ...ledger.filter(ofWires).map(backOf),
    ...landings.map(({ doneAt, period }) => ({ at: doneAt, period })),
  ],
  'hand-spin': ({ ledger }) => ledger.map(backOf),
  'covers-on': ({ ledger }) => ledger.map(backOf),
}

/**
 * The answer to a check as it stands: one that is made before power counts in its own dead period alone, and no longer once
 * something it looked at was put back after it.
 *
 * @returns null where it has to be answered, also where it was answered before
 */
export function standingAnswer(
  snapshot: JobSnapshot,
  { id, dead }: Pick<ProveCheck, 'id' | 'dead'>,
): CheckRow | null {
  const row = snapshot.checks.find(({ checkId }) => checkId === id)
  if (!row || dead !== true) return row ?? null
  if (!isPresent(snapshot, row.period)) return null
  // An answer of this period is later than all that was put back in another one, whatever a clock that was set says.
  const touched = (looksAt[id]?.(snapshot) ?? []).filter(
    ({ period }) => period === null || isPresent(snapshot, period),
  )
  return touched.every(({ at }) => at === null || at <= row.at) ? row : null
}
