import { storedAnalysis } from '../../sound/analyse'
import type { Act } from '../acts/actTypes'
import { type Draft, planned, rowChange } from '../acts/changes'
import { refusal } from '../acts/refusals'
import { knownRow } from '../acts/rowById'
import type { JobSnapshot } from '../rows'

/** Acts on what was heard before and after: level and spectrum are kept, the recording stays with the person. */
export function planSounds(snapshot: JobSnapshot, act: Act, at: string): Draft | null {
  switch (act.kind) {
    case 'sound.add': {
      if (snapshot.sounds.some(({ id }) => id === act.id)) return planned('Sound added already', [])
      if (!storedAnalysis(act.analysis)) throw refusal('not-a-sound')
      const { id, way, name, analysis } = act
      return planned(`Sound ${way}: ${name}`, [
        rowChange(snapshot, 'sounds', id, { id, jobId: snapshot.job.id, way, name, analysis, at }),
      ])
    }
    case 'sound.remove': {
      const row = knownRow(snapshot, 'sounds', act.id)
      return planned(`Sound ${row.way} taken away`, [rowChange(snapshot, 'sounds', row.id, null)])
    }
    default:
      return null
  }
}
