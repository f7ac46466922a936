import type { JobSnapshot } from '../job'
import { labelPhotos } from '../job/ledger/labels'
import type { RecordItem } from './types'

/** The plate, the machine as found, and the photos of each line, in the order of the way in. */
export function photosSection({ machine, photos, ledger }: JobSnapshot): RecordItem[] {
  const place = new Map(ledger.map(({ id, part }, index) => [id, { part, index }]))
  const sorted = [...photos].sort(
    (one, two) =>
      (place.get(one.lineId)?.index ?? -1) - (place.get(two.lineId)?.index ?? -1) ||
      one.at.localeCompare(two.at),
  )
  const all = [
    ...labelPhotos(machine).map((label) => ({ ...label, at: '', marks: '' })),
    ...sorted.map(({ hash, caption, at, way, lineId, marks }) => ({
      hash,
      at,
      marks,
      caption: [place.get(lineId)?.part ?? 'as found', way === 'back' ? 'on the way back' : '', caption]
        .filter(Boolean)
        .join(', '),
    })),
  ]
  return all.length > 0 ? [{ kind: 'photos', photos: all }] : []
}
