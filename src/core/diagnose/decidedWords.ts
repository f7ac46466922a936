import { actionInfo } from '../knowledge/actions'
import { shortCauses } from '../knowledge/shortCauses'
import type { Diagnosis, Suspect } from './types'

/** Less than this of a cause is not named beside the others. */
const WORTH_NAMING = 0.05

/**
 * What the decided action mends, where one repair serves several causes; else nothing: then the cause is what was decided.
 * Likeliest first.
 */
export function sharedMends({ decided, leading }: Diagnosis): Diagnosis['leading']['mends'] {
  const mends = decided ? leading.mends.filter(({ probability }) => probability >= WORTH_NAMING) : []
  return mends.length > 1 ? mends : []
}

/** What was decided, in a few words: the cause, or the repair where it serves several; null where nothing was. */
export function decidedWords(diagnosis: Diagnosis): string | null {
  const { decided } = diagnosis
  if (!decided) return null
  return sharedMends(diagnosis).length > 0 ? actionInfo(decided.action).label : shortCauses[decided.cause]
}

/** The suspect whose reasons are the ones to show: of a repair that serves several causes the likeliest of them. */
export function reasonedSuspect(diagnosis: Diagnosis, lead: Suspect): Suspect {
  const [likeliest] = sharedMends(diagnosis)
  return diagnosis.suspects.find(({ cause }) => cause === likeliest?.cause) ?? lead
}
