import { type ScenePartId, scenePartOf, scenes } from '../knowledge/where'
import type { Energy } from './energy/energy'
import { coversOn } from './energy/proofs'
import type { JobSnapshot, LedgerRow, PointRow } from './rows'

/** What comes next and where it sits. */
export interface WhereNow {
  part: ScenePartId
  /** The point to be switched off, where that is next. */
  point: PointRow | null
  /** The line of the way in, where that is next. */
  line: LedgerRow | null
}

/**
 * The part of the drawing that the next act is about: the next point to switch off, then the covers before the place, the place
 * where dead is proved, the capacitor to be emptied, then the next line of the way in. Null where the drawing does not show it, and
 * once everything is out.
 */
export function whereNow(snapshot: JobSnapshot, energy: Energy): WhereNow | null {
  const { family } = snapshot.machine
  const shown = (part: ScenePartId): ScenePartId | null =>
    scenes[family].parts.some(({ id }) => id === part) ? part : null
  const at = (part: ScenePartId | null, more: Partial<WhereNow> = {}): WhereNow | null =>
    part ? { point: null, line: null, ...more, part } : null
  const point = snapshot.points.find((row) => !row.struckAt && !row.openedAt)
  if (point) return at(shown(point.point), { point })
  if (energy.state !== 'proven-dead')
    return at(coversOn(snapshot).length > 0 ? shown('cover') : shown('proof-place'))
  const charged = snapshot.charges.some(({ struckAt, readAt }) => !struckAt && !readAt)
  if (!energy.handsIn && charged) return at(shown('capacitor'))
  const lines = snapshot.ledger.filter((row) => !row.struckAt)
  const line = lines.find((row) => !row.doneAt)
  if (line) return at(scenePartOf(family, line.part), { line })
  // Once everything is out, what comes next is said by the way back.
  return lines.length > 0 ? null : at(shown('motor'))
}
