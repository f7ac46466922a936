import { type MeasureKind, measureOf } from '../../knowledge/measureKinds'
import { typedValue } from '../../units'
import { lengthsOf } from '../parts/oldPart'
import type { JobSnapshot } from '../rows'

/** How the figure of a line that was measured on the way in is told where it is used again. */
export const MEASURED_ON_THE_WAY_IN = 'as measured on the way in'

/**
 * What was measured of one kind before the old part came off.
 *
 * @returns millimetres; null where nothing of it was measured, where two lines tell two of it (two wheels), or where the person
 *   said in words of their own from where to where
 */
export function measuredOnWayIn(snapshot: JobSnapshot, kind: MeasureKind): number | null {
  const figures = snapshot.ledger
    .filter((line) => line.action === 'measure' && !line.struckAt && line.figure && line.mark.trim() === '')
    .filter((line) => measureOf(line.part)?.kind === kind)
    .map(({ figure }) => typedValue(figure ?? '', 'mm', lengthsOf(snapshot)))
  const [one = null] = figures
  return figures.length === 1 ? one : null
}
