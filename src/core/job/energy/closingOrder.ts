import { isValve } from '../../knowledge/isolation'
import type { PointRow } from '../rows'

/** The order in which power comes back: the plan in reverse. Gas and water are opened by a hand of their own. */
export const closingOrder = (points: PointRow[]): PointRow[] =>
  points.filter(({ point }) => !isValve(point)).sort((one, two) => two.position - one.position)
