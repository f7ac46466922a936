import type { Act } from './actTypes'
import { CANDIDATES_MOST, candidatePart } from './candidateParts'
import { type Draft, planned, put } from './put'
import { refusal } from './refusals'
import { must } from './rowMust'
import type { JobSnapshot, RowChange } from './rows'

/** Acts on the parts that may replace the old one. */
export function planCandidates(snapshot: JobSnapshot, act: Act, at: string): Draft | null {
  switch (act.kind) {
    case 'candidate.add': {
      if (snapshot.candidates.some((row) => row.id === act.id)) return planned('Added already', [])
      if (snapshot.candidates.length >= CANDIDATES_MOST) throw refusal('too-many-candidates', CANDIDATES_MOST)
      const position = Math.max(-1, ...snapshot.candidates.map((row) => row.position)) + 1
      const spec = (act.part === 'motor' ? act.motor : act.capacitor) ?? {}
      return planned(`A ${act.part} to compare: ${act.name || 'typed from its plate'}`, [
        put(snapshot, 'candidates', act.id, {
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
    }
    case 'candidate.rename': {
      const row = must(snapshot, 'candidates', act.id)
      return planned(`Part: ${act.name}`, [put(snapshot, 'candidates', row.id, { ...row, name: act.name })])
    }
    case 'candidate.remove': {
      const row = must(snapshot, 'candidates', act.id)
      const typed = snapshot.fields.filter(
        (field) =>
          field.part === candidatePart(row.id) || (field.part === 'choice' && field.typed === row.id),
      )
      return planned(`No longer compared: ${row.name || row.part}`, [
        put(snapshot, 'candidates', row.id, null),
        ...typed.map((field): RowChange => put(snapshot, 'fields', field.id, null)),
      ])
    }
    default:
      return null
  }
}
