import { sequenceOf } from '../../knowledge/sequences'
import { type ActsOf, rule } from '../acts/actModule'
import type { ActOf } from '../acts/actTypes'
import { type Draft, planned, rowChange } from '../acts/changes'
import { refusal } from '../acts/refusals'
import { knownRow } from '../acts/rowById'
import { flag, id, textOf } from '../acts/shapes'
import { energyOf } from '../energy/energy'
import type { JobSnapshot } from '../rows'
import { runSeen } from './runs'

/** Acts on a start that is watched: begun at the call, an event noted as it is seen, ended. */
export const runActs: ActsOf<`run.${string}`> = {
  'run.start': {
    input: { id },
    rule: rule('plain'),
    plan: (snapshot, act, { now, at }) => startRun(snapshot, act, now, at),
  },
  'run.mark': {
    input: { id, event: textOf(40), on: flag },
    rule: rule('plain', 'any-stop'),
    plan: (snapshot, act, { now }) => markRun(snapshot, act, now),
  },
  'run.end': {
    input: { id },
    rule: rule('plain', 'any-stop', true),
    plan: (snapshot, act, { at }) => {
      const run = knownRow(snapshot, 'runs', act.id)
      if (run.endedAt) return planned('Watch ended', [])
      return planned('Watch ended', [rowChange(snapshot, 'runs', run.id, { ...run, endedAt: at })])
    },
  },
  'run.remove': {
    input: { id },
    rule: rule('plain', 'any-stop'),
    plan: (snapshot, act) => {
      const run = knownRow(snapshot, 'runs', act.id)
      return planned('Watch taken away', [rowChange(snapshot, 'runs', run.id, null)])
    },
  },
}

function startRun(snapshot: JobSnapshot, act: ActOf<'run.start'>, now: number, at: string): Draft {
  if (!sequenceOf(snapshot.machine.family)) throw refusal('no-sequence')
  if (snapshot.runs.some(({ id }) => id === act.id)) return planned('Watch begun', [])
  const { state } = energyOf(snapshot, now)
  if (state !== 'live' && state !== 'live-test' && state !== 'in-service') throw refusal('not-live/run')
  const running = snapshot.runs.filter(({ endedAt }) => endedAt === null)
  return planned('Watch begun', [
    ...running.map((run) => rowChange(snapshot, 'runs', run.id, { ...run, endedAt: at })),
    rowChange(snapshot, 'runs', act.id, {
      id: act.id,
      jobId: snapshot.job.id,
      startedAt: at,
      endedAt: null,
      seen: '{}',
    }),
  ])
}

function markRun(snapshot: JobSnapshot, act: ActOf<'run.mark'>, now: number): Draft {
  const run = knownRow(snapshot, 'runs', act.id)
  const event = sequenceOf(snapshot.machine.family)?.events.find(({ id }) => id === act.event)
  if (!event) throw refusal('unknown-event')
  const { [event.id]: before, ...others } = runSeen(run)
  if (!act.on)
    return planned(`Not seen: ${event.what}`, [
      rowChange(snapshot, 'runs', run.id, { ...run, seen: JSON.stringify(others) }),
    ])
  if (before !== undefined) return planned(`Seen: ${event.what}`, [])
  if (run.endedAt) throw refusal('run-over')
  const seconds = Math.max(0, Math.round((now - Date.parse(run.startedAt)) / 100) / 10)
  return planned(`Seen: ${event.what}`, [
    rowChange(snapshot, 'runs', run.id, { ...run, seen: JSON.stringify({ ...others, [event.id]: seconds }) }),
  ])
}
