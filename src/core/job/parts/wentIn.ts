import { actionInfo } from '../../knowledge/actions'
import { fieldText, isPartChosen } from '../fields'
import type { JobSnapshot } from '../rows'

/** Where the person's own words on it are kept, among the fields of the job. */
export const WENT_IN = { part: 'fitted', field: 'what' } as const

/**
 * Whether a part goes in by what was decided, and none was chosen from a list: then the end of the job asks for it, since the next
 * repairer has only the record.
 *
 * @example asksWhatWentIn(snapshot) // true where “replace the motor” was decided and no motor was chosen
 */
export const asksWhatWentIn = (snapshot: JobSnapshot): boolean => {
  const [decided] = snapshot.decisions
  return decided !== undefined && actionInfo(decided.action).parts.length > 0 && !isPartChosen(snapshot)
}

/** What went in, in the person's words; empty where nobody said it. */
export const wentIn = (snapshot: JobSnapshot): string =>
  fieldText(snapshot, WENT_IN.part, WENT_IN.field).trim().replace(/\.$/, '')
