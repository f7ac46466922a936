import { fieldText } from '../job/fields'
import { lengthsOf } from '../job/parts/oldPart'
import type { JobSnapshot } from '../job/rows'
import { typedValue } from '../units'
import { findBearing } from '.'

/** The sizes of a bearing as they are typed in a job, and how each is taken. */
export const bearingFields = [
  { field: 'bearingBore', label: 'Bore', how: 'calipers, 0.1 mm' },
  { field: 'bearingOuter', label: 'Outside', how: 'calipers, 0.1 mm' },
  { field: 'bearingWidth', label: 'Width', how: 'of the outer ring' },
  { field: 'bearingShaft', label: 'Shaft where it sits', how: 'micrometer, where you have one' },
] as const

/**
 * The bearing of the job by its sizes, and how it would sit on the shaft; null before any of its three sizes is typed.
 *
 * @example bearingOfJob(snapshot)?.designations[0]?.code // '608' once 8, 22 and 7 mm are typed
 */
export function bearingOfJob(snapshot: JobSnapshot): ReturnType<typeof findBearing> | null {
  const [boreMm, outerMm, widthMm, shaftMm] = bearingFields.map(
    ({ field }) => typedValue(fieldText(snapshot, 'fit', field), 'mm', lengthsOf(snapshot)) ?? undefined,
  )
  if (boreMm === undefined && outerMm === undefined && widthMm === undefined) return null
  return findBearing({ boreMm, outerMm, widthMm, shaftMm })
}
