/** Power of each line of a windowed piece, from 0 Hz up to half its rate; the size is a power of two. */
export type Transform = (size: number) => (piece: Float64Array) => Float64Array

export interface BearingSizes {
  balls: number
  ballMm: number
  /** Diameter of the circle on which the balls' centres run. */
  pitchMm: number
  /** Angle of contact; 0 of a deep-groove bearing. */
  contactDegrees?: number
}

/** What is known of the machine that is heard. */
export interface HeardOf {
  lineHz: number
  blades?: number
  /** Speeds of the plate. */
  plateRpm?: number[]
  bearing?: BearingSizes
}

export interface Samples {
  /** Mono, within ±1. */
  samples: Float32Array
  /** Samples a second. */
  rate: number
}

export interface HeardSpeed {
  value: number
  low: number
  high: number
  from: 'blades' | 'turn' | 'envelope'
}

export type ToneKind = 'hum' | 'blades' | 'turn' | 'squeal' | 'other'

export interface HeardTone {
  hz: number
  /** Below full scale. */
  db: number
  what: ToneKind
  /** Of the turn. */
  order?: number
}

export type EnvelopeKind =
  | 'turn'
  | 'blades'
  | 'outer-race'
  | 'inner-race'
  | 'ball'
  | 'cage'
  | 'knock'
  | 'hum'
  | 'other'

export interface EnvelopeLine {
  hz: number
  /** Of the mean of the envelope: 1 swings it to nothing and back. */
  strength: number
  what: EnvelopeKind
}

export type Suggested = 'hum' | 'squeal' | 'grinding' | 'rattle' | 'clicking' | 'roar' | 'nothing' | 'none'

export interface Suggestion {
  value: Suggested
  confidence: number
}

export interface Heard {
  seconds: number
  levelDb: number
  clipped: boolean
  steady: boolean
  rpm: HeardSpeed | null
  hum: { db: number; dominant: boolean }
  tones: HeardTone[]
  envelope: EnvelopeLine[]
  suggests: Suggestion[]
}
