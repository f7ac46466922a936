import { seenBefore } from '../job/ledger/seenBefore'
import { partsWire } from '../job/ledger/wires'
import type { JobSnapshot, LedgerRow, LinePhotoRow } from '../job/rows'

/** A photo that shows how the old wiring was, and what it is a photo of. */
export interface WiringPhoto {
  photo: LinePhotoRow
  about: string
}

/**
 * Photos of the way in that show the old wiring: those of lines that part wires and those that were asked for before them first,
 * in the order of taking apart, then those of the machine as it was found.
 *
 * @example wiringPhotosOf(snapshot)[0]?.about // 'motor leads'
 */
export function wiringPhotosOf(snapshot: JobSnapshot): WiringPhoto[] {
  const taken = snapshot.photos.filter(({ way }) => way === 'in')
  const ofLine = (line: LedgerRow): WiringPhoto[] =>
    taken
      .filter(({ lineId }) => lineId === line.id)
      .map((photo) => ({ photo, about: photo.caption || line.part || 'the wires' }))
  const parting = snapshot.ledger.filter(partsWire)
  const before = parting.flatMap(({ id }) => seenBefore(snapshot, id)?.line ?? [])
  const lines = [...new Set([...parting, ...before])].sort((one, two) => one.position - two.position)
  return [
    ...lines.flatMap(ofLine),
    ...taken
      .filter(({ lineId }) => lineId === '')
      .map((photo) => ({ photo, about: photo.caption || 'the machine as it was found' })),
  ]
}
