import { type ActsOf, rule, writes } from '../acts/actModule'
import { planned, rowChange } from '../acts/changes'
import { refusal } from '../acts/refusals'
import { knownRow } from '../acts/rowById'
import { capacitorSpec, id, motorSpec, oneOf, optional, textOf } from '../acts/shapes'
import type { RowChange } from '../rows'
import { CANDIDATES_MOST, candidatePart } from './candidateParts'

/** Acts on the parts that may replace the old one. */
export const candidateActs: ActsOf<`candidate.${string}`> = {
  'candidate.add': {
    input: {
      id,
      part: oneOf(['motor', 'capacitor']),
      source: oneOf(['typed', 'shelf', 'catalogue']),
      ref: textOf(200),
      name: textOf(200),
      motor: optional(motorSpec),
      capacitor: optional(capacitorSpec),
    },
    rule: rule('plain', 'any-stop'),
    plan: (snapshot, act, { at }) => {
      if (snapshot.candidates.some((row) => row.id === act.id)) return planned('Added already', [])
      if (snapshot.candidates.length >= CANDIDATES_MOST) throw refusal('too-many-candidates', CANDIDATES_MOST)
      const position = Math.max(-1, ...snapshot.candidates.map((row) => row.position)) + 1
      const spec = (act.part === 'motor' ? act.motor : act.capacitor) ?? {}
      return planned(`A ${act.part} to compare: ${act.name || 'typed from its plate'}`, [
        rowChange(snapshot, 'candidates', act.id, {
          id: act.id,
          jobId: snapshot.job.id,
          part: act.part,
          source: act.source,
          ref: act.ref,
          name: act.name,
          spec: JSON.stringify(spec),
          position,
          at,
        }),
      ])
    },
  },
  'candidate.rename': {
    input: { id, name: textOf(200) },
    rule: writes(rule('plain', 'any-stop'), 'id'),
    plan: (snapshot, act) => {
      const row = knownRow(snapshot, 'candidates', act.id)
      return planned(`Part: ${act.name}`, [
        rowChange(snapshot, 'candidates', row.id, { ...row, name: act.name }),
      ])
    },
  },
  'candidate.remove': {
    input: { id },
    rule: rule('plain', 'any-stop'),
    plan: (snapshot, act) => {
      const row = knownRow(snapshot, 'candidates', act.id)
      const typed = snapshot.fields.filter(
        (field) =>
          field.part === candidatePart(row.id) || (field.part === 'choice' && field.typed === row.id),
      )
      return planned(`No longer compared: ${row.name || row.part}`, [
        rowChange(snapshot, 'candidates', row.id, null),
        ...typed.map((field): RowChange => rowChange(snapshot, 'fields', field.id, null)),
      ])
    },
  },
}
