import { partsOf } from '../knowledge/plants/parts'
import type { PlantBuild, PlantPart } from '../knowledge/plants/types'

/** What a contact, switch or joint lets through: Ω, or null where it is open. */
export type Ohm = number | null

export interface CapacitorTraits {
  /** Of what its label says. */
  share: number
  /** Across its plates, Ω; a sound one has its insulation and nothing else. */
  leakOhm: number
  /** What somebody sees who looks at it. */
  look: 'sound' | 'bulged-or-leaking' | 'burnt' | 'rusty-terminals' | 'cracked'
}

export interface MotorTraits {
  /** Turns that carry current, of all; the square of it is what is left of its impedance. */
  mainTurns: number
  auxTurns: number
  /** Ohms of the whole motor over those of its plate: one for half the volts has a quarter. */
  impedance: number
  mainOpen: boolean
  auxOpen: boolean
  /** Ω from its windings to its case. */
  frameOhm: number
  /** Torque of dry bearings over the fan's rated torque. */
  friction: number
  rough: boolean
  seized: boolean
  module: 'good' | 'dead' | 'inrush-open'
  phases: 'equal' | 'unequal' | 'open'
  /** What is left of the brushes; under a fifth they touch now and then, at 0 never. */
  brushes: number
}

/** All that can be different in one machine of its build. A fault changes a few of these. */
export interface Traits {
  /** Share of the volts that each leg of the supply brings. */
  legs: number[]
  /** House wiring, Ω a leg. */
  supplyOhm: number
  breaker: 'on' | 'off' | 'tripped'
  transformers: Record<string, { alive: boolean; fuse: boolean }>
  callWire: boolean
  chainClosed: boolean
  coil: 'good' | 'open' | 'shorted'
  /** By contact: Ω closed, or null where it does not pass. */
  contacts: Record<string, Ohm>
  /** Contacts that do not open any more. */
  stuck: string[]
  /** By pole of a switch: Ω closed. */
  poles: Record<string, Ohm>
  /** A bad connection at the end of a wire. `hot`: how much worse at its working current; `flickers`: it comes and goes. */
  joint: { wire: string; ohm: Ohm; flickers: boolean } | null
  capacitors: Record<string, CapacitorTraits>
  /** Other µF printed on what is fitted than the motor asks for. */
  labelUf: Record<string, number>
  drive: boolean
  motors: Record<string, MotorTraits>
  wheel: 'whole' | 'broken' | 'unbalanced'
  rubs: boolean
  /** The hub turns on the shaft. */
  slips: boolean
  cracked: boolean
  /** 0 clean to 1: what lies on the blades. */
  dirt: number
  painted: boolean
  held: 'no' | 'ice' | 'debris'
  mountTight: boolean
  /** Share of their area that the flap and the way of the air leave. */
  damper: number
  vent: number
  tubeClear: boolean
  sealed: boolean
  belt: 'sound' | 'slipping' | 'broken'
  /** The other half of the machine, which no fan makes well. */
  otherSound: boolean
  /** Ends of wires that sit elsewhere than they came. */
  moved: { wire: string; end: 'from' | 'to'; at: string }[]
  onset: string | null
  wiresChanged: boolean
}

/** Where an end of a wire was put by whoever was at it before; undefined where it sits as built. */
export const movedTo = ({ moved }: Traits, wire: string, end: 'from' | 'to'): string | undefined =>
  moved.find((each) => each.wire === wire && each.end === end)?.at

/** Insulation of a sound part, Ω: the far end of what a household meter shows. */
export const INSULATION = 1e9
/** A closed contact, a crimp, a screw. */
export const CLOSED_OHM = 0.01

/** The machine as it left the works, some years ago. */
export function soundTraits(build: PlantBuild, supplyOhm: number): Traits {
  const of = <T>(part: PlantPart['part'], value: () => T): Record<string, T> =>
    Object.fromEntries(partsOf(build, part).map(({ id }) => [id, value()]))
  return {
    legs: build.supply.legs.map(() => 1),
    supplyOhm,
    breaker: 'on',
    transformers: of('transformer', () => ({ alive: true, fuse: true })),
    callWire: true,
    chainClosed: true,
    coil: 'good',
    contacts: of('contact', () => CLOSED_OHM),
    stuck: [],
    poles: of('pole', () => CLOSED_OHM),
    joint: null,
    capacitors: of('capacitor', () => ({ share: 1, leakOhm: INSULATION, look: 'sound' as const })),
    labelUf: {},
    drive: true,
    motors: Object.fromEntries(
      build.motors.map(({ id }) => [
        id,
        {
          mainTurns: 1,
          auxTurns: 1,
          impedance: 1,
          mainOpen: false,
          auxOpen: false,
          frameOhm: INSULATION,
          friction: 0,
          rough: false,
          seized: false,
          module: 'good' as const,
          phases: 'equal' as const,
          brushes: 1,
        },
      ]),
    ),
    wheel: 'whole',
    rubs: false,
    slips: false,
    cracked: false,
    dirt: 0,
    painted: false,
    held: 'no',
    mountTight: true,
    damper: 1,
    vent: 1,
    tubeClear: true,
    sealed: true,
    belt: 'sound',
    otherSound: true,
    moved: [],
    onset: null,
    wiresChanged: false,
  }
}
