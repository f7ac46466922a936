import { capacitorTemplate, motorTemplates, type TemplateLine } from '../../knowledge/templates'
import { moreWays } from '../../knowledge/ways'
import type { JobSnapshot, LedgerRow } from '../rows'

/** Covers of this family's way in that stand before the proof place, as lines that the ledger does not hold yet. */
export const coversToCome = (snapshot: JobSnapshot): TemplateLine[] =>
  motorTemplates[snapshot.machine.family].lines.filter(
    (line) => line.access === 'before-proof' && !hasCover(snapshot, line),
  )

/** A cover that was put into the ledger before the template was planted is not planted again. */
export const hasCover = (snapshot: JobSnapshot, line: Pick<LedgerRow, 'action' | 'part'>): boolean =>
  snapshot.ledger.some((row) => row.access !== '' && row.action === line.action && row.part === line.part)

/** A line of access as the templates of this family hold it: its usual way, its other ways, its capacitor's. */
export function isPlannedCover({ machine }: JobSnapshot, row: LedgerRow): boolean {
  const { family } = machine
  return [
    motorTemplates[family],
    capacitorTemplate(family, false),
    capacitorTemplate(family, true),
    ...moreWays(family),
  ].some((template) =>
    template.lines.some(
      (line) => line.access === row.access && line.action === row.action && line.part === row.part,
    ),
  )
}
