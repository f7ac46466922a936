import {
  type RecordedAs,
  type RecordedSureness,
  type RecordedTruth,
  recordingsCounted,
} from '../../knowledge/recordingsCounted'
import type { Suggestion } from './types'

/** Under the first a recording is not clear and nothing is asked; from the second on what is told is mostly so. */
export const ASKED = 0.25
export const LIKELY = 0.6

interface Counted {
  right: number
  of: number
}

/** Of the recordings that were told so, how many were so; null where too few ever were. */
function countedAs(told: RecordedAs, sure: RecordedSureness): Counted | null {
  const times = (truth: RecordedTruth) => recordingsCounted[truth].toldAs[told]?.[sure] ?? 0
  const of = (Object.keys(recordingsCounted) as RecordedTruth[]).reduce((sum, truth) => sum + times(truth), 0)
  return of < LEAST_COUNTED ? null : { right: times(told), of }
}

const LEAST_COUNTED = 3

/**
 * How sure a suggestion is, with what was counted of such ones.
 *
 * @returns null where it is not clear enough to be asked; no count where too few were ever told so
 */
export function surenessOf({
  value,
  confidence,
}: Suggestion): { sure: RecordedSureness; counted: Counted | null } | null {
  if (confidence < ASKED) return null
  const sure = confidence >= LIKELY ? 'likely' : 'maybe'
  return { sure, counted: countedAs(value, sure) }
}
