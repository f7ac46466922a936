import { marksOf, marksText } from '../marks'
import type { Act } from './actTypes'
import { type Draft, planned, put } from './put'
import { refusal } from './refusals'
import { must } from './rowMust'
import type { JobSnapshot } from './rows'

/** Acts on the photos of the ledger and of the machine as it was found. */
export function planPhotos(snapshot: JobSnapshot, act: Act, at: string): Draft | null {
  switch (act.kind) {
    case 'photo.add': {
      if (snapshot.photos.some((row) => row.id === act.id)) return planned('Photo added already', [])
      if (!/^[0-9a-f]{64}$/.test(act.hash)) throw refusal('unknown-photo')
      const line = act.lineId === '' ? null : must(snapshot, 'ledger', act.lineId)
      return planned(`Photo: ${line?.part ?? 'as found'}`, [
        put(snapshot, 'photos', act.id, {
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
      const row = must(snapshot, 'photos', act.id)
      return planned(`Photo: ${act.caption}`, [
        put(snapshot, 'photos', row.id, { ...row, caption: act.caption }),
      ])
    }
    case 'photo.mark': {
      const row = must(snapshot, 'photos', act.id)
      const marks = marksText(marksOf(act.marks))
      return planned('Photo marked', [put(snapshot, 'photos', row.id, { ...row, marks })])
    }
    case 'photo.remove': {
      const row = must(snapshot, 'photos', act.id)
      return planned('Photo taken away', [put(snapshot, 'photos', row.id, null)])
    }
    default:
      return null
  }
}
