import type { MotorKindId } from '../knowledge/vocabulary'
import type { WindingResult, WindingVerdict } from '../winding'

export type MeasuredTree = WindingResult['tree']

/** What a lead is by the ohms. */
export type WiringRole =
  | 'common'
  | 'run'
  | 'start'
  | 'capacitor-return'
  | 'tap'
  | 'reverse-a'
  | 'reverse-b'
  | 'ground'

export interface WiringLead {
  id: string
  role: WiringRole
  /** The lead from the same point, of a capacitor return: mostly the run lead. */
  twinOf?: string
  rpm?: number
}

export interface Connection {
  lead: string
  /** A terminal, `ground`, or another lead. */
  to: string
}

export interface WiringInput {
  supply: { volts: number; hz: number; lines: [string, string] }
  control: {
    kind: 'contactor' | 'board' | 'switch'
    poles?: number
    /** `loadTerminals[i]` carries `lines[i]` when the control is on. */
    loadTerminals: [string, string]
    speedTerminals?: { terminal: string; lead?: string }[]
    parkTerminals?: string[]
  }
  capacitor: {
    kind: 'dual' | 'single' | 'none' | 'internal'
    uF?: number
    hermUf?: number
    /** C, FAN, HERM of a dual; two ids of a single; none of one that is built into the motor. */
    terminals: string[]
    /** The load terminal on which C, or the first terminal of a single, already sits. */
    commonTiedTo?: string
  }
  oldLandings?: { lead: string; terminal: string }[]
  motor: {
    leads: WiringLead[]
    windings?: {
      runOhm: number
      startOhm: number
      runX?: number
      startX?: number
      /** Ohms from the run lead on. */
      taps?: { lead: string; ohm: number }[]
    }
    kind?: MotorKindId
    volts?: number
    needsUf?: number
    /** The lead whose speed is wanted: the run lead, or a tap. */
    speedWanted?: string
    /** As `winding` answers it: where it is given, circuit and roles come from it alone. */
    tree?: MeasuredTree
    /** As `winding` answers it: leads land only by readings that agree. */
    verdict?: WindingVerdict
    /** The pairs that are to be read again before anything lands. */
    readAgain?: [string, string][]
    /** The plate lands the reversing leads on terminals. */
    plateDiagram?: boolean
  }
  plateDiagram?: boolean
  rotationWanted?: 'CW' | 'CCW'
  rotationNow?: 'CW' | 'CCW'
  connections?: Connection[]
}

export const problemCodes = [
  'capacitor-missing',
  'on-compressor-terminal',
  'reversing-lead-on-line',
  'frame-live',
  'main-bypassed',
  'start-across-line',
  'capacitor-bypassed',
  'start-winding-dead',
  'run-winding-dead',
  'wrong-capacitor-section',
  'tap-shorted',
  'unused-tap-live',
  'line-short',
  'no-ground',
  'wrong-voltage',
  'wrong-capacitance',
  'lead-unconnected',
] as const
export type ProblemCode = (typeof problemCodes)[number]

export type WarningCode =
  | 'c-side-unknown'
  | 'unequal-windings-swap'
  | 'plate-decides'
  | 'return-not-needed'
  | 'one-leg-stays-live'
  | 'capacitor-new-with-motor'
  | 'readings-first'

export interface WiringCheck {
  /** Across the winding in use, from the common to the run lead or tap; null where it cannot be solved. */
  runVolts: number | null
  /** Null where the motor has no start lead. */
  startVolts: number | null
  capacitorVolts: number | null
  startAmps: number | null
  direction: 'as-built' | 'reversed' | 'none'
  starts: boolean
  ok: boolean
  problems: { code: ProblemCode; text: string }[]
}

export interface WiringResult {
  connections: (Connection & { why: string })[]
  cappedLeads: { lead: string; why: string }[]
  removed: { lead: string; from: string }[]
  /** Wires between terminals that are no lead of the motor. */
  alsoConnect: { from: string; to: string; why: string }[]
  reversal: {
    method: 'reversing-pair' | 'exchange-windings' | 'diagram' | 'turn-stator'
    text: string
  } | null
  warnings: { code: WarningCode; text: string }[]
  check: WiringCheck
}
