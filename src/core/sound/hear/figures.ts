import type { Blows } from './blows'
import type { Squeal } from './squeal'
import type { EnvelopeLine, HeardSpeed, HeardTone } from './types'

/** What a recording tells, before it is named: the figures that every judgement goes by. */
export interface Figures {
  levelDb: number
  halves: number[]
  hum: { db: number; dominant: boolean }
  /** More than half of what stands in tones lies on multiples of the mains, odd ones as well. */
  inMains: boolean
  rpm: HeardSpeed | null
  tones: HeardTone[]
  envelope: EnvelopeLine[]
  blows: Blows
  /** How far the quietest tenths of a second lie under the usual ones, dB from 1 to 8 kHz. */
  pauses: number
  squeal: Squeal | null
  /** How far what passes by (words, knocks) stands over what stays, dB from 200 Hz to 3 kHz. */
  passing: number
  /** Share of the power from 40 Hz up that stands in tones. */
  tonal: number
}
