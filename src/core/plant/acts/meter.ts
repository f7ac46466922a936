import { abs, sub } from '../../circuit/complex'
import { partsOf } from '../../knowledge/plants/parts'
import { chanceAt } from '../machine'
import { netOf } from '../network/assemble'
import { directVolts, prepareDirect } from '../network/direct'
import { GROUND, type Net } from '../network/net'
import { prepare, solveAt } from '../network/phasor'
import { says } from '../says'
import { settle } from '../settle'
import type { PlantState } from '../state'
import { shown } from './display'
import { freeLeads, phaseSense, senseOf, windingSense } from './finding'
import {
  chargeAfter,
  DEAD_VOLTS,
  DISCHARGED_VOLTS,
  directBetween,
  hurtBy,
  laid,
  not,
  outOfReach,
  pairKey,
  pairsOf,
  phasorsOf,
  probeName,
  voltsAcross,
  wireName,
} from './reach'
import type { ActOf, Answer, Done, Here, Range } from './types'

/** Ω and F of the inputs: an ordinary one of 10 MΩ, and one that loads the circuit. */
const INPUT: Partial<Record<Range, { ohm: number; farad: number }>> = {
  'volts-ac': { ohm: 1e7, farad: 1e-10 },
  'volts-dc': { ohm: 1e7, farad: 1e-10 },
  'low-z': { ohm: 3e3, farad: 1e-10 },
}
const SHUNT_OHM = 0.01
/** What the ohm range lays across its probes: a ghost falls away behind it. */
const TEST_OHM = 1e5
/** A fuse of the amps socket. */
const FUSE_AMPS = 10
/** Ohms and µF at more than this burn the input; under it they show nonsense. */
const INPUT_HOLDS = 30
/** Between live parts an arc at the probe needs this. */
const ARC_VOLTS = 50
/** Of the ohm range: the leads themselves, before they are zeroed. */
const LEADS = { least: 0.1, most: 0.4 }
/** The µF range of a household meter charges and discharges some times a second, Hz. */
const TEST_HZ = 40
/** A reading stands after some seconds; a charge falls through the input while it does. */
const READ_SECONDS = 2

const across = (net: Net, id: string, a: string, b: string, ohm: number) =>
  net.resistors.push({ id, a, b, ohm })

export function meter(here: Here, act: ActOf<'meter'>): Done {
  const hidden = outOfReach(here, [act.red, act.black])
  if (hidden) return hidden
  if (here.state.broke.includes('meter')) return not(here, says('meter.broken'))
  const { range, jack = range === 'amps' ? 'a' : 'v' } = act
  const loading = (net: Net) => across(net, 'meter', act.red, act.black, TEST_OHM)
  const live = Math.max(
    voltsAcross(here, act.red, act.black, TEST_OHM),
    Math.abs(directBetween(here, act.red, act.black, loading)),
  )
  if (jack === 'a') return range === 'amps' || live > 1 ? amps(here, act, live) : done(here, act, 0)
  if (range === 'amps') return done(here, act, 0, says('meter.wrong-jack'))
  if (range === 'ohm' || range === 'microfarad') return passive(here, act, live)
  const read = volts(here, act)
  const low = act.range === 'low-z'
  const charge = chargeAfter(here, READ_SECONDS, (net) =>
    across(net, 'meter', act.red, act.black, INPUT[range]?.ohm ?? 1e7),
  )
  const state = proofRead({ ...here.state, charge }, here, act, read)
  const result = done({ ...here, state }, act, read)
  const induced = !low && range === 'volts-ac' && read > 2 && Math.abs(loaded(here, act)) < 0.3 * read
  return induced
    ? { ...result, answer: { ...result.answer, text: says('reading.induced', wordsOf(act, result.answer)) } }
    : result
}

const wordsOf = ({ red, black }: ActOf<'meter'>, { reading }: Answer) => ({
  display: reading?.display ?? '',
  red: probeName(red),
  black: probeName(black),
})

function done(here: Here, act: ActOf<'meter'>, value: number | null, text?: Answer['text']): Done {
  const reading = shown(here, act.range, value)
  const sense = senseOf(here, act, reading)
  const words = { display: reading.display, red: probeName(act.red), black: probeName(act.black) }
  return {
    state: here.state,
    answer: {
      ok: true,
      minutes: 1,
      text:
        text ??
        (act.red === act.black ? says('meter.same', { display: reading.display }) : says('reading', words)),
      reading,
      ...(sense ? { sense } : {}),
    },
  }
}

/** Volts as this range shows them, with its input across the two points. */
function volts(here: Here, { range, red, black }: ActOf<'meter'>): number {
  const input = INPUT[range] ?? { ohm: 1e7, farad: 1e-10 }
  if (range === 'volts-dc')
    return directBetween(here, red, black, (net) => across(net, 'meter', red, black, input.ohm))
  if (here.machine.build.supply.hz === 0) return 0
  const loaded = laid(here, (net) => {
    across(net, 'meter', red, black, input.ohm)
    net.capacitors.push({ id: 'meter', a: red, b: black, farad: input.farad })
  })
  const at = phasorsOf(here, loaded)
  return abs(sub(at(red), at(black)))
}

/** The same two points on the range that loads them. */
const loaded = (here: Here, act: ActOf<'meter'>): number => volts(here, { ...act, range: 'low-z' })

/** Ohms and µF: the meter gives the current itself, and anything else in the circuit spoils it. */
function passive(here: Here, act: ActOf<'meter'>, live: number): Done {
  const alternating = voltsAcross(here, act.red, act.black, TEST_OHM)
  if (alternating > INPUT_HOLDS) {
    const rated = alternating < 120
    if (!rated)
      return hurtBy(here, 1, {
        hurt: { how: 'arc', volts: alternating },
        answer: { text: says('hurt.burst', { volts: alternating }), broke: ['meter'] },
      })
    return broken(here, 'meter', says('meter.destroyed', { volts: alternating }))
  }
  if (live > INPUT_HOLDS) return broken(here, 'meter', says('meter.charged', { volts: live }))
  if (live > 0.5) {
    const display = shown(
      here,
      act.range,
      10 ** (1 + 3 * chanceAt(here.machine, `nonsense|${here.nth}`)()),
    ).display
    return { state: here.state, answer: { ok: true, minutes: 1, text: says('meter.nonsense', { display }) } }
  }
  return act.range === 'ohm' ? ohmRead(here, act) : done(here, act, microfarads(here, act))
}

const broken = (here: Here, part: string, text: Answer['text']): Done => ({
  state: { ...here.state, broke: [...here.state.broke, part] },
  answer: { ok: true, minutes: 1, text, broke: [part] },
})

/** A reading of ohms is kept: the pairs of a motor are judged together. */
function ohmRead(here: Here, act: ActOf<'meter'>): Done {
  const result = done(here, act, ohms(here, act))
  const value = result.answer.reading?.value ?? null
  const key = act.red === act.black ? 'zero' : pairKey(act.red, act.black)
  const leads = freeLeads(here)
  const ofMotor =
    key === 'zero' ||
    (act.red.startsWith('phase-') && act.black.startsWith('phase-')) ||
    (leads.includes(act.red) && leads.includes(act.black))
  if (!ofMotor) return result
  const kept = { ...here.state.ohms, [key]: value }
  const judged = act.red.startsWith('phase-') ? phaseSense(kept) : windingSense(here, kept)
  const known = judged?.winding === 'open' ? { ...kept, wasOpen: 1 } : kept
  return {
    state: { ...result.state, ohms: known },
    answer: judged ? { ...result.answer, sense: { ...result.answer.sense, ...judged } } : result.answer,
  }
}

/** A net without anything that drives it. */
const silent = (net: Net): Net => ({
  ...net,
  sources: net.sources.map((source) => ({ ...source, volts: 0 })),
  rails: net.rails.map((source) => ({ ...source, volts: 0 })),
})

/** 1 mA through the two points once the capacitors are charged: they read open. */
function ohms(here: Here, { red, black }: ActOf<'meter'>): number | null {
  const leads = LEADS.least + (LEADS.most - LEADS.least) * chanceAt(here.machine, 'leads')()
  if (red === black) return leads
  const net = silent(netOf(here.machine, here.state))
  // The meter's own source, 1 V behind its ohms, and the capacitors out of the way: a settled one takes nothing.
  const test = 1000
  const probe: Net = {
    ...net,
    hz: 0,
    capacitors: [],
    sources: [...net.sources, { id: 'meter', a: red, b: black, volts: 1, degrees: 0, ohm: test }],
  }
  const at = directVolts(prepareDirect(probe), {})
  const share = at(red) - at(black)
  return share > 1 - 1e-9 ? null : (share * test) / (1 - share) + leads
}

/** From what stands against a slow alternating current: with windings or other capacitors beside it they are read with it. */
function microfarads(here: Here, { red, black }: ActOf<'meter'>): number | null {
  if (red === black) return null
  const net = silent({ ...netOf(here.machine, here.state) })
  const share = TEST_HZ / (net.hz || 60)
  const motors = net.motors.map((motor) => ({
    ...motor,
    data: {
      main: { r: motor.data.main.r, x: motor.data.main.x * share },
      rotor: { r: motor.data.rotor.r, x: motor.data.rotor.x * share },
      xm: motor.data.xm * share,
      ...(motor.data.aux ? { aux: { ...motor.data.aux, x: motor.data.aux.x * share } } : {}),
    },
  }))
  const test = 1000
  const probe: Net = {
    ...net,
    hz: TEST_HZ,
    motors,
    sources: [...net.sources, { id: 'meter', a: red, b: black, volts: 1, degrees: 0, ohm: test }],
  }
  const { volts: at } = solveAt(prepare(probe), {})
  const v = sub(at(red), at(black))
  const i = { re: (1 - v.re) / test, im: -v.im / test }
  const size = v.re ** 2 + v.im ** 2
  const y = { re: (i.re * v.re + i.im * v.im) / size, im: (i.im * v.re - i.re * v.im) / size }
  const uF = (y.im / (2 * Math.PI * TEST_HZ)) * 1e6
  // A path that leaks more than it stores never settles: the display stays over its range.
  return uF < -0.005 || Math.abs(y.re) > 2 * Math.abs(y.im) + 1e-6 ? null : Math.max(0, uF)
}

/** The amps socket is a piece of wire with a fuse: between two live parts it is a short. */
function amps(here: Here, act: ActOf<'meter'>, live: number): Done {
  if (here.state.broke.includes('meter-fuse')) return done(here, act, 0, says('meter.no-fuse'))
  const mains = voltsAcross(here, act.red, act.black, TEST_OHM)
  if (mains > ARC_VOLTS)
    return hurtBy(here, 1, {
      hurt: { how: 'arc', volts: mains },
      answer: { text: says('hurt.arc', { volts: mains }), broke: ['meter'] },
    })
  const { red, black } = act
  const through = shuntVolts(here, red, black) / SHUNT_OHM
  if (through <= FUSE_AMPS) return done(here, act, through)
  const state = blowControlFuse(here, live)
  return {
    state: { ...state, broke: [...state.broke, 'meter-fuse'] },
    answer: { ok: true, minutes: 1, text: says('meter.fuse', { amps: through }), broke: ['meter-fuse'] },
  }
}

/** What stands across the shunt of the amps socket between two points. */
function shuntVolts(here: Here, red: string, black: string): number {
  const shunted = (net: Net) => across(net, 'meter', red, black, SHUNT_OHM)
  if (here.machine.build.supply.hz === 0) return Math.abs(directBetween(here, red, black, shunted))
  const at = phasorsOf(here, laid(here, shunted))
  return abs(sub(at(red), at(black)))
}

/** A shorted control circuit takes its own fuse along. */
function blowControlFuse({ machine, state }: Here, live: number): PlantState {
  const fused = partsOf(machine.build, 'transformer').find(({ fuseAmps }) => fuseAmps !== undefined)
  if (!fused || live > ARC_VOLTS) return state
  const own = state.traits.transformers[fused.id]
  return own?.alive
    ? {
        ...state,
        traits: {
          ...state.traits,
          transformers: { ...state.traits.transformers, [fused.id]: { alive: true, fuse: false } },
        },
      }
    : state
}

/** What this reading does for the proof: the known source before and after, each pair, each capacitor. */
function proofRead(state: PlantState, here: Here, act: ActOf<'meter'>, read: number): PlantState {
  const { proof } = state
  const pair = pairKey(act.red, act.black)
  const pairs = pairsOf(here.machine).map((each) => pairKey(...each))
  const { known, hz } = here.machine.build.supply
  const fits = hz === 0 ? act.range === 'volts-dc' : act.range !== 'volts-dc'
  if (pair === pairKey(...known) && fits && Math.abs(read) > 8) {
    const all = pairs.every((each) => proof.pairs.includes(each))
    return { ...state, proof: all ? { ...proof, after: true } : { ...proof, before: true } }
  }
  if (fits && pairs.includes(pair)) {
    const dead = Math.abs(read) < DEAD_VOLTS
    const others = proof.pairs.filter((each) => each !== pair)
    return {
      ...state,
      proof: { ...proof, after: false, pairs: dead && proof.before ? [...others, pair] : others },
    }
  }
  if (act.range !== 'volts-dc' || Math.abs(read) >= DISCHARGED_VOLTS) return state
  const own = partsOf(here.machine.build, 'capacitor').find(({ from, to }) => pairKey(from, to) === pair)
  return own
    ? { ...state, proof: { ...proof, discharged: [...new Set([...proof.discharged, own.id])] } }
    : state
}

/** A clamp round one wire: what flows in it, alternating. */
export function clamp(here: Here, { wire }: ActOf<'clamp'>): Done {
  const spec = here.machine.build.wires.find(({ id }) => id === wire)
  if (!spec) return not(here, says('wire.none'))
  const hidden = outOfReach(here, [spec.from])
  if (hidden) return hidden
  const { solved, prepared } = settle(here.machine, here.state)
  const own = prepared.net.resistors.find(({ id }) => id === `wire.${wire}`)
  if (!own || here.machine.build.supply.hz === 0) return not(here, says('clamp.none'))
  const flows = abs(sub(solved.volts(own.a), solved.volts(own.b))) / own.ohm
  const reading = shown(here, 'amps', flows)
  return {
    state: here.state,
    answer: {
      ok: true,
      minutes: 1,
      text: says('clamp.reads', { display: reading.display, wire: wireName(here, wire) }),
      reading,
    },
  }
}

/** A tester without contact feels the field of a wire through some pF: also that of a wire which only floats beside a live one. */
export function tester(here: Here, { at }: ActOf<'tester'>): Done {
  const hidden = outOfReach(here, [at])
  if (hidden) return hidden
  const volts =
    here.machine.build.supply.hz === 0
      ? 0
      : abs(
          phasorsOf(
            here,
            laid(here, (net) => net.capacitors.push({ id: 'tester', a: at, b: GROUND, farad: 5e-12 })),
          )(at),
        )
  // Static of a sleeve, a flat battery: one look in thirty lies.
  const lies = chanceAt(here.machine, `tester|${here.nth}`)() < 1 / 30
  const lights = volts > 45 !== lies
  return {
    state: here.state,
    answer: {
      ok: true,
      minutes: 0.5,
      text: says(lights ? 'tester.lights' : 'tester.dark', { at: probeName(at) }),
    },
  }
}
