import { storedAnalysis } from '../../sound/analyse'
import { type ActsOf, rule } from '../acts/actModule'
import { planned, rowChange } from '../acts/changes'
import { refusal } from '../acts/refusals'
import { knownRow } from '../acts/rowById'
import { id, oneOf, optional, textOf } from '../acts/shapes'
import { recordingFormats } from '../rows'

/** Acts on what was heard before and after: level and spectrum are kept; the recording itself only where that was asked for. */
export const soundActs: ActsOf<`sound.${string}`> = {
  'sound.add': {
    input: {
      id,
      way: oneOf(['before', 'after']),
      name: textOf(200),
      analysis: textOf(6000),
      kept: optional(oneOf(recordingFormats)),
    },
    rule: rule('plain', 'any-stop'),
    plan: (snapshot, act, { at }) => {
      if (snapshot.sounds.some(({ id }) => id === act.id)) return planned('Sound added already', [])
      if (!storedAnalysis(act.analysis)) throw refusal('not-a-sound')
      const { id, way, name, analysis } = act
      return planned(`Sound ${way}: ${name}`, [
        rowChange(snapshot, 'sounds', id, {
          id,
          jobId: snapshot.job.id,
          way,
          name,
          analysis,
          kept: act.kept ?? null,
          at,
        }),
      ])
    },
  },
  'sound.remove': {
    input: { id },
    rule: rule('plain', 'any-stop'),
    plan: (snapshot, act) => {
      const row = knownRow(snapshot, 'sounds', act.id)
      return planned(`Sound ${row.way} taken away`, [rowChange(snapshot, 'sounds', row.id, null)])
    },
  },
}
