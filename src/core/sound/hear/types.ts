import { audible } from '../audible'

/** Power of each line of a windowed piece, from 0 Hz up to half its rate; the size is a power of two. */
export type Transform = (size: number) => (piece: ArrayLike<number>) => Float64Array

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

export const toneKinds = ['hum', 'blades', 'turn', 'squeal', 'other'] as const
export type ToneKind = (typeof toneKinds)[number]

export interface HeardTone {
  hz: number
  /** Below full scale. */
  db: number
  what: ToneKind
  /** Of the turn. */
  order?: number
}

export const envelopeKinds = [
  'turn',
  'blades',
  'outer-race',
  'inner-race',
  'ball',
  'cage',
  'knock',
  'hum',
  'other',
] as const
export type EnvelopeKind = (typeof envelopeKinds)[number]

export interface EnvelopeLine {
  hz: number
  /** Of the mean of the envelope: 1 swings it to nothing and back. */
  strength: number
  what: EnvelopeKind
}

/** What is heard, as the vocabulary's `sound`, or that it runs as it should. */
export const suggestable = [...audible, 'nothing', 'none'] as const
export type Suggested = (typeof suggestable)[number]

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
