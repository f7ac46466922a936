import { breakWords, pointName } from '../../knowledge/breakWords'
import { isolationPlans, isValve } from '../../knowledge/isolation'
import { type IsolationPointId, isolationPointIds, vocabulary } from '../../knowledge/vocabulary'
import { type ActsOf, rule, types } from '../acts/actModule'
import { type Draft, planned, rowChange, withSteps } from '../acts/changes'
import { refusal } from '../acts/refusals'
import { knownRow, needReason } from '../acts/rowById'
import { id, oneOf, text } from '../acts/shapes'
import type { JobSnapshot, PointRow } from '../rows'
import { energyJobOf } from '../shared'
import { stalePoints } from './daysLater'
import { voidAll } from './voiding'

/** Isolation points opened, held, closed, added and struck. Whatever may bring power back voids what was proved. */
export const pointActs: ActsOf<`point.${string}`> = {
  'point.open': {
    input: { id },
    rule: rule('asserts', 'any-stop'),
    plan: (snapshot, act, { at }) => {
      const point = knownRow(snapshot, 'points', act.id)
      if (snapshot.job.phase === 'live-test' || snapshot.job.phase === 'in-service')
        throw refusal('wrong-phase/test')
      if (point.struckAt) throw refusal('struck/point', point.label)
      // Told twice it is one act: a later time would make the proof older than its point.
      const { open } = breakWords[point.point]
      if (point.openedAt) return planned(`${point.label}: ${open}`, [])
      return changed(
        snapshot,
        { ...point, openedAt: at, held: '', changedAt: at },
        `${point.label}: ${open}`,
        [{ kind: 'opened', subject: point.id, label: point.label, detail: open }],
      )
    },
  },
  'point.still': {
    input: { id },
    rule: rule('asserts', 'any-stop'),
    plan: (snapshot, act, { at }) => {
      const point = knownRow(snapshot, 'points', act.id)
      if (snapshot.job.phase !== 'work') throw refusal('wrong-phase/test')
      if (point.struckAt) throw refusal('struck/point', point.label)
      if (!point.openedAt) throw refusal('not-open', point.label)
      const word = `still ${breakWords[point.point].open}`
      if (!stalePoints(snapshot, Date.parse(at)).some(({ id }) => id === point.id))
        return planned(`${point.label}: ${word}`, [])
      // Nobody knows what the days between brought: it counts from now, and all that rested on it is made anew.
      return withSteps(
        changed(snapshot, { ...point, openedAt: at, changedAt: at }, `${point.label}: ${word}`, [
          { kind: 'opened', subject: point.id, label: point.label, detail: word },
        ]),
        voidAll(snapshot, at, `${pointName(point.label)} was looked at again after days`),
      )
    },
  },
  'point.close': {
    input: { id },
    rule: rule('reverts', 'any-stop'),
    plan: (snapshot, act, { at }) => {
      const point = knownRow(snapshot, 'points', act.id)
      const closed = { ...point, openedAt: null, held: '', changedAt: at }
      const word = breakWords[point.point].closed
      const draft = changed(snapshot, closed, `${point.label}: ${word} again`, [
        { kind: 'closed', subject: point.id, label: point.label, detail: word },
      ])
      // Gas or water that comes on again brings no power back.
      if (isValve(point.point)) return draft
      return withSteps(draft, voidAll(snapshot, at, `${pointName(point.label)} is ${word} again`))
    },
  },
  'point.held': {
    input: { id, held: text },
    rule: types(rule('asserts', 'any-stop'), 'id'),
    plan: (snapshot, act) => {
      const point = knownRow(snapshot, 'points', act.id)
      // How it is held belongs to this opening: nobody holds open what is closed.
      if (!point.openedAt && act.held.trim() !== '') throw refusal('not-open', point.label)
      const held = act.held.trim() === '' ? '' : act.held
      if (held === point.held) return planned(`${point.label}: held`, [])
      return planned(
        `${point.label}: ${held ? `held, ${held}` : 'nobody says how it is held'}`,
        [rowChange(snapshot, 'points', point.id, { ...point, held })],
        [{ kind: 'held', subject: point.id, label: point.label, detail: held }],
      )
    },
  },
  'point.add': {
    input: { id, point: oneOf(isolationPointIds) },
    rule: rule('reverts', 'any-stop'),
    plan: (snapshot, act, { at }) => {
      if (snapshot.points.some((row) => row.id === act.id)) return planned('Added already', [])
      const row = newPoint(snapshot, act.id, act.point, at)
      return withSteps(
        changed(snapshot, row, `Added: ${row.label}`, [{ kind: 'added', subject: row.id, label: row.label }]),
        voidAll(snapshot, at, `${row.label} was added`),
      )
    },
  },
  'point.strike': {
    input: { id, reason: text },
    rule: rule('asserts', 'live-stop'),
    plan: (snapshot, act, { at }) => {
      const point = knownRow(snapshot, 'points', act.id)
      const reason = needReason(act.reason)
      if (point.struckAt) return planned('Struck already', [])
      // A struck point may have been the one that matters: everything is made anew.
      return withSteps(
        changed(
          snapshot,
          { ...point, struckAt: at, strikeReason: reason, changedAt: at },
          `Struck: ${point.label}`,
          [{ kind: 'struck', subject: point.id, label: point.label, detail: reason }],
        ),
        voidAll(snapshot, at, `${point.label} was struck`),
      )
    },
  },
  'point.restore': {
    input: { id },
    rule: rule('reverts', 'any-stop'),
    plan: (snapshot, act, { at }) => {
      const point = knownRow(snapshot, 'points', act.id)
      if (!point.struckAt) return planned('In the plan already', [])
      return restored(snapshot, point, at)
    },
  },
}

export function restored(snapshot: JobSnapshot, point: PointRow, at: string): Draft {
  const back = { ...point, struckAt: null, strikeReason: '', openedAt: null, held: '', changedAt: at }
  return withSteps(
    changed(snapshot, back, `Back in the plan: ${point.label}`, [
      { kind: 'restored', subject: point.id, label: point.label },
    ]),
    voidAll(snapshot, at, `${point.label} came back`),
  )
}

/** A point of the plan, closed and held by nobody yet. */
export function newPoint(
  snapshot: JobSnapshot,
  id: string,
  point: IsolationPointId,
  at: string,
  feed = 0,
): PointRow {
  const plan = isolationPlans[snapshot.machine.family].points.find((each) => each.point === point)
  const label = vocabulary.isolationPoints[point]
  return {
    id,
    jobId: energyJobOf(snapshot.job),
    point,
    label: feed > 1 ? `${label} of circuit ${feed}` : label,
    position: Math.max(-1, ...snapshot.points.map((row) => row.position)) + 1,
    held: '',
    proposal: plan?.held ?? usualHold[point],
    feed,
    openedAt: null,
    changedAt: at,
    struckAt: null,
    strikeReason: '',
  }
}

/** How the trade holds each kind of point, where the family's plan does not say. */
const usualHold: Record<IsolationPointId, string> = {
  plug: 'tied back, in sight',
  breaker: 'locked or taped, with a note',
  fuse: 'in the pocket',
  disconnect: 'block taken along or turned over',
  'service-switch': 'taped off',
  'wall-switch': 'taped off',
  thermostat: 'everybody in the house told',
  battery: 'terminal wrapped',
  'gas-cock': 'handle across the pipe',
  'cylinder-valve': 'hand tight',
  'water-valve': 'shut, with a note on it',
  'shore-power': 'lead in sight, coiled up',
}

const changed = (snapshot: JobSnapshot, row: PointRow, text: string, log: Draft['log']): Draft =>
  planned(text, [rowChange(snapshot, 'points', row.id, row)], log)
