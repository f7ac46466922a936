import type { ActOf } from '../acts/actTypes'
import { type Draft, planned, rowChange, type Steps, withSteps } from '../acts/changes'
import { refusal } from '../acts/refusals'
import type { JobSnapshot, PointRow } from '../rows'
import { energyJobOf } from '../shared'
import { isPlanField, planAnswer, planFields } from './place'
import { planQuestions } from './planQuestions'
import { newPoint, restored } from './pointActs'
import { voidAll } from './voiding'

export type FieldAct = ActOf<'field.set'>

/**
 * An answer that the isolation plan depends on. What changes where and how dead is proved voids the proof; each circuit
 * more brings its own breaker, and a machine without water loses its valve.
 */
export function planAnswerSet(snapshot: JobSnapshot, act: FieldAct, at: string): Draft {
  if (!isPlanField(act.field)) throw refusal('unknown-field/plan')
  const values: readonly string[] = planFields[act.field]
  const typed = act.typed.trim()
  if (typed !== '' && !values.includes(typed)) throw refusal('unknown-value/answer')
  const before = planAnswer(snapshot, act.field)
  const known = snapshot.fields.find((row) => row.part === 'plan' && row.field === act.field)
  const id = known?.id ?? act.id
  const row = { id, jobId: energyJobOf(snapshot.job), part: 'plan', field: act.field, typed, at }
  if (known?.typed === typed || (!known && typed === '')) return planned('Answered already', [])
  const after = typed === '' ? values[0] : typed
  const text = `The plan: ${planQuestions[act.field]}, ${after}`
  const draft = planned(
    text,
    [rowChange(snapshot, 'fields', id, typed === '' ? null : row)],
    [{ kind: 'planned', label: planQuestions[act.field], detail: after ?? '' }],
  )
  if (before === after || act.field === 'cold') return draft
  if (act.field === 'water') return withSteps(draft, ...waterSteps(snapshot, after === 'no', at))
  if (act.field === 'feeds') return withSteps(draft, ...feedSteps(snapshot, Number(after), at))
  return withSteps(draft, voidAll(snapshot, at, `${planQuestions[act.field]} was answered anew`))
}

/** The valve goes with its reason where there is no water, and comes back closed where there is. */
function waterSteps(snapshot: JobSnapshot, dry: boolean, at: string): Steps[] {
  const valves = snapshot.points.filter(({ point }) => point === 'water-valve')
  if (!dry) return valves.filter((point) => point.struckAt).map((point) => restored(snapshot, point, at))
  const standing = valves.filter((point) => !point.struckAt)
  return [strike(snapshot, standing, at, 'no ice maker or dispenser is connected to water')]
}

/** Each circuit more has a breaker of its own; one less takes it away again. */
function feedSteps(snapshot: JobSnapshot, feeds: number, at: string): Steps[] {
  const own = snapshot.points.filter((point) => point.feed > 1)
  const added: PointRow[] = []
  for (let feed = 2; feed <= feeds; feed++) {
    const known = own.find((point) => point.feed === feed)
    if (known && !known.struckAt) continue
    const fresh = known
      ? { ...known, struckAt: null, strikeReason: '', openedAt: null, held: '', changedAt: at }
      : { ...newPoint(snapshot, `${energyJobOf(snapshot.job)}-feed-${feed}`, 'breaker', at, feed) }
    added.push({ ...fresh, position: fresh.position + (known ? 0 : added.length) })
  }
  const gone = own.filter((point) => point.feed > feeds && !point.struckAt)
  return [
    {
      changes: added.map((row) => rowChange(snapshot, 'points', row.id, row)),
      log: added.map((row) => ({ kind: 'added', subject: row.id, label: row.label })),
    },
    strike(snapshot, gone, at, `${feeds === 1 ? 'one circuit was' : `${feeds} circuits were`} counted`),
    voidAll(snapshot, at, 'the circuits were counted anew'),
  ]
}

function strike(snapshot: JobSnapshot, points: PointRow[], at: string, reason: string): Steps {
  return {
    changes: points.map((point) =>
      rowChange(snapshot, 'points', point.id, {
        ...point,
        struckAt: at,
        strikeReason: reason,
        changedAt: at,
      }),
    ),
    log: points.map((point) => ({ kind: 'struck', subject: point.id, label: point.label, detail: reason })),
  }
}
