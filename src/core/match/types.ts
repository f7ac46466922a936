import type { MotorKindId } from '../knowledge/vocabulary'

export type Direction = 'CW' | 'CCW'
export type Viewpoint = 'shaft-end' | 'lead-end'
export type Position = 'shaft-up' | 'shaft-down' | 'horizontal'

export interface MotorSpec {
  id: string
  manufacturer?: string
  partNumber?: string
  replaces?: string[]
  motorKind?: MotorKindId
  voltages?: number[]
  hz?: number[]
  phase?: number
  hp?: number
  rpm?: number[]
  speeds?: number
  amps?: number
  rotation?: { direction?: Direction; viewedFrom?: Viewpoint; reversible?: boolean }
  capacitor?: { uF: number; volts?: number } | null
  diameterMm?: number
  bodyLengthMm?: number
  shaft?: { diameterMm?: number; lengthMm?: number; flats?: number; ends?: number; secondLengthMm?: number }
  mount?: {
    type?: 'stud' | 'belly-band' | 'lug' | 'base' | 'bracket'
    boltCircleMm?: number
    studLengthMm?: number
  }
  enclosure?: 'open' | 'air-over' | 'enclosed'
  bearing?: 'ball' | 'sleeve'
  positions?: Position[]
  ambientCelsius?: number
  insulationClass?: string
  leadLengthMm?: number
  connector?: string
  unique?: boolean
  price?: number
  outputWatts?: number
  inputWatts?: number
}

export const motorRules = [
  'part-number',
  'kind',
  'voltage',
  'frequency',
  'phase',
  'power',
  'speed',
  'speed-count',
  'current',
  'rotation',
  'capacitor',
  'diameter',
  'length',
  'shaft-diameter',
  'shaft-length',
  'shaft-ends',
  'mount',
  'enclosure',
  'bearing-position',
  'ambient',
  'lead-length',
  'connector',
] as const
export type MotorRule = (typeof motorRules)[number]

export type WorkKind =
  | 'buy-capacitor'
  | 'swap-capacitor'
  | 'cut-shaft'
  | 'bush-shaft'
  | 'cap-unused-leads'
  | 'extend-leads'
  | 'set-rotation'
  | 'trim-studs'
  | 'change-band'
  | 'adapt-connector'
  | 'transfer-parts'
  | 'turn-plate'
  | 'drill-holes'
  | 'jumper-sections'
  | 'wire-two-singles'
  | 'change-strap'

export interface Work {
  kind: WorkKind
  text: string
}

export type RuleVerdict = 'ok' | 'work' | 'no' | 'unknown'

export interface RuleResult {
  rule: string
  verdict: RuleVerdict
  old: string
  new: string
  text: string
}

export interface Outcome {
  verdict: RuleVerdict
  old: string
  new: string
  text: string
  work?: Work[]
  /** Taken off the score beyond what the verdict costs: a step up in power is ok, second to an equal one, before an unknown one. */
  cost?: number
}

export type MatchVerdict = 'drop-in' | 'fits-with-work' | 'no'

export interface MatchResult {
  id: string
  verdict: MatchVerdict
  score: number
  rules: RuleResult[]
  work: Work[]
  /** Unknown rules that decide: with any of them nobody can say that it drops in. */
  open: string[]
  /** The singles that make the other sections of the old part. */
  with?: string[]
  /** Sections that no part of the list makes yet. */
  needs?: { section: string; uF: number }[]
}

/** Rules that must be known before a motor, or a capacitor, can be said to drop in. */
export const decidingRules = new Set<string>([
  'voltage',
  'frequency',
  'phase',
  'kind',
  'power',
  'speed',
  'shaft-diameter',
  'length',
  'mount',
  'rotation',
  'enclosure',
  'bearing-position',
  'capacitance',
  'duty',
  'sections',
])

export const openRules = (rules: Pick<RuleResult, 'rule' | 'verdict'>[]): string[] =>
  rules
    .filter(({ rule, verdict }) => verdict === 'unknown' && decidingRules.has(rule))
    .map(({ rule }) => rule)

export interface MotorMatchInput {
  old: MotorSpec
  candidates: MotorSpec[]
  position?: Position
  outdoors?: boolean
  controlAmps?: number
  supplyVolts?: number
  /** Fed with direct current: no frequency is compared, and no capacitor runs it. */
  directCurrent?: boolean
  /** The supply is that of the house, and the old motor may hang on a board that feeds it a low voltage: its plate decides. */
  boardMayFeed?: boolean
  speedsUsed?: number
  /** How the old lengths were measured: within a ruler's rounding nothing is turned away. Calipers where left out. */
  measuredWith?: 'ruler' | 'calipers'
  limit?: number
  /** What somebody said replaces what, though no part of the list declares it. */
  recorded?: { from: string; to: string }[]
}
