import { fanOf } from '../../knowledge/plants/parts'
import { advance } from '../advance'
import { says } from '../says'
import { settle, withSwing } from '../settle'
import type { PlantState } from '../state'
import { coverName, hurtBy, not, pointName, unproven, voltsBetween } from './reach'
import type { ActOf, Done, Here } from './types'

/** Seconds that a person stands there after switching something. */
const STANDS = 3

/** Apply a change at once: what swings is told as it stood, then the machine comes to rest in its new way. */
export function switched(here: Here, change: (state: PlantState) => PlantState): PlantState {
  const before = withSwing(here.machine, settle(here.machine, here.state))
  return settle(here.machine, change(before)).state
}

export function point(here: Here, { id, to }: ActOf<'point'>): Done {
  const { machine, state } = here
  const spec = machine.build.points.find((each) => each.id === id)
  if (!spec) return not(here, says('point.none'))
  // The handle of a tripped breaker stands between: it goes fully off, or on again.
  const now = state.breakerTripped && id === 'breaker' ? 'tripped' : state.points[id]
  if (now === to) return not(here, says('point.already', { point: pointName(id) }))
  const changed = switched(here, (was) => ({
    ...was,
    points: { ...was.points, [id]: to },
    held: to === 'on' ? was.held.filter((each) => each !== id) : was.held,
    breakerTripped: id === 'breaker' ? false : was.breakerTripped,
    breakerHeat: id === 'breaker' ? 0 : was.breakerHeat,
  }))
  const after = advance(
    machine,
    to === 'on' ? unproven(changed) : { ...changed, proof: { ...changed.proof, pairs: [], after: false } },
    STANDS,
  )
  const trips = to === 'on' && after.breakerTripped
  return {
    state: after,
    answer: {
      ok: true,
      minutes: 1,
      text: says(trips ? 'point.trips' : to === 'off' ? 'point.off' : 'point.on', { point: pointName(id) }),
      ...(trips ? { sense: { breaker: 'trips-again-at-once' } } : {}),
    },
  }
}

export function held(here: Here, { id }: ActOf<'held'>): Done {
  const { machine, state } = here
  if (!machine.build.points.some((each) => each.id === id)) return not(here, says('point.none'))
  if (state.points[id] !== 'off') return not(here, says('held.on', { point: pointName(id) }))
  return {
    state: { ...state, held: [...new Set([...state.held, id])] },
    answer: { ok: true, minutes: 1, text: says('held.done', { point: pointName(id) }) },
  }
}

export function call(here: Here, { on, speed }: ActOf<'call'>): Done {
  const { machine } = here
  if (speed !== undefined && !machine.build.speeds?.includes(speed))
    return not(here, says('call.no-speed', { speed }))
  const changed = switched(here, (was) => ({ ...was, called: on, speed: speed ?? was.speed }))
  const after = advance(machine, changed, STANDS)
  return {
    state: after,
    answer: {
      ok: true,
      minutes: 0.5,
      text: speed !== undefined && on ? says('call.speed', { speed }) : says(on ? 'call.on' : 'call.off'),
    },
  }
}

export function cover(here: Here, { id, to }: ActOf<'cover'>): Done {
  const { machine, state } = here
  const spec = machine.build.covers.find((each) => each.id === id)
  if (!spec) return not(here, says('cover.none'))
  if (state.covers[id] === to) return not(here, says('cover.already', { cover: coverName(id) }))
  const first = to === 'off' ? spec.after : machine.build.covers.find(({ after }) => after === id)?.id
  if (first && state.covers[first] !== 'off' && to === 'off')
    return not(here, says('cover.first', { cover: coverName(id), first: coverName(first) }))
  if (first && state.covers[first] === 'off' && to === 'on')
    return not(here, says('cover.first', { cover: coverName(id), first: coverName(first) }))
  if (spec.fuel && to === 'off' && machine.build.fuel === 'gas' && fuelOn(here))
    return hurtBy(here, 3, { hurt: { how: 'gas' }, answer: { text: says('hurt.gas') } })
  const omega = Math.abs(state.motors[fanOf(machine.build).id]?.omega ?? 0)
  if (spec.wheel && to === 'off' && omega > SPINS)
    return hurtBy(here, 3, {
      hurt: { how: 'wheel' },
      answer: { text: says('cover.wheel-turns', { cover: coverName(id) }) },
    })
  return {
    state: { ...state, covers: { ...state.covers, [id]: to } },
    answer: {
      ok: true,
      minutes: 3,
      text: says(to === 'off' ? 'cover.off' : 'cover.on', { cover: coverName(id) }),
    },
  }
}

/** rad/s from which a blade hurts a finger: a third of a turn a second. */
export const SPINS = 2

/** A valve of the fuel that is open. */
export const fuelOn = ({ machine, state }: Here): boolean =>
  machine.build.points.some(({ id, opens }) => opens === 'valve' && state.points[id] !== 'off')

/** Volts of the line at the machine: from them it may start by itself. */
export const mayStart = (here: Here): boolean => {
  const { machine, state } = here
  if (machine.build.supply.hz === 0)
    return machine.build.points.every(({ id, opens }) => opens !== 'line' || state.points[id] !== 'off')
  return voltsBetween(here, 'line-1', 'line-2') > 40
}
