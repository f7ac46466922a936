import { actionInfo } from '../knowledge/actions'
import { before } from '../knowledge/before'
import { capacitorKinds } from '../knowledge/motorKinds'
import { shortLabels } from '../knowledge/valueLabels'
import type { ActionId, ObservationId } from '../knowledge/vocabulary'
import { witnesses } from '../knowledge/witnesses'
import { possibleKinds } from './familyPrior'
import { DECIDED, leadingMend, type Mend } from './mends'
import { usableTest } from './nextTests'
import { remarksOn } from './remarks'
import type { DiagnoseInput, Diagnosis, Findings, Suspect } from './types'

/** The decision, or null with what holds it back, and the tests it waits for. */
export function decide(
  input: DiagnoseInput,
  suspects: Suspect[],
  findings: Findings,
  diagnosis: Pick<Diagnosis, 'stop' | 'pair'>,
): Pick<Diagnosis, 'decided' | 'notes'> & { needed: ObservationId[] } {
  const notes: string[] = remarksOn(input, findings)
  const best = leadingMend(suspects)
  const { action } = best
  if (findings['should-run-now'] === 'normal-pause') {
    notes.push('It is in a normal pause: look again when it should run.')
    return { decided: null, notes, needed: [] }
  }
  if (best.sum <= DECIDED) {
    const first = looksBefore(null, input, findings, suspects)
    if (first) notes.push(first.text)
    return { decided: null, notes, needed: first?.needed ?? [] }
  }
  if (diagnosis.pair) {
    notes.push('The findings do not fit one fault alone: read the one that does not fit again.')
    return { decided: null, notes, needed: [] }
  }
  if (action === 'replace-motor') {
    if (hotAndOpen(findings)) {
      notes.push('An open winding is only called dead after it has been read again cold.')
      const needed: ObservationId[] = findings['case-heat'] === undefined ? ['case-heat'] : ['cold-retest']
      return { decided: null, notes, needed }
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
  const looks = looksBefore(action, input, findings, suspects)
  if (looks) {
    notes.push(looks.text)
    return { decided: null, notes, needed: looks.needed }
  }
  const asked = unwitnessed(action, input, findings)
  if (asked.length > 0) {
    notes.push(
      `Before it is called decided, read the thing itself: ${orList(asked.map((id) => shortLabels[id].toLowerCase()))}.`,
    )
    return { decided: null, notes, needed: asked }
  }
  return { decided: { cause: best.cause, action }, notes: [...notes, ...cheaperFirst(best)], needed: [] }
}

/** Where an action stands in for a cheaper one, the cheaper is named: it may be all that is wanted. */
function cheaperFirst({ action, standsFor }: Mend): string[] {
  return standsFor.map(
    (cheaper) =>
      `It may be that less is enough: ${actionInfo(cheaper).label} first where you can, look again, and only then ${actionInfo(action).label}.`,
  )
}

/** What must be looked at before this action, or, for none, at once as these findings stand; null where nothing must, or where it was. */
function looksBefore(
  action: ActionId | null,
  input: DiagnoseInput,
  findings: Findings,
  suspects: Suspect[],
): { text: string; needed: ObservationId[] } | null {
  for (const rule of before) {
    if (action === null ? !rule.atOnce : rule.action !== action) continue
    const stands = Object.entries(rule.when).every(([observation, values]) =>
      values.includes(findings[observation as ObservationId] ?? ''),
    )
    const { cause, probability } = rule.atLeast ?? {}
    const share = suspects.find((suspect) => suspect.cause === cause)?.probability ?? 0
    if (!stands || share < (probability ?? 0)) continue
    const open = rule.look.filter((observation) => findings[observation] === undefined)
    if (rule.all ? open.length === 0 : open.length < rule.look.length) continue
    const needed = open.filter(
      (observation) =>
        !input.declined?.includes(observation) && usableTest(observation, input, findings) !== null,
    )
    if (needed.length > 0 || rule.always) return { text: rule.text, needed }
  }
  return null
}

/** Tests at the thing itself that the decision waits for: none of them has been made, and one can be. */
function unwitnessed(action: ActionId, input: DiagnoseInput, findings: Findings): ObservationId[] {
  const own = witnesses[action] ?? []
  const seen = own.some(
    ({ observation, values }) =>
      findings[observation] !== undefined && (values === 'any' || values.includes(findings[observation])),
  )
  if (seen) return []
  return own
    .map(({ observation }) => observation)
    .filter((observation) => findings[observation] === undefined && usableTest(observation, input, findings))
}

const orList = (names: string[]): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} or ${names.at(-1)}`

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
