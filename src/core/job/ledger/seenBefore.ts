import type { JobSnapshot, LedgerRow, LinePhotoRow } from '../rows'

/** How it stood before a part came away: the line that photographed it, its photos, or why there are none. */
export interface SeenBefore {
  line: LedgerRow
  photos: LinePhotoRow[]
  /** Why there is no photo; empty where there is one. */
  without: string
}

/**
 * What shows how a line stood before it was undone: the last photograph that the way in asked for ahead of it, since it shows
 * all that came apart after it until the next one. Null where none was taken or explained.
 *
 * @param lineId a line that comes back
 * @example seenBefore(snapshot, fanWire)?.photos[0]?.hash // the can with every wire on it
 */
export function seenBefore(
  { ledger, photos }: Pick<JobSnapshot, 'ledger' | 'photos'>,
  lineId: string,
): SeenBefore | null {
  const own = ledger.find(({ id }) => id === lineId)
  if (!own || own.action === 'photo') return null
  const [line] = ledger
    .filter(({ action, struckAt, position }) => action === 'photo' && !struckAt && position < own.position)
    .sort((one, two) => two.position - one.position)
  if (!line) return null
  const taken = photos.filter((photo) => photo.lineId === line.id && photo.way === 'in')
  const without = taken.length > 0 ? '' : (line.without ?? '').trim()
  return taken.length > 0 || without ? { line, photos: taken, without } : null
}
