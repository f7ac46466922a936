import type { Message } from '../../message'
import type { FamilyId, IsolationPointId, MotorKindId } from '../vocabulary'

/** Where a probe can be set: a terminal, the end of a lead, a lug. */
export interface PlantTerminal {
  id: string
  /** The cover that hides it. */
  behind: string | null
}

/** A cover and what it asks to be off before it; `wheel`: it is what keeps a hand out of the blade. */
export interface PlantCover {
  id: string
  wheel?: true
  /** It carries the fan itself, as the top of many outdoor units. */
  after?: string
  /** A joint of gas or flue gas behind it: never opened with the cock open. */
  fuel?: true
}

export interface PlantPoint {
  id: IsolationPointId
  /** What it opens: poles of the electric line, the call, or a valve. */
  opens: 'line' | 'call' | 'valve'
}

/** A wire between two terminals. `fixed`: this end goes into a machine and comes off nowhere. */
export interface PlantWire {
  id: string
  from: string
  to: string
  colour: string
  metres: number
  fixed?: true
  /** Wires of one bundle lie side by side and couple into each other. */
  bundle?: string
  /** Landed nowhere as it comes: an unused speed, capped. */
  capped?: true
}

/** Closed while the point, switch or thermostat that it belongs to is on. */
interface PolePart {
  part: 'pole'
  id: string
  of: IsolationPointId | 'call' | 'speed' | 'door'
  from: string
  to: string
  speed?: string
}

/** Closed while the volts between `by` pull it in. */
interface ContactPart {
  part: 'contact'
  id: string
  from: string
  to: string
  by: [string, string]
  pullVolts: number
  dropVolts: number
  speed?: string
}

interface CoilPart {
  part: 'coil'
  id: string
  from: string
  to: string
  ohm: number
  henry: number
}

/** Gives its volts while its primary has the line. */
interface TransformerPart {
  part: 'transformer'
  id: string
  /** Null: fed from elsewhere in the house, as the call of an outdoor unit is. */
  primary: [string, string] | null
  to: [string, string]
  volts: number
  ohm: number
  fuseAmps?: number
}

interface ChainPart {
  part: 'chain'
  id: string
  from: string
  to: string
}

/** Closed by the air that the wheel moves, once it is enough. */
interface AirSwitchPart {
  part: 'air-switch'
  id: string
  from: string
  to: string
  closesAt: number
}

interface CapacitorPart {
  part: 'capacitor'
  id: string
  from: string
  to: string
  uF: number
  volts: number
}

interface LoadPart {
  part: 'load'
  id: string
  from: string
  to: string
  ohm: number
}

/** Makes direct current for a brushless motor from the line; stands on a bus that stays charged. */
interface DrivePart {
  part: 'drive'
  id: string
  line: [string, string]
  to: [string, string]
  volts: number
  ohm: number
  busUf: number
  bleedOhm: number
  /** Volts that ask it to run, or null where it runs while the line is there. */
  by: [string, string] | null
}

export type PlantPart =
  | PolePart
  | ContactPart
  | CoilPart
  | TransformerPart
  | ChainPart
  | AirSwitchPart
  | CapacitorPart
  | LoadPart
  | DrivePart

export type LeadRole =
  | 'common'
  | 'run'
  | 'start'
  | 'return'
  | 'tap'
  | 'ground'
  | 'line'
  | 'neutral'
  | 'plus'
  | 'minus'

export interface PlantLead {
  id: string
  role: LeadRole
  /** Of a tap: its place in the chain behind the run lead, 1 the next faster. */
  tap?: number
}

/** Ω of the template at 240 V and 186 W (see `motors.ts`), scaled to what the plate says. */
export interface PlantMotor {
  id: 'fan' | 'compressor'
  kind: MotorKindId
  volts: number
  watts: number
  poles: number
  ratedRpm: number
  /** Turns of the auxiliary over the main winding: sets volts and µF of its capacitor. */
  turnsRatio: number
  /** Torque that a compressor asks at any speed; a fan's goes with the square. */
  load: 'fan' | 'constant'
  /** Seconds that its rated torque takes to its rated speed: its inertia. */
  spinSeconds: number
  /** Volts between these ask a motor with electronics to run. */
  command?: [string, string]
  leads: PlantLead[]
  /** The ends of its start winding come out at a plug: which of its pins leads to the common side, which to the start lead. */
  turnPlug?: { winding: [string, string]; common: string; start: string }
  /** Of its rated torque what its own kind asks from rest, where it is not what its drive usually asks. */
  rest?: number
  /** Share of the run winding's ohms that each slower tap adds. */
  tapShare?: number
  /** Null: it has none. */
  protector: { opens: number; closes: number } | null
  classCelsius: number
  /** Behind which cover its terminals and case are. */
  behind: string | null
}

export interface PlantWheel {
  kind: 'axial' | 'centrifugal'
  blades: number
  damper?: true
  vent?: true
  drain?: true
  belt?: true
  /** It stands in the cold: what blocks it is ice. */
  frost?: true
}

/** One machine of a family as it is built; its faults are changes to the traits it starts from. */
export interface PlantBuild {
  family: FamilyId
  kind: MotorKindId
  supply: {
    /** Phasors of the legs against ground, V; a battery has one of 0 Hz. */
    legs: { id: string; volts: number; degrees: number }[]
    hz: number
    /** House wiring of one leg, Ω, drawn between these. */
    ohm: [number, number]
    breakerAmps: number
    /** Probes of a source nearby that is known to be live. */
    known: [string, string]
  }
  points: PlantPoint[]
  covers: PlantCover[]
  terminals: PlantTerminal[]
  wires: PlantWire[]
  parts: PlantPart[]
  motors: PlantMotor[]
  wheel: PlantWheel
  speeds?: string[]
  plate: Record<string, unknown>
  capacitorLabel?: string
  /** What burns beside it, so that a joint of its fuel or flue is never opened with the cock open. */
  fuel?: 'gas' | 'pellets'
  /** Who owns it, as it is told. */
  place: Message
}
