import type { MotorKindId } from '../knowledge/vocabulary'

export interface OhmMeter {
  accuracyPercent: number
  accuracyCounts: number
  /** Holds below 200 Ω and grows tenfold at every tenfold: 2 kΩ, 20 kΩ … */
  resolutionOhm: number
}

export interface PairReading {
  a: string
  b: string
  /** As the meter showed it, lead offset still in it; null: over-range. */
  ohm: number | null
}

export interface WindingInput {
  leads: string[]
  pairs: PairReading[]
  toFrame?: { lead: string; ohm: number | null }[]
  leadOffsetOhm?: number
  meter?: OhmMeter
  windingCelsius?: number
  caseTooHot?: boolean
  motorKind?: MotorKindId
  /** Of the motor's plate, at its highest speed: what its run winding may read at all. */
  plate?: { volts: number; amps: number }
  /** Leads known to be one point, measured or by the plate. */
  joined?: [string, string][]
}

export type LeadRole = 'common' | 'run' | 'start' | 'tap' | 'line' | 'capacitor'

/** The first that holds is the verdict. */
export const windingVerdicts = [
  'hot-retest',
  'open',
  'grounded',
  'shorted',
  'inconsistent',
  'incomplete',
  'good',
] as const
export type WindingVerdict = (typeof windingVerdicts)[number]

export interface TreeNode {
  id: string
  leads: string[]
  /** A joint inside the motor that no lead reaches. */
  hidden: boolean
}

export interface Segment {
  from: string
  to: string
  /** Without lead offset, at the measured temperature; null: open. */
  ohm: number | null
}

export interface SumCheck {
  largestPair: [string, string]
  largestOhm: number
  sumOhm: number
  differenceOhm: number
  toleranceOhm: number
  pass: boolean
}

export interface WindingFault {
  kind: 'open' | 'shorted' | 'grounded' | 'inconsistent' | 'hot-retest'
  leads: string[]
  text: string
}

export interface WindingResult {
  sameLeads: string[][]
  tree: { nodes: TreeNode[]; segments: Segment[] }
  roles: Record<string, LeadRole>
  speedsFastestFirst: string[]
  sumCheck: SumCheck | null
  worstResidualOhm: number
  verdict: WindingVerdict
  faults: WindingFault[]
  missing: [string, string][]
  /** Leads of which a multimeter cannot say whether they leak to the frame. */
  doubtfulToFrame: string[]
  at20C?: Segment[]
  notes: string[]
}
