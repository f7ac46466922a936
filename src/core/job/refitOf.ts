import { replacedParts } from '../knowledge/replaced'
// Not over the barrel: the readers of sentences and bypasses are no part of a first load.
import type { BackMove } from '../refit/moved'
import type { RefitResult, RefitStep } from '../refit/types'
import { wayBack } from '../refit/wayBack'
import { fieldText } from './fields'
import { figureWords } from './figureWords'
import type { HouseholdRow, JobSnapshot, LedgerRow } from './rows'

function stepOf(line: LedgerRow, household: HouseholdRow): RefitStep {
  return {
    id: line.id,
    action: line.action,
    part: line.part,
    ...(line.count === null ? {} : { count: line.count }),
    ...(line.fastener ? { fastener: line.fastener } : {}),
    ...(line.cup ? { cup: line.cup } : {}),
    ...(line.terminal ? { terminal: line.terminal } : {}),
    ...(line.figure ? { mark: figureWords(line, household) } : line.mark ? { mark: line.mark } : {}),
    ...(line.ofPart ? { of: line.ofPart } : {}),
    ...(line.movesToNewPart ? { movesToNewPart: true } : {}),
    ...(line.renewMaterial
      ? {
          renew: {
            material: line.renewMaterial,
            ...(line.cureHours === null ? {} : { cureHours: line.cureHours }),
          },
        }
      : {}),
    ...(line.temporary ? { temporary: true } : {}),
    ...(line.extra ? { extra: true } : {}),
    ...(line.switchKind ? { switch: line.switchKind } : {}),
  }
}

/** The part that is replaced, from the decision: the capacitor, or what the way that was taken takes out. */
export function replacedPart(snapshot: JobSnapshot): string {
  const action = snapshot.decisions[0]?.action
  if (action === 'replace-capacitor') return 'capacitor'
  return fieldText(snapshot, 'way', 'replaced') || replacedParts[snapshot.machine.family]
}

/** Moves of the way back in the order in which they were made. */
const movesOf = (snapshot: JobSnapshot): BackMove[] =>
  snapshot.ledger
    .filter((line) => line.backAfter !== null)
    .sort((one, two) => (one.backMovedAt ?? '').localeCompare(two.backMovedAt ?? ''))
    .map((line) => ({ from: line.id, after: line.backAfter ?? '' }))

/** The way back from the acts that were ticked. */
export function refitOf(snapshot: JobSnapshot): RefitResult {
  return wayBack({
    steps: snapshot.ledger
      .filter((line) => line.doneAt && !line.struckAt)
      .map((line) => stepOf(line, snapshot.household)),
    replaced: replacedPart(snapshot),
    moves: movesOf(snapshot),
  })
}
