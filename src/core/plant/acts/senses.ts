import { fanOf } from '../../knowledge/plants/parts'
import { advance } from '../advance'
import { ratedOmega } from '../machine'
import { says } from '../says'
import { settle } from '../settle'
import type { MotorState, PlantState } from '../state'
import { lookAt, lookPlaces } from './looks'
import { mayStart, SPINS } from './points'
import { coverName, hurtBy, not, touched } from './reach'
import { fanState, runningOf, soundNow } from './running'
import type { Answer, Done, Here, Sense, SenseAct } from './types'

const value = (observation: string, of: string) => ({ key: `value.${observation}.${of}` })
const sensed = (here: Here, minutes: number, text: Answer['text'], sense: Sense): Done => ({
  state: here.state,
  answer: { ok: true, minutes, text, sense },
})

export function look(here: Here, { at = 'machine' }: SenseAct): Done {
  if (at === 'machine') {
    const state = fanState(here)
    const run = runningOf(here)
    const direction = run.turns ? (run.speed > 0 ? 'right' : 'wrong') : 'does-not-turn'
    const plain = run.called || run.turns
    return sensed(
      here,
      1,
      says('look', { what: value('fan-state', plain ? state : 'dead') }),
      plain ? { 'fan-state': state, direction } : {},
    )
  }
  const place = lookPlaces(here.machine.build).find(({ id }) => id === at)
  if (!place) return not(here, says('look.nothing'))
  if (place.behind && here.state.covers[place.behind] !== 'off')
    return not(here, says('probe.covered', { probe: { key: `at.${at}` }, cover: coverName(place.behind) }))
  const sense = lookAt(here, at)
  const [first] = Object.entries(sense)
  if (!first) return sensed(here, place.minutes, says('look.nothing'), {})
  return sensed(here, place.minutes, says('look', { what: value(first[0], String(first[1])) }), sense)
}

export function listen(here: Here): Done {
  const heard = soundNow(here)
  return sensed(here, 0.5, says('sound', { what: value('sound', heard) }), { sound: heard })
}

export function smell(here: Here): Done {
  const smelt = here.state.burntSmell || here.state.traits.motors.fan?.mainTurns !== 1 ? 'burnt' : 'none'
  return sensed(here, 0.5, says('smell', { what: value('smell', smelt) }), { smell: smelt })
}

/** K to the back of a hand: cold to 34 °C, too hot to leave it there from 55 °C. */
const COLD = 34
const HOT = 55
/** Skin burns at metal of this in the time a hand takes to come away, °C. */
const BURNS = 95

export function touch(here: Here, { at = 'motor' }: SenseAct): Done {
  const { machine, state } = here
  if (at === 'hub' || at === 'mount') return byHand(here, at)
  const motor = machine.build.motors.find(({ id }) => id === (at === 'compressor' ? 'compressor' : 'fan'))
  if (!motor) return not(here, says('look.nothing'))
  if (motor.behind && state.covers[motor.behind] !== 'off')
    return not(here, says('probe.covered', { probe: { key: `at.${at}` }, cover: coverName(motor.behind) }))
  const met = touched(here, [`${motor.id}-frame`])
  if (met) return hurtBy(here, 0.5, met)
  if (motor.id === 'fan' && Math.abs(state.motors.fan?.omega ?? 0) > SPINS && coverOff(here))
    return hurtBy(here, 0.5, { hurt: { how: 'wheel' }, answer: { text: says('hurt.wheel') } })
  const celsius = state.motors[motor.id]?.caseCelsius ?? 25
  if (celsius > BURNS)
    return hurtBy(here, 0.5, { hurt: { how: 'burn' }, answer: { text: says('hurt.burn', { celsius }) } })
  const felt = celsius < COLD ? 'cold' : celsius < HOT ? 'warm' : 'too-hot-to-touch'
  if (motor.id !== 'fan') return sensed(here, 0.5, says('touch.compressor', { celsius }), {})
  return sensed(here, 0.5, says('touch', { what: value('case-heat', felt), celsius }), { 'case-heat': felt })
}

const coverOff = ({ machine, state }: Here): boolean =>
  machine.build.covers.some(({ id, wheel }) => wheel && state.covers[id] === 'off')

/** A hand at the wheel: never while it turns, nor while it may start by itself. */
function atWheel(here: Here): Done | null {
  if (Math.abs(here.state.motors.fan?.omega ?? 0) > SPINS)
    return hurtBy(here, 0.5, { hurt: { how: 'wheel' }, answer: { text: says('hurt.wheel') } })
  if (mayStart(here))
    return hurtBy(here, 0.5, { hurt: { how: 'wheel' }, answer: { text: says('hurt.wheel-starts') } })
  return null
}

function byHand(here: Here, at: 'hub' | 'mount'): Done {
  const met = atWheel(here)
  if (met) return met
  const { traits } = here.state
  if (at === 'mount') {
    const mounting = traits.mountTight ? 'tight' : 'loose'
    return sensed(here, 2, says('look', { what: value('mounting', mounting) }), { mounting })
  }
  const hub = traits.cracked
    ? 'cracked'
    : traits.slips
      ? 'loose'
      : traits.wheel !== 'whole'
        ? 'out-of-balance'
        : 'tight'
  return sensed(here, 2, says('look', { what: value('hub', hub) }), { hub })
}

export function turn(here: Here): Done {
  const met = atWheel(here)
  if (met) return met
  const { traits } = here.state
  const own = traits.motors.fan
  const spin = freeSpin(traits, own?.seized === true, own?.friction ?? 0, own?.rough === true)
  if (spin === 'seized')
    return sensed(here, 0.5, says('turn', { what: value('free-spin', spin) }), { 'free-spin': spin })
  const coast =
    spin === 'free' || spin === 'wobbles' || spin === 'slips-on-shaft' ? 'coasts-long' : 'stops-quickly'
  return sensed(
    here,
    0.5,
    says('turn.stop', { what: value('free-spin', spin), coast: value('coast-down', coast) }),
    {
      'free-spin': spin,
      'coast-down': coast,
    },
  )
}

function freeSpin(traits: PlantState['traits'], seized: boolean, friction: number, rough: boolean): string {
  if (traits.held === 'ice' || seized) return 'seized'
  if (traits.held === 'debris') return 'rubs'
  if (traits.slips) return 'slips-on-shaft'
  if (traits.rubs) return 'rubs'
  if (friction > 0.25) return 'stiff'
  if (rough) return 'rough'
  if (traits.wheel === 'unbalanced' || traits.wheel === 'broken') return 'wobbles'
  return traits.dirt > 0.6 ? 'stiff' : 'free'
}

/** A push with a dry stick through the grille, at a fifth of its speed: does it go on by itself? */
const PUSH = 0.2

export function push(here: Here): Done {
  const { machine, state } = here
  const fan = fanOf(machine.build)
  const now = state.motors[fan.id]
  if (!now) return not(here, says('look.nothing'))
  if (Math.abs(now.omega) > SPINS) return not(here, says('push.unneeded'))
  const held = state.traits.held !== 'no' || state.traits.motors[fan.id]?.seized
  const given: MotorState = { ...now, omega: held ? 0 : PUSH * ratedOmega(fan) }
  const after = advance(
    machine,
    { ...settle(machine, state).state, motors: { ...state.motors, [fan.id]: given } },
    12,
  )
  const share = Math.abs(after.motors[fan.id]?.omega ?? 0) / ratedOmega(fan)
  const went = share > 0.75 ? 'starts-and-runs' : share > 0.3 ? 'starts-slowly' : 'does-nothing'
  const key = {
    'starts-and-runs': 'push.runs',
    'starts-slowly': 'push.slow',
    'does-nothing': 'push.nothing',
  } as const
  return {
    state: after,
    answer: { ok: true, minutes: 1, text: says(key[went]), sense: { 'nudge-start': went } },
  }
}

export function air(here: Here): Done {
  const { air: flow } = here.state
  const felt = flow < -0.1 ? 'wrong-way' : Math.abs(flow) < 0.05 ? 'none' : flow < 0.62 ? 'weak' : 'strong'
  return sensed(here, 0.5, says('air', { what: value('air-flow', felt) }), { 'air-flow': felt })
}
