import { advance } from '../advance'
import { says } from '../says'
import { fanState, runningOf } from './running'
import type { ActOf, Done, Here, Sense } from './types'

/** Nothing waits longer than a night. */
export const LONGEST_MINUTES = 720

export function wait(here: Here, { minutes }: ActOf<'wait'>): Done {
  return {
    // Time passes outside the table of usual minutes, which `play` counts.
    state: advance(here.machine, here.state, minutes * 60),
    answer: { ok: true, minutes, text: says('wait', { minutes }) },
  }
}

export function run(here: Here, { seconds }: ActOf<'run'>): Done {
  const state = advance(here.machine, here.state, seconds)
  const after = { ...here, state }
  const seen = fanState(after)
  const speeds = speedsSense(after)
  const fed = Object.values(state.motors).some(({ omega }) => Math.abs(omega) > 1)
  return {
    state: speeds.state,
    answer: {
      ok: true,
      minutes: seconds / 60,
      text:
        fed || seen === 'hums'
          ? says('run', { seconds, what: { key: `value.fan-state.${seen}` } })
          : says('run.stood', { seconds }),
      ...(state.called ? { sense: { 'fan-state': seen, ...speeds.sense } } : {}),
    },
  }
}

/** Speed of a machine that runs as it should at its lower settings is less by design: what counts is whether it turns. */
function speedsSense(here: Here): { state: Here['state']; sense: Sense } {
  const { machine, state } = here
  const { speeds } = machine.build
  if (!speeds || !state.speed) return { state, sense: {} }
  const share = Math.abs(runningOf(here).speed)
  const speedsSeen = { ...state.speedsSeen, [state.speed]: share }
  const after = { ...state, speedsSeen }
  if (!speeds.every((speed) => speedsSeen[speed] !== undefined)) return { state: after, sense: {} }
  const shares = speeds.map((speed) => speedsSeen[speed] ?? 0)
  const turning = shares.filter((each) => each > 0.1)
  const only = turning.length === 1 && (shares[0] ?? 0) > 0.1
  const said =
    turning.length === 0
      ? 'none'
      : turning.length === shares.length
        ? (shares[0] ?? 0) < 0.85
          ? 'all-slow'
          : 'all'
        : only
          ? 'only-high'
          : 'some-missing'
  return { state: after, sense: { speeds: said } }
}
