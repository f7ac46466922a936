import type { FamilyId, MotorKindId } from '../../knowledge/vocabulary'

/** How a family is built: what stands between the supply and its wheel. */
export interface Build {
  family: FamilyId
  kinds: [MotorKindId, number][]
  /** What lets the current to the motor. */
  control: 'contactor' | 'board' | 'switch'
  wheel: 'axial' | 'centrifugal'
  /** Share of the motor’s full starting torque that a sound shaft and wheel ask for before they turn. */
  stiction: number
  /** The other load of the same unit, and whether it waits for the fan. */
  companion: 'shares-the-feed' | 'waits-for-the-fan' | 'none'
  dual?: true
  flap?: true
  duct?: true
  drain?: true
  speeds?: true
  light?: true
}

/** Built from what is known of these machines in the trade, not from the tables of the advisor. */
export const builds: Build[] = [
  {
    family: 'outdoor-unit-fan',
    kinds: [
      ['psc', 0.85],
      ['ecm', 0.1],
      ['bldc', 0.05],
    ],
    control: 'contactor',
    wheel: 'axial',
    stiction: 0.3,
    companion: 'shares-the-feed',
    dual: true,
  },
  {
    family: 'furnace-blower',
    kinds: [
      ['psc-multispeed', 0.6],
      ['ecm', 0.4],
    ],
    control: 'board',
    wheel: 'centrifugal',
    stiction: 0.35,
    companion: 'shares-the-feed',
    duct: true,
    speeds: true,
    light: true,
  },
  {
    family: 'draft-inducer',
    kinds: [
      ['shaded-pole', 0.55],
      ['psc', 0.35],
      ['ecm', 0.1],
    ],
    control: 'board',
    wheel: 'centrifugal',
    stiction: 0.3,
    companion: 'waits-for-the-fan',
    duct: true,
    drain: true,
    light: true,
  },
  {
    family: 'bath-exhaust-fan',
    kinds: [
      ['shaded-pole', 0.65],
      ['psc', 0.25],
      ['bldc', 0.1],
    ],
    control: 'switch',
    wheel: 'centrifugal',
    stiction: 0.4,
    companion: 'none',
    flap: true,
    duct: true,
  },
  {
    family: 'refrigerator-evaporator-fan',
    kinds: [
      ['shaded-pole', 0.5],
      ['bldc', 0.5],
    ],
    control: 'board',
    wheel: 'axial',
    stiction: 0.4,
    companion: 'shares-the-feed',
  },
]

/** A machine with its fault in it. Shares are of what is sound, 1. */
export interface Machine {
  build: Build
  kind: MotorKindId
  /** Volts that arrive at the unit, of the plate’s. */
  feed: number
  breaker: 'on' | 'off' | 'tripped-once' | 'rcd-trips'
  /** Volts of the control circuit, and whether anything calls. */
  control: number
  called: boolean
  chainClosed: boolean
  coilPulls: boolean
  contacts: number
  relay: number
  wallSwitch: number
  stuckOn: boolean
  /** What a connection before the motor lets through, and whether it comes and goes. */
  joint: number
  flickers: boolean
  turnsBack: boolean
  /** Run and start exchanged, or a speed on the wrong terminal. */
  crossed: boolean
  /** Of the capacitance that the motor asks for; null where none is fitted. */
  capacitor: number | null
  capacitorShorted: boolean
  otherSection: number
  labelDiffers: boolean
  domed: boolean
  /** Turns left in each winding; 0 is open. */
  main: number
  start: number
  frameMegohm: number
  module: boolean
  inrush: boolean
  phases: 'equal' | 'unequal' | 'open'
  drive: boolean
  /** Friction added, as a share of the full starting torque; from 1 on nothing turns. */
  friction: number
  dry: boolean
  rubs: boolean
  slips: boolean
  wheel: 'whole' | 'broken' | 'unbalanced'
  held: 'no' | 'ice' | 'debris'
  /** Air that the wheel’s own dirt takes, and its drag. */
  dirt: number
  mountTight: boolean
  flapOpens: boolean
  ventOpen: number
  tubeClear: boolean
  sealed: boolean
  companionSound: boolean
  onset: string
  wiresMoved: boolean
  /** Degrees of heat are not needed: has it been trying for long before somebody came? */
  tried: boolean
}

const WITH_CAPACITOR: MotorKindId[] = ['psc', 'psc-multispeed']

export const soundMachine = (build: Build, kind: MotorKindId): Machine => ({
  build,
  kind,
  feed: 1,
  breaker: 'on',
  control: 1,
  called: true,
  chainClosed: true,
  coilPulls: true,
  contacts: 1,
  relay: 1,
  wallSwitch: 1,
  stuckOn: false,
  joint: 1,
  flickers: false,
  turnsBack: false,
  crossed: false,
  capacitor: WITH_CAPACITOR.includes(kind) ? 1 : null,
  capacitorShorted: false,
  otherSection: 1,
  labelDiffers: false,
  domed: false,
  main: 1,
  start: 1,
  frameMegohm: 500,
  module: true,
  inrush: true,
  phases: 'equal',
  drive: true,
  friction: 0,
  dry: false,
  rubs: false,
  slips: false,
  wheel: 'whole',
  held: 'no',
  dirt: 0,
  mountTight: true,
  flapOpens: true,
  ventOpen: 1,
  tubeClear: true,
  sealed: true,
  companionSound: true,
  onset: 'suddenly',
  wiresMoved: false,
  tried: true,
})
