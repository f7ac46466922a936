import { actions } from '../../knowledge/actions'
import { optionKinds } from '../../knowledge/options'
import { recordedSurenesses } from '../../knowledge/recordingsCounted'
import { shortCauses } from '../../knowledge/shortCauses'
import { triggersOf } from '../../knowledge/stops'
import { tests } from '../../knowledge/tests'
import type { TestInfo } from '../../knowledge/types'
import { shortLabels, valueLabel } from '../../knowledge/valueLabels'
import { causeIds, type ObservationId, observationIds, observationInfo } from '../../knowledge/vocabulary'
import { type ActsOf, rule, writes } from '../acts/actModule'
import type { ActOf } from '../acts/actTypes'
import { liftWays } from '../acts/actTypes'
import { type Draft, planned, rowChange } from '../acts/changes'
import type { LogEntry } from '../acts/log'
import { refusal } from '../acts/refusals'
import { flag, id, nullableId, number, oneOf, optional, text } from '../acts/shapes'
import { lifted } from '../energy/stopActs'
import { activeStops } from '../energy/stops'
import { isPowered } from '../proving/power'
import type { JobSnapshot, LeftOut } from '../rows'

const leftOutText: Record<LeftOut, string> = {
  declined: 'Declined',
  'not-possible': 'Not possible here',
  unknown: 'Cannot tell',
}

/** What is found, what is left out, what the person knows better, and what is decided from it. */
export const evidenceActs: ActsOf<'finding.set' | 'declined.set' | 'decision.set' | 'belief.set'> = {
  'finding.set': {
    input: {
      id,
      observation: oneOf(observationIds),
      value: nullableId,
      recorded: optional(oneOf(recordedSurenesses)),
      how: optional(oneOf(liftWays)),
      reason: optional(text),
    },
    rule: rule('plain', 'any-stop'),
    plan: (snapshot, act, { at }) => setFinding(snapshot, act, at),
  },
  'declined.set': {
    input: {
      id,
      observation: oneOf(observationIds),
      on: flag,
      why: optional(oneOf(['declined', 'not-possible', 'unknown'])),
    },
    rule: rule('plain', 'any-stop'),
    plan: (snapshot, act, { at }) => leaveOut(snapshot, act, at),
  },
  'decision.set': {
    input: {
      id,
      agreed: flag,
      cause: oneOf(causeIds),
      action: oneOf(Object.keys(actions)),
      option: optional(oneOf(['', ...optionKinds])),
      reason: text,
      probability: number(0, 1),
    },
    rule: writes(rule('plain')),
    plan: (snapshot, act, { at }) => decide(snapshot, act, at),
  },
  'belief.set': {
    input: { id, cause: oneOf(causeIds), stance: nullableId, reason: text },
    rule: rule('plain'),
    plan: (snapshot, act, { at }) => believe(snapshot, act, at),
  },
}

function setFinding(snapshot: JobSnapshot, act: ActOf<'finding.set'>, at: string): Draft {
  const known = snapshot.findings.find((finding) => finding.observation === act.observation)
  const id = known?.id ?? act.id
  // With power on nothing that needs hands inside is looked at.
  if (act.value !== null && isPowered(snapshot) && byHands(act.observation))
    throw refusal('hands-live', `${shortLabels[act.observation]}.`)
  const word = liftWord(snapshot, act, known?.value ?? null)
  if (act.value === null)
    return planned(
      `${shortLabels[act.observation]}: taken back`,
      known ? [rowChange(snapshot, 'findings', id, null)] : [],
      known ? stopSigns(act.observation, known.value, null, word) : [],
    )
  if (!observationInfo(act.observation).values.includes(act.value))
    throw refusal('unknown-value/finding', observationInfo(act.observation).label, act.value)
  // Who answers a question no longer leaves it out.
  const leftOut = snapshot.declined.filter((row) => row.observation === act.observation)
  return planned(
    `${shortLabels[act.observation]}: ${valueLabel(act.observation, act.value)}`,
    [
      ...leftOut.map((row) => rowChange(snapshot, 'declined', row.id, null)),
      rowChange(snapshot, 'findings', id, {
        id,
        jobId: snapshot.job.id,
        observation: act.observation,
        value: act.value,
        recorded: act.observation === 'sound' ? (act.recorded ?? null) : null,
        at,
      }),
    ],
    stopSigns(act.observation, known?.value ?? null, act.value, word),
  )
}

/** Whether an observation is made by hands in the machine, in every way in which it can be made. */
const byHands = (observation: ObservationId): boolean => {
  const ways: TestInfo[] = tests[observation]
  return ways.length > 0 && ways.every(({ handsIn, risk }) => handsIn || risk === 'dead')
}

function leaveOut(snapshot: JobSnapshot, act: ActOf<'declined.set'>, at: string): Draft {
  const known = snapshot.declined.find((row) => row.observation === act.observation)
  const id = known?.id ?? act.id
  const name = observationInfo(act.observation).label
  if (!act.on)
    return planned(`No longer left out: ${name}`, known ? [rowChange(snapshot, 'declined', id, null)] : [])
  const why = act.why ?? 'declined'
  return planned(`${leftOutText[why]}: ${name}`, [
    rowChange(snapshot, 'declined', id, {
      id,
      jobId: snapshot.job.id,
      observation: act.observation,
      why,
      at,
    }),
  ])
}

function decide(snapshot: JobSnapshot, act: ActOf<'decision.set'>, at: string): Draft {
  const id = snapshot.decisions[0]?.id ?? act.id
  const row = {
    id,
    jobId: snapshot.job.id,
    agreed: act.agreed ? (1 as const) : (0 as const),
    cause: act.cause,
    action: act.action,
    option: act.option ?? '',
    reason: act.reason,
    probability: act.probability,
    at,
  }
  return planned(act.agreed ? 'Agreed with the verdict' : 'Another verdict chosen', [
    rowChange(snapshot, 'decisions', id, row),
  ])
}

function believe(snapshot: JobSnapshot, act: ActOf<'belief.set'>, at: string): Draft {
  const known = snapshot.beliefs.find((row) => row.cause === act.cause)
  const id = known?.id ?? act.id
  const name = shortCauses[act.cause]
  if (act.stance === null)
    return planned(`Left to the findings: ${name}`, known ? [rowChange(snapshot, 'beliefs', id, null)] : [])
  if (act.stance !== 'set' && act.stance !== 'struck') throw refusal('unknown-value/suspect')
  if (act.reason.trim().length < 3) throw refusal('no-reason/suspect')
  const row = {
    id,
    jobId: snapshot.job.id,
    cause: act.cause,
    stance: act.stance,
    reason: act.reason.trim(),
    at,
  }
  // Only one cause is taken as given at a time.
  const others =
    act.stance === 'set' ? snapshot.beliefs.filter((each) => each.stance === 'set' && each.id !== id) : []
  return planned(`${act.stance === 'set' ? 'Taken as given' : 'Struck by hand'}: ${name}`, [
    ...others.map((each) => rowChange(snapshot, 'beliefs', each.id, null)),
    rowChange(snapshot, 'beliefs', id, row),
  ])
}

/** What lifts the hard stop that stands on a finding, where the finding is taken away or becomes another. */
function liftWord(snapshot: JobSnapshot, act: ActOf<'finding.set'>, before: string | null): string {
  if (before === act.value) return ''
  const stop = activeStops(snapshot).find(
    ({ observation, level, rule }) =>
      observation === act.observation &&
      level === 'hard' &&
      !triggersOf(act.observation, act.value ?? '').some((trigger) => trigger.rule === rule),
  )
  if (!stop) return ''
  if (!act.how) throw refusal('no-lift', stop.text)
  return lifted(act.how, act.reason)
}

/** A sign of danger that comes or goes with a finding stands in the record of safety. */
function stopSigns(
  observation: ObservationId,
  before: string | null,
  after: string | null,
  word: string,
): LogEntry[] {
  const of = (value: string | null) => triggersOf(observation, value ?? '')[0]
  const [had, has] = [of(before), of(after)]
  if (had === has) return []
  return [
    ...(had
      ? [{ kind: 'stop-lifted' as const, label: had.rule, detail: word || 'the finding was taken back' }]
      : []),
    ...(has
      ? [{ kind: 'stop-raised' as const, label: has.rule, detail: valueLabel(observation, after ?? '') }]
      : []),
  ]
}
