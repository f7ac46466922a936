import { dB } from './hear/level'

/** What a recording that is being made still lacks, or what is wrong with it. */
export type RecordingAdvice = 'too-loud' | 'too-quiet' | 'too-short' | 'enough'

/** Shorter ones tell no speed; longer ones tell nothing more. Seconds. */
export const LEAST_SECONDS = 3
export const MOST_SECONDS = 10
/** Of a recording that is kept itself: a minute, uncompressed and in stereo. */
export const MOST_RECORDING_BYTES = 12_000_000
/** Samples from here on are cut off at the top. Of full scale. */
const CUT_OFF = 0.985
/** Under this a phone's own noise is as loud. dB below full scale. */
const QUIET_DB = -52

/** Levels of the last second or so while it is recorded, within ±1. */
export interface RecordingLevel {
  seconds: number
  levelDb: number
  peak: number
}

/**
 * What to tell somebody who holds the phone: too loud before too quiet before too short.
 *
 * @example adviceOf({ seconds: 4, levelDb: -60, peak: 0.004 }) // 'too-quiet'
 */
export function adviceOf({ seconds, levelDb, peak }: RecordingLevel): RecordingAdvice {
  if (peak >= CUT_OFF) return 'too-loud'
  if (levelDb < QUIET_DB) return 'too-quiet'
  return seconds < LEAST_SECONDS ? 'too-short' : 'enough'
}

/** Level and peak of a stretch of samples. */
export function levelOfStretch(samples: ArrayLike<number>): { levelDb: number; peak: number } {
  let [sum, peak] = [0, 0]
  for (let i = 0; i < samples.length; i++) {
    const sample = samples[i] ?? 0
    sum += sample * sample
    peak = Math.max(peak, Math.abs(sample))
  }
  return { levelDb: dB(sum / Math.max(1, samples.length)), peak }
}
