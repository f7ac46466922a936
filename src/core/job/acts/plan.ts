import { isValve } from '../../knowledge/isolation'
import { withNextPeriod } from '../energy/period'
import { activeStops } from '../energy/stops'
import type { JobSnapshot, RowChange } from '../rows'
import { fieldKey, ruleOf } from './actRules'
import { moduleOf } from './actTable'
import { type Act, type By, nobody, type Planned } from './actTypes'
import { logged } from './log'
import { refusal } from './refusals'
import type { Shape } from './shapes'

/**
 * A tick of work: power of another job behind the same break, whenever it comes to be one, waits until hands are said to be
 * out.
 */
const putsHandsIn = (snapshot: JobSnapshot, act: Act): boolean =>
  snapshot.job.handsIn !== 1 &&
  (act.kind === 'ledger.tick' || act.kind === 'ledger.back' || act.kind === 'landing.done') &&
  act.on

function withHandsIn(snapshot: JobSnapshot, changes: RowChange[]): RowChange[] {
  const { job } = snapshot
  return [...changes, { table: 'job', id: job.id, before: job, after: { ...job, handsIn: 1 } }]
}

/** Text that a person types is kept up to this length, where its act says no other. */
const LONGEST = 2000

const mostOf = (input: Record<string, Shape>, name: string): number => {
  const shape = Object.hasOwn(input, name) ? input[name] : undefined
  return shape?.type === 'text' ? shape.most : LONGEST
}

/**
 * What an act changes. The browser calls this for what it shows at once, the server again for what it stores.
 *
 * @param now milliseconds since the epoch, when the act was done
 * @throws CoreError where the act is refused: `closed`, `not-proven`, `forbidden-bypass`, `unknown-row`, …
 * @example planAct(snapshot, { kind: 'point.open', id: 'p1' }, Date.now()).text // 'Circuit breaker: open'
 */
export function planAct(snapshot: JobSnapshot, act: Act, now: number, by: By = nobody): Planned {
  const rule = ruleOf(act)
  if (snapshot.job.status === 'closed' && !rule.afterClosing) throw refusal('closed')
  if (snapshot.job.status === 'closed' && act.kind === 'machine.edit') {
    // What the isolation plan rests on is changed where work goes on.
    if (act.field === 'motorKind') throw refusal('closed/motor')
    if (act.field === 'circuit') throw refusal('closed/breaker')
  }
  const { input } = moduleOf(act)
  for (const [name, value] of Object.entries(act)) {
    const most = mostOf(input, name)
    if (typeof value === 'string' && value.length > most) throw refusal('too-long', most)
  }
  // What hands did before somebody raised the stop is written down all the same.
  if (by.cover === undefined) refuseWhileStopped(snapshot, act)
  const at = new Date(now).toISOString()
  const { text, changes: own, log, discards } = moduleOf(act).plan(snapshot, act, { now, at, by })
  const changes = putsHandsIn(snapshot, act) ? withHandsIn(snapshot, own) : own
  return {
    text,
    mergeKey: fieldKey(act),
    changes: [
      ...(discards ? withNextPeriod(snapshot, changes, at) : changes),
      ...logged(snapshot, at, by, log),
    ],
  }
}

/**
 * While a stop stands no work goes on: a hard one until its sign is gone, a warning until it is overridden with a reason.
 * Where only what needs power has to stop, the load is parted and read dead.
 */
function refuseWhileStopped(snapshot: JobSnapshot, act: Act): void {
  const rule = ruleOf(act)
  refuseDuringGas(snapshot, act)
  if (rule.duringStop) return
  if (act.kind === 'job.close' && (act.result === 'handed-over' || act.result === 'not-mended')) return
  // Power off again is always possible.
  if (act.kind === 'job.phase' && act.phase === 'work') return
  const liveReading = act.kind === 'reading.set' && act.reading === 'supply'
  const stop = activeStops(snapshot).find(
    (each) => each.scope === 'all' || !rule.duringLiveStop || liveReading,
  )
  if (stop) throw refusal('stopped', stop.text, stop.call)
}

/**
 * With gas in the air no switch is touched, the breaker's included: what says that one was, is refused, and what is offered is
 * to go out and call.
 */
function refuseDuringGas(snapshot: JobSnapshot, act: Act): void {
  if (act.kind !== 'point.open' && act.kind !== 'point.held') return
  if (!activeStops(snapshot).some(({ rule }) => rule === 'gas-smell')) return
  const point = snapshot.points.find(({ id }) => id === act.id)
  // A cock or a cylinder is shut by hand, from outside.
  if (!point || !isValve(point.point)) throw refusal('gas-stop')
}

export { ruleOf, sameTyping } from './actRules'
export { textBefore } from './typedValue'
