import type { WindingVerdict } from './types'

/** The verdict on a motor's windings as a sentence. */
export const windingVerdictWords: Record<WindingVerdict, string> = {
  good: 'The windings agree.',
  open: 'A winding is open.',
  shorted: 'Where a winding should be, there is next to none.',
  grounded: 'A winding leaks to the frame. Do not run this motor.',
  inconsistent: 'The readings do not agree.',
  incomplete: 'Not all of it is determined yet.',
  'hot-retest': 'Open while hot: read again when cold.',
}
