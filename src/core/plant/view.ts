import { windowOf } from '../capacitor'
import { partsOf } from '../knowledge/plants/parts'
import {
  type CauseId,
  type IsolationPointId,
  type ObservationId,
  observationInfo,
} from '../knowledge/vocabulary'
import type { Message } from '../message'
import type { WindingResult } from '../winding'
import { windingRead } from './acts/finding'
import { lookPlaces } from './acts/looks'
import { isProven, pairKey, pairsOf, wireName } from './acts/reach'
import { replaceableParts } from './acts/replace'
import { runningOf } from './acts/running'
import { type Act, type Answer, type Here, isDangerous, tells } from './acts/types'
import { type Drawn, fittingFaults, hereOf } from './draw'
import type { Evidence } from './evidence'
import { type Layout, layoutOf } from './layout'
import type { PlantState } from './state'

/** Is it fed, off, or proved dead: what the line above the machine says. */
export type PowerState = 'live' | 'off' | 'proven'

export interface RoundView {
  power: PowerState
  /** A battery's machine: its volts are direct. */
  direct: boolean
  points: { id: IsolationPointId; on: boolean; held: boolean; tripped: boolean; valve: boolean }[]
  covers: { id: string; on: boolean; after: string | null }[]
  called: boolean
  speed: string | null
  speeds: string[]
  /** Can it be asked to run apart from its points? */
  hasCall: boolean
  /** Seen without doing anything: the wheel turns, how fast, which way. */
  turning: number
  wires: {
    id: string
    from: string | null
    to: string | null
    colour: string
    fixed: boolean
    says: Message
  }[]
  layout: Layout
  /** The same for the width of a phone. */
  narrow: Layout
  /** Terminals that can be reached now. */
  reach: string[]
  /** What the proof still asks for. */
  proof: {
    before: boolean
    pairs: { a: string; b: string; read: boolean }[]
    after: boolean
    heldAll: boolean
  }
  capacitors: { id: string; a: string; b: string; read: boolean }[]
  looks: { id: string; behind: string | null }[]
  parts: { id: string; behind: string | null }[]
  causes: CauseId[]
  /** What was read last of each section of the capacitor, against what is printed on it. */
  strips: { id: string; nominal: number; low: number; high: number; reading: number; uncertainty: number }[]
  /** The windings, once every pair was read. */
  winding: WindingResult | null
  /** Bits that each act told; the suspects: shown where help is on, and at the end. */
  bits: number[]
  suspects: { cause: CauseId; probability: number }[]
  minutes: number
  tests: number
  dangers: number
  over: PlantState['over']
}

/** Readings of µF that told something of a section: its wires were off. */
function stripsOf(
  { machine }: Drawn,
  { traits }: PlantState,
  acts: Act[],
  answers: Answer[],
): RoundView['strips'] {
  return partsOf(machine.build, 'capacitor').flatMap((part) => {
    const pair = pairKey(part.from, part.to)
    const at = answers.findLastIndex(({ reading }, i) => {
      const act = acts[i]
      const own = act?.act === 'meter' && act.range === 'microfarad' && pairKey(act.red, act.black) === pair
      return own && typeof reading?.value === 'number'
    })
    const reading = answers[at]?.reading
    if (typeof reading?.value !== 'number') return []
    const nominal = traits.labelUf[part.id] ?? part.uF
    const { low, high } = windowOf({ section: 'single', uF: nominal }, { minus: PRINTED, plus: PRINTED })
    return [{ id: part.id, nominal, low, high, reading: reading.value, uncertainty: reading.uncertainty }]
  })
}

/** Percent on the labels of the practice machines. */
const PRINTED = 6

/** What is shown of a round as it stands. */
export function viewOf(
  drawn: Drawn,
  state: PlantState,
  acts: Act[],
  answers: Answer[],
  evidence: Evidence,
): RoundView {
  const { build } = drawn.machine
  const here = hereOf(drawn, state, answers.length)
  const reach = build.terminals.flatMap(({ id, behind }) =>
    behind === null || state.covers[behind] === 'off' ? [id] : [],
  )
  const { bits, shares } = evidence
  return {
    power: powerOf(here),
    direct: build.supply.hz === 0,
    points: build.points.map(({ id, opens }) => ({
      id,
      on: state.points[id] === 'on' && !(id === 'breaker' && state.breakerTripped),
      held: state.held.includes(id),
      tripped: id === 'breaker' && state.breakerTripped,
      valve: opens === 'valve',
    })),
    covers: build.covers.map(({ id, after }) => ({
      id,
      on: state.covers[id] !== 'off',
      after: after ?? null,
    })),
    called: state.called,
    speed: state.speed,
    speeds: build.speeds ?? [],
    hasCall: partsOf(build, 'pole').some(({ of }) => of === 'call' || of === 'speed'),
    turning: runningOf(here).speed,
    wires: wiresOf(here),
    layout: layoutOf(build),
    narrow: layoutOf(build, true),
    reach,
    proof: {
      before: state.proof.before,
      pairs: pairsOf(drawn.machine).map(([a, b]) => ({
        a,
        b,
        read: state.proof.pairs.includes(pairKey(a, b)),
      })),
      after: state.proof.after,
      heldAll: build.points.every(({ id, opens }) => opens !== 'line' || state.held.includes(id)),
    },
    capacitors: partsOf(build, 'capacitor').map(({ id, from, to }) => ({
      id,
      a: from,
      b: to,
      read: state.proof.discharged.includes(id),
    })),
    looks: lookPlaces(build).map(({ id, behind }) => ({ id, behind })),
    parts: replaceableParts(build).map(({ id, behind }) => ({ id, behind })),
    causes: fittingFaults(build)
      .sort(([, one], [, two]) => two - one)
      .map(([fault]) => fault.cause),
    strips: stripsOf(drawn, state, acts, answers),
    winding: windingRead(here, state.ohms),
    bits,
    suspects: likely(shares),
    minutes: state.minutes,
    tests: answers.filter(tells).length,
    dangers: answers.filter(isDangerous).length,
    over: state.over,
  }
}

function powerOf(here: Here): PowerState {
  if (isProven(here)) return 'proven'
  const { build } = here.machine
  const open = build.points.some(({ id, opens }) => opens === 'line' && here.state.points[id] === 'off')
  return open ? 'off' : 'live'
}

const wiresOf = (here: Here): RoundView['wires'] =>
  here.machine.build.wires.map(({ id, colour, fixed }) => ({
    id,
    from: here.state.wires[id]?.from ?? null,
    to: here.state.wires[id]?.to ?? null,
    colour,
    fixed: fixed === true,
    says: wireName(here, id),
  }))

function likely(shares: ReadonlyMap<CauseId, number>): RoundView['suspects'] {
  const all = [...shares].map(([cause, probability]) => ({ cause, probability }))
  return all.sort((one, two) => two.probability - one.probability).slice(0, 6)
}

/** What an answer told, as observation and value, for whoever reads the list of acts. */
export const toldBy = (answer: Answer): { observation: ObservationId; value: string }[] =>
  Object.entries(answer.sense ?? {}).flatMap(([id, value]) => {
    const observation = id as ObservationId
    return typeof value === 'string' && observationInfo(observation).values.includes(value)
      ? [{ observation, value }]
      : []
  })
