import { marksOf, marksText } from '../../marks'
import type { Act } from '../acts/actTypes'
import { type Draft, planned, rowChange } from '../acts/changes'
import { refusal } from '../acts/refusals'
import { knownRow } from '../acts/rowById'
import type { JobSnapshot } from '../rows'

/** Acts on the photos of the ledger and of the machine as it was found. */
export function planPhotos(snapshot: JobSnapshot, act: Act, at: string): Draft | null {
  switch (act.kind) {
    case 'photo.add': {
      if (snapshot.photos.some((row) => row.id === act.id)) return planned('Photo added already', [])
      if (!/^[0-9a-f]{64}$/.test(act.hash)) throw refusal('unknown-photo')
      const line = act.lineId === '' ? null : knownRow(snapshot, 'ledger', act.lineId)
      return planned(`Photo: ${line?.part ?? 'as found'}`, [
        rowChange(snapshot, 'photos', act.id, {
          id: act.id,
          jobId: snapshot.job.id,
          lineId: act.lineId,
          hash: act.hash,
          caption: act.caption,
          way: act.way,
          marks: '',
          at,
        }),
      ])
    }
    case 'photo.caption': {
      const row = knownRow(snapshot, 'photos', act.id)
      return planned(`Photo: ${act.caption}`, [
        rowChange(snapshot, 'photos', row.id, { ...row, caption: act.caption }),
      ])
    }
    case 'photo.mark': {
      const row = knownRow(snapshot, 'photos', act.id)
      const marks = marksText(marksOf(act.marks))
      return planned('Photo marked', [rowChange(snapshot, 'photos', row.id, { ...row, marks })])
    }
    case 'photo.remove': {
      const row = knownRow(snapshot, 'photos', act.id)
      return planned('Photo taken away', [rowChange(snapshot, 'photos', row.id, null)])
    }
    default:
      return null
  }
}
