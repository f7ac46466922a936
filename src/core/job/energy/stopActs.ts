import { clearedBy } from '../../knowledge/stops'
import { type ObservationId, type StopRuleId, stopRuleIds, vocabulary } from '../../knowledge/vocabulary'
import { type ActsOf, rule } from '../acts/actModule'
import { type LiftWay, liftWays } from '../acts/actTypes'
import { planned, rowChange, withSteps } from '../acts/changes'
import { refusal } from '../acts/refusals'
import { id, oneOf, text } from '../acts/shapes'
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

/** What it is called, and its row where it was raised before. */
const known = (snapshot: JobSnapshot, rule: StopRuleId) => ({
  row: snapshot.stops.find((row) => row.rule === rule),
  label: vocabulary.stopRules[rule].label,
})

/** @throws CoreError `unknown-row` where nobody raised it by hand */
function raised(snapshot: JobSnapshot, rule: StopRuleId): StopRow {
  const { row } = known(snapshot, rule)
  if (!row) throw refusal('unknown-row/stop')
  return row
}

/** Stop rules raised, overridden and lifted by hand. Each keeps its reason for the record. */
export const stopActs: ActsOf<`stop.${string}`> = {
  'stop.raise': {
    input: { id, rule: oneOf(stopRuleIds), note: text },
    rule: rule('reverts', 'any-stop'),
    plan: (snapshot, act, { at }) => {
      const { row: earlier, label } = known(snapshot, act.rule)
      const row: StopRow = {
        id: earlier?.id ?? act.id,
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
      return levelOf(act.rule) === 'hard'
        ? withSteps(draft, voidAll(snapshot, at, label.toLowerCase()))
        : draft
    },
  },
  'stop.override': {
    input: { rule: oneOf(stopRuleIds), reason: text },
    rule: rule('plain', 'any-stop'),
    plan: (snapshot, act, { at }) => {
      const row = raised(snapshot, act.rule)
      const reason = act.reason.trim()
      if (levelOf(act.rule) === 'hard') throw refusal('hard-stop')
      if (reason.length < 3) throw refusal('no-reason/override')
      return planned(
        `Went on in spite of: ${known(snapshot, act.rule).label}`,
        [rowChange(snapshot, 'stops', row.id, { ...row, overriddenAt: at, reason })],
        [{ kind: 'stop-overridden', label: act.rule, detail: reason }],
      )
    },
  },
  'stop.lift': {
    input: { rule: oneOf(stopRuleIds), how: oneOf(liftWays), reason: text },
    rule: rule('plain', 'any-stop'),
    plan: (snapshot, act, { at }) => {
      const row = raised(snapshot, act.rule)
      const said = lifted(act.how, act.reason)
      if (act.how === 'mended') refuseUncleared(snapshot, row)
      return planned(
        `Stop lifted: ${known(snapshot, act.rule).label}`,
        [rowChange(snapshot, 'stops', row.id, { ...row, liftedAt: at, reason: said })],
        [{ kind: 'stop-lifted', label: act.rule, detail: said }],
      )
    },
  },
}
