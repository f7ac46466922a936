import { marksOf, marksText } from '../../marks'
import { type ActsOf, rule, writes } from '../acts/actModule'
import { planned, rowChange } from '../acts/changes'
import { refusal } from '../acts/refusals'
import { knownRow } from '../acts/rowById'
import { id, oneOf, textOf } from '../acts/shapes'

/** Acts on the photos of the ledger and of the machine as it was found. */
export const photoActs: ActsOf<`photo.${string}`> = {
  'photo.add': {
    input: {
      id,
      lineId: id,
      hash: textOf(64),
      caption: textOf(500),
      way: oneOf(['in', 'back']),
    },
    rule: rule('plain', 'any-stop'),
    plan: (snapshot, act, { at }) => {
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
    },
  },
  'photo.caption': {
    input: { id, caption: textOf(500) },
    rule: writes(rule('plain', 'any-stop'), 'id'),
    plan: (snapshot, act) => {
      const row = knownRow(snapshot, 'photos', act.id)
      return planned(`Photo: ${act.caption}`, [
        rowChange(snapshot, 'photos', row.id, { ...row, caption: act.caption }),
      ])
    },
  },
  'photo.mark': {
    input: { id, marks: textOf(2000) },
    rule: rule('plain', 'any-stop'),
    plan: (snapshot, act) => {
      const row = knownRow(snapshot, 'photos', act.id)
      const marks = marksText(marksOf(act.marks))
      return planned('Photo marked', [rowChange(snapshot, 'photos', row.id, { ...row, marks })])
    },
  },
  'photo.remove': {
    input: { id },
    rule: rule('plain', 'any-stop'),
    plan: (snapshot, act) => {
      const row = knownRow(snapshot, 'photos', act.id)
      return planned('Photo taken away', [rowChange(snapshot, 'photos', row.id, null)])
    },
  },
}
