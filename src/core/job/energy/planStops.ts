import { clearedBy } from '../../knowledge/stops'
import { type ObservationId, vocabulary } from '../../knowledge/vocabulary'
import type { Act, LiftWay } from '../acts/actTypes'
import { type Draft, planned, rowChange, withSteps } from '../acts/changes'
import { refusal } from '../acts/refusals'
import { findingsOf } from '../evidence/derive'
import type { JobSnapshot, StopRow } from '../rows'
import { levelOf } from './stops'
import { voidAll } from './voiding'

/**
 * What lifts a hard stop, as the record keeps it: by whom it was put right, or what was meant instead.
 * @throws CoreError `no-reason` where neither is said
 */
export function lifted(how: LiftWay | undefined, reason: string | undefined): string {
  const text = (reason ?? '').trim()
  // A word of some length with vowels and consonants: three letters of one key say nothing.
  if (!how || text.length < 6 || new Set(text.toLowerCase()).size < 4) throw refusal('no-reason/lift')
  return how === 'mended' ? `put right: ${text}` : `said by mistake, meant: ${text}`
}

/**
 * After a shock, smoke or sparks no sentence alone lets power back: the frame and the joints have been read, dead, since it was
 * raised.
 */
function refuseUncleared(snapshot: JobSnapshot, { rule, at }: StopRow): void {
  const findings = findingsOf(snapshot)
  const isSince = (observation: ObservationId) =>
    [
      ...snapshot.findings.filter((row) => row.observation === observation),
      ...snapshot.readings.filter((row) => row.kind === observation && !row.struckAt),
    ].some((row) => row.at >= at)
  const left = (clearedBy[rule] ?? []).filter(
    ({ observation, value }) => findings[observation] !== value || !isSince(observation),
  )
  if (left.length > 0) throw refusal('not-cleared', left.map(({ how }) => how).join('; '))
}

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
      [rowChange(snapshot, 'stops', row.id, row)],
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
      [rowChange(snapshot, 'stops', known.id, { ...known, overriddenAt: at, reason })],
      [{ kind: 'stop-overridden', label: act.rule, detail: reason }],
    )
  }
  const said = lifted(act.how, reason)
  if (act.how === 'mended') refuseUncleared(snapshot, known)
  return planned(
    `Stop lifted: ${label}`,
    [rowChange(snapshot, 'stops', known.id, { ...known, liftedAt: at, reason: said })],
    [{ kind: 'stop-lifted', label: act.rule, detail: said }],
  )
}
