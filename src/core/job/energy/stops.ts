import { stopInfo, stopOrder, stopTriggers } from '../../knowledge/stops'
import { type ObservationId, type StopRuleId, vocabulary } from '../../knowledge/vocabulary'
import { findingsOf } from '../evidence/derive'
import { oncePerSnapshot } from '../oncePerSnapshot'
import type { JobSnapshot } from '../rows'

export interface ActiveStop {
  rule: StopRuleId
  /** A hard stop cannot be overridden; a warning can, with a reason. */
  level: 'hard' | 'warning'
  /** Only what needs power stops; dead readings of the parted load go on. */
  scope: 'all' | 'live'
  text: string
  call: string
  /** The finding it comes from, or null where it was raised by hand. */
  observation: ObservationId | null
  /** What the person wrote when raising it. */
  note: string
  at: string
  /** The other job at this machine in which it was said, and where alone it is lifted; null where it is of this one. */
  job: string | null
}

/**
 * Stops that stand, in the order of life: those of the findings, those raised by hand and neither lifted nor overridden, and
 * those of any other open job at the same machine.
 */
export const activeStops = oncePerSnapshot((snapshot: JobSnapshot): ActiveStop[] => {
  const own = ownStops(snapshot)
  const beside = (snapshot.beside ?? []).flatMap(({ id, findings, stops }) =>
    ownStops({ ...snapshot, findings, stops })
      .filter(({ rule }) => !own.some((stop) => stop.rule === rule))
      .map((stop) => ({ ...stop, observation: null, job: id })),
  )
  return [...own, ...beside].sort((one, two) => stopOrder.indexOf(one.rule) - stopOrder.indexOf(two.rule))
})

function ownStops(snapshot: JobSnapshot): ActiveStop[] {
  const findings = findingsOf(snapshot)
  const found = stopTriggers
    .filter((trigger) => trigger.values.includes(findings[trigger.observation] ?? ''))
    .map(
      ({ rule, observation, text, call, scope }): ActiveStop => ({
        rule,
        level: 'hard',
        scope: scope ?? 'all',
        text,
        call,
        observation,
        note: '',
        at: snapshot.findings.find((row) => row.observation === observation)?.at ?? snapshot.job.touchedAt,
        job: null,
      }),
    )
  const raised = snapshot.stops
    .filter((row) => !row.liftedAt && !row.overriddenAt && !found.some(({ rule }) => rule === row.rule))
    .map(
      (row): ActiveStop => ({
        rule: row.rule,
        level: levelOf(row.rule),
        scope: stopInfo[row.rule].scope ?? 'all',
        text: stopInfo[row.rule].text,
        call: stopInfo[row.rule].call,
        observation: null,
        note: row.note,
        at: row.at,
        job: null,
      }),
    )
  return [...found, ...raised]
}

/** Whether this stop stood in the job at any time: raised by hand, or by a finding that was taken back since. */
export const wasStopped = ({ stops, log }: JobSnapshot, rule: StopRuleId): boolean =>
  stops.some((row) => row.rule === rule) ||
  log.some(({ kind, label }) => kind === 'stop-raised' && label === rule)

export const levelOf = (rule: StopRuleId): 'hard' | 'warning' =>
  vocabulary.stopRules[rule].level as 'hard' | 'warning'
