import { capacitorKinds } from '../knowledge/priors'
import { type ActionId, type CauseId, causeInfo, type ObservationId } from '../knowledge/vocabulary'
import { possibleKinds } from './familyPrior'
import { remarksOn } from './remarks'
import type { DiagnoseInput, Diagnosis, Findings, Suspect } from './types'

/** One cause, or one action shared by several, above this is decided. */
export const DECIDED = 0.9

/** The decision, or null with what holds it back, and the tests it waits for. */
export function decide(
  input: DiagnoseInput,
  suspects: Suspect[],
  findings: Findings,
  diagnosis: Pick<Diagnosis, 'stop' | 'pair'>,
): Pick<Diagnosis, 'decided' | 'notes'> & { needed: ObservationId[] } {
  const notes: string[] = remarksOn(input, findings)
  const byAction = new Map<ActionId, { sum: number; cause: CauseId }>()
  for (const { cause, probability } of suspects) {
    const action = causeInfo(cause).action as ActionId
    const entry = byAction.get(action) ?? { sum: 0, cause }
    byAction.set(action, { ...entry, sum: entry.sum + probability })
  }
  const [action, best] = [...byAction].reduce((top, entry) => (entry[1].sum > top[1].sum ? entry : top))
  if (findings['should-run-now'] === 'normal-pause') {
    notes.push('It is in a normal pause: look again when it should run.')
    return { decided: null, notes, needed: [] }
  }
  if (best.sum <= DECIDED) return { decided: null, notes, needed: [] }
  if (diagnosis.pair) {
    notes.push('The findings do not fit one fault alone: read the one that does not fit again.')
    return { decided: null, notes, needed: [] }
  }
  if (action === 'replace-motor') {
    if (hotAndOpen(findings)) {
      notes.push('An open winding is only called dead after it has been read again cold.')
      return { decided: null, notes, needed: ['cold-retest'] }
    }
    if (capacitorUnread(input, findings)) {
      notes.push('Read the run capacitor before buying a motor.')
      // Where nobody knows whether one is fitted, looking for it comes first.
      const fitted = possibleKinds(input, findings).every((kind) => capacitorKinds.includes(kind))
      return {
        decided: null,
        notes,
        needed:
          fitted || findings['capacitor-look'] !== undefined
            ? ['capacitor-fan-reading']
            : ['capacitor-look', 'capacitor-fan-reading'],
      }
    }
  }
  return { decided: { cause: best.cause, action }, notes, needed: [] }
}

/** Open, and not known to have been cold when it was read. */
function hotAndOpen(findings: Findings): boolean {
  return (
    findings.winding === 'open' &&
    findings['case-heat'] !== 'cold' &&
    findings['cold-retest'] !== 'still-open'
  )
}

/** A run capacitor may be fitted and nobody has read it. A bulged one is changed first anyway. */
function capacitorUnread(input: DiagnoseInput, findings: Findings): boolean {
  if (findings['capacitor-fan-reading'] !== undefined || findings['capacitor-look'] === 'none-fitted')
    return false
  return possibleKinds(input, findings).some((kind) => capacitorKinds.includes(kind))
}
