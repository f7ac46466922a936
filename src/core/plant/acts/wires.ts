import { advance } from '../advance'
import { says } from '../says'
import { switched } from './points'
import {
  againstProcedure,
  chargeAfter,
  directBetween,
  hurtBy,
  not,
  outOfReach,
  probeName,
  touched,
  voltsBetween,
  wireName,
} from './reach'
import type { ActOf, Done, Here } from './types'

/** A wire off its terminal, or onto another: by hand, so the hand meets what is there. */
export function wire(here: Here, { id, end, to }: ActOf<'wire'>): Done {
  const { machine, state } = here
  const spec = machine.build.wires.find((each) => each.id === id)
  const now = state.wires[id]
  if (!spec || !now) return not(here, says('wire.none'))
  const name = wireName(here, id)
  if (spec.fixed && end === 'from') return not(here, says('wire.fixed', { wire: name }))
  const at = now[end]
  if (to === 'off' && at === null) return not(here, says('wire.free', { wire: name }))
  if (to !== 'off' && at === to) return not(here, says('wire.there', { wire: name, at: probeName(to) }))
  // A free end hangs where it sat.
  const places = [at ?? spec[end], ...(to !== 'off' ? [to] : [])]
  const hidden = outOfReach(here, places)
  if (hidden) return hidden
  const nodes = [at ?? `${id}.${end}`, ...(to !== 'off' ? [to] : [])]
  const met = touched(here, nodes)
  if (met) return hurtBy(here, 1, met)
  const against = againstProcedure(here, nodes)
  const landed = to === 'off' ? null : to
  const after = switched(here, (was) => ({
    ...was,
    wires: { ...was.wires, [id]: { ...now, [end]: landed } },
  }))
  return {
    state: advance(machine, after, 1),
    answer: {
      ok: true,
      minutes: 1,
      text:
        to === 'off'
          ? says('wire.off', { wire: name, at: probeName(at ?? spec[end]) })
          : says('wire.lands', { wire: name, at: probeName(to) }),
      ...(against ? { against } : {}),
    },
  }
}

/** A lead with a resistor in it is held this long; what is left after it is told. */
const HELD_SECONDS = 15
/** Under this it is a piece of metal: it sparks, and marks the terminals. */
const METAL_OHM = 20

export function discharge(here: Here, { a, b, ohm }: ActOf<'discharge'>): Done {
  const hidden = outOfReach(here, [a, b])
  if (hidden) return hidden
  const mains = voltsBetween(here, a, b)
  if (mains > 50 && ohm < METAL_OHM)
    return hurtBy(here, 1, {
      hurt: { how: 'arc', volts: mains },
      answer: { text: says('hurt.arc', { volts: mains }) },
    })
  if (mains > 50)
    return {
      state: { ...here.state, broke: [...here.state.broke, 'resistor'] },
      answer: { ok: true, minutes: 1, text: says('discharge.burnt', { volts: mains }), broke: ['resistor'] },
    }
  const volts = Math.abs(directBetween(here, a, b))
  const charge = chargeAfter(here, HELD_SECONDS, (net) => net.resistors.push({ id: 'lead', a, b, ohm }))
  const left = Math.abs(directBetween({ ...here, state: { ...here.state, charge } }, a, b))
  const state = { ...here.state, charge, seconds: here.state.seconds }
  const answer = (text: Parameters<typeof not>[1]) => ({ ok: true, minutes: 1, text })
  if (volts < 1) return { state, answer: answer(says('discharge.nothing')) }
  if (ohm < METAL_OHM && volts > 20)
    return {
      state,
      answer: { ...answer(says('discharge.spark', { volts })), against: says('against.screwdriver') },
    }
  return {
    state,
    answer: answer(
      left > 5
        ? says('discharge.slow', { volts: left })
        : says('discharge.done', { volts, seconds: HELD_SECONDS }),
    ),
  }
}
