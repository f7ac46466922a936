import { type RecordedAs, type RecordedSureness, recordingsCounted } from '../knowledge/recordingsCounted'

/** Half a recording more than was counted, each: what was never seen in so many is rare, not impossible (after Jeffreys). */
const UNSEEN = 0.5

/**
 * How often a recording of one sound is taken for another, against how often one of that other is: 1 for the same.
 *
 * @param truth what it was
 * @param told what the recording suggested
 * @param sure how surely
 * @returns may be more than 1 where what is told so is mostly something else
 */
export function takenFor(truth: string, told: string, sure: RecordedSureness): number {
  if (!isCounted(truth) || !isCounted(told)) return truth === told ? 1 : 0
  return shareOf(truth, told, sure) / shareOf(told, told, sure)
}

function shareOf(truth: RecordedAs, told: RecordedAs, sure: RecordedSureness): number {
  const { recordings, toldAs } = recordingsCounted[truth]
  return ((toldAs[told]?.[sure] ?? 0) + UNSEEN) / (recordings + 1)
}

const isCounted = (value: string): value is RecordedAs =>
  value !== 'voice' && Object.hasOwn(recordingsCounted, value)
