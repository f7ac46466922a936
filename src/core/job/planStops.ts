import { vocabulary } from '../knowledge/vocabulary'
import type { Act } from './actTypes'
import { type Draft, planned, put, withSteps } from './put'
import { refusal } from './refusals'
import type { JobSnapshot, StopRow } from './rows'
import { levelOf } from './stops'
import { voidAll } from './voiding'

/** Stop rules raised, overridden and lifted by hand. Each keeps its reason for the record. */
export function planStops(snapshot: JobSnapshot, act: Act, at: string): Draft | null {
  if (act.kind !== 'stop.raise' && act.kind !== 'stop.override' && act.kind !== 'stop.lift') return null
  const known = snapshot.stops.find((row) => row.rule === act.rule)
  const { label } = vocabulary.stopRules[act.rule]
  if (act.kind === 'stop.raise') {
    const row: StopRow = {
      id: known?.id ?? act.id,
      jobId: snapshot.job.id,
      rule: act.rule,
      note: act.note.trim(),
      at,
      overriddenAt: null,
      liftedAt: null,
      reason: '',
    }
    // What was proved before the sign was seen is proved anew after it.
    const draft = planned(
      `Stop: ${label}`,
      [put(snapshot, 'stops', row.id, row)],
      [{ kind: 'stop-raised', label: act.rule, detail: row.note }],
    )
    return levelOf(act.rule) === 'hard' ? withSteps(draft, voidAll(snapshot, at, label.toLowerCase())) : draft
  }
  if (!known) throw refusal('unknown-row/stop')
  const reason = act.reason.trim()
  if (act.kind === 'stop.override') {
    if (levelOf(act.rule) === 'hard') throw refusal('hard-stop')
    if (reason.length < 3) throw refusal('no-reason/override')
    return planned(
      `Went on in spite of: ${label}`,
      [put(snapshot, 'stops', known.id, { ...known, overriddenAt: at, reason })],
      [{ kind: 'stop-overridden', label: act.rule, detail: reason }],
    )
  }
  if (reason.length < 3) throw refusal('no-reason/lift')
  return planned(
    `Stop lifted: ${label}`,
    [put(snapshot, 'stops', known.id, { ...known, liftedAt: at, reason })],
    [{ kind: 'stop-lifted', label: act.rule, detail: reason }],
  )
}
