import { motorTemplates, type TemplateLine } from '../knowledge/templates'
import type { JobSnapshot } from './rows'

/** Covers of this family's way in that stand before the proof place, as lines that the ledger does not hold yet. */
export const coversToCome = (snapshot: JobSnapshot): TemplateLine[] =>
  motorTemplates[snapshot.machine.family].lines.filter(
    (line) => line.access === 'before-proof' && !hasCover(snapshot, line),
  )

/** A cover that was put into the ledger before the template was planted is not planted again. */
export const hasCover = (snapshot: JobSnapshot, line: TemplateLine): boolean =>
  snapshot.ledger.some((row) => row.access !== '' && row.action === line.action && row.part === line.part)
