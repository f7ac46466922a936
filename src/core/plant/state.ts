import type { Complex } from '../circuit/complex'
import type { PlantBuild } from '../knowledge/plants/types'
import type { IsolationPointId } from '../knowledge/vocabulary'
import { movedTo, type Traits } from './traits'

export interface MotorState {
  /** rad/s at the shaft, positive as built. */
  omega: number
  windingCelsius: number
  /** The start winding's own copper, which the protector does not feel at once. */
  startCelsius: number
  /** The protector lies on the winding and follows it by some seconds. */
  protectorCelsius: number
  caseCelsius: number
  protectorOpen: boolean
  burnt: boolean
}

/** A machine at one moment of a round. Never changed in place: an act makes the next one. */
export interface PlantState {
  seconds: number
  minutes: number
  points: Partial<Record<IsolationPointId, 'on' | 'off'>>
  held: IsolationPointId[]
  covers: Record<string, 'on' | 'off'>
  called: boolean
  speed: string | null
  /** Where each end of a wire sits; null hangs free. */
  wires: Record<string, { from: string | null; to: string | null }>
  traits: Traits
  motors: Record<string, MotorState>
  /** V of each capacitor from its first end to its second, direct. */
  charge: Record<string, number>
  /** Phasors of the same, as they stand now: what they are when a contact opens stays as charge. */
  swing: Record<string, Complex>
  /** Contacts that are pulled in now. */
  closed: string[]
  /** Volts of each transformer as its primary lets it. */
  secondary: Record<string, number>
  drives: Record<string, boolean>
  breakerTripped: boolean
  breakerHeat: number
  airSwitch: boolean
  /** A joint that comes and goes is open now. */
  jointOpen: boolean
  /** Share of a sound machine's air at its outlet; negative blows the wrong way. */
  air: number
  broke: string[]
  burntSmell: boolean
  proof: ProofState
  over: Over | null
  /** Ohms read so far between the motor's leads while they hung free, as a job would keep them. */
  ohms: Record<string, number | null>
  /** Share of its speed at each speed it was run at. */
  speedsSeen: Record<string, number>
  odds: { act: number; of: Record<string, number> }[]
}

export type Over = { hurt: HurtHow } | { decided: string }

export type HurtHow = 'shock' | 'charge' | 'wheel' | 'arc' | 'gas' | 'burn'

/** What a person knows about this machine being dead, by what they read. Anything that could make it live again empties it. */
export interface ProofState {
  /** Read on the known source before, with a voltage. */
  before: boolean
  /** Pairs of the proof place that read under a volt since. */
  pairs: string[]
  after: boolean
  /** Capacitors read under 5 V since the machine was last fed. */
  discharged: string[]
}

export const NOTHING_PROVEN: ProofState = { before: false, pairs: [], after: false, discharged: [] }

/** Air and parts of a machine that has stood. */
export const ROOM_CELSIUS = 25

/** A motor that has stood for hours, or comes out of its box. */
export const COLD_MOTOR: MotorState = {
  omega: 0,
  windingCelsius: ROOM_CELSIUS,
  startCelsius: ROOM_CELSIUS,
  protectorCelsius: ROOM_CELSIUS,
  caseCelsius: ROOM_CELSIUS,
  protectorOpen: false,
  burnt: false,
}

export function startState(build: PlantBuild, traits: Traits): PlantState {
  return {
    seconds: 0,
    minutes: 0,
    points: Object.fromEntries(
      build.points.map(({ id }) => [id, id === 'breaker' && traits.breaker !== 'on' ? 'off' : 'on']),
    ),
    held: [],
    covers: Object.fromEntries(build.covers.map(({ id }) => [id, 'on' as const])),
    called: true,
    speed: build.speeds?.[0] ?? null,
    wires: Object.fromEntries(
      build.wires.map(({ id, from, to, capped }) => [
        id,
        { from: movedTo(traits, id, 'from') ?? from, to: movedTo(traits, id, 'to') ?? (capped ? null : to) },
      ]),
    ),
    traits,
    motors: Object.fromEntries(build.motors.map(({ id }) => [id, COLD_MOTOR])),
    charge: {},
    swing: {},
    closed: [],
    secondary: {},
    drives: {},
    breakerTripped: traits.breaker === 'tripped',
    breakerHeat: 0,
    airSwitch: false,
    jointOpen: false,
    air: 0,
    broke: [],
    burntSmell: false,
    proof: NOTHING_PROVEN,
    over: null,
    ohms: {},
    speedsSeen: {},
    odds: [],
  }
}
