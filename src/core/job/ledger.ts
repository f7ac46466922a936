import { motorTemplates, type TemplateLine } from '../knowledge/templates'
import { type RefitResult, type RefitStep, wayBack } from '../refit'
import type { JobSnapshot, LedgerRow } from './rows'

export function stepOf(line: LedgerRow): RefitStep {
  return {
    id: line.id,
    action: line.action,
    part: line.part,
    ...(line.count === null ? {} : { count: line.count }),
    ...(line.fastener ? { fastener: line.fastener } : {}),
    ...(line.cup ? { cup: line.cup } : {}),
    ...(line.terminal ? { terminal: line.terminal } : {}),
    ...(line.mark ? { mark: line.mark } : {}),
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

/** Covers of this family's way in that stand before the proof place, as lines that the ledger does not hold yet. */
export const coversToCome = (snapshot: JobSnapshot): TemplateLine[] =>
  motorTemplates[snapshot.machine.family].lines.filter(
    (line) => line.access === 'before-proof' && !hasCover(snapshot, line),
  )

/** A cover that was put into the ledger before the template was planted is not planted again. */
export const hasCover = (snapshot: JobSnapshot, line: TemplateLine): boolean =>
  snapshot.ledger.some((row) => row.access !== '' && row.action === line.action && row.part === line.part)

/** The part that is replaced, from the decision: the capacitor, or what the family's template takes out. */
export function replacedPart(snapshot: JobSnapshot): string {
  const action = snapshot.decisions[0]?.action
  return action === 'replace-capacitor' ? 'capacitor' : motorTemplates[snapshot.machine.family].replaced
}

/** The way back from the acts that were ticked. */
export function refitOf(snapshot: JobSnapshot): RefitResult {
  return wayBack({
    steps: snapshot.ledger.filter((line) => line.doneAt && !line.struckAt).map(stepOf),
    replaced: replacedPart(snapshot),
  })
}
