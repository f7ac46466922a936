import type { Samples } from './types'

export const dB = (power: number): number => 10 * Math.log10(Math.max(power, 1e-14))

const meanSquare = (samples: Float32Array, from: number, to: number): number => {
  let sum = 0
  for (let i = from; i < to; i++) sum += (samples[i] ?? 0) ** 2
  return sum / Math.max(1, to - from)
}

/** Below full scale, over the whole. */
export const levelOf = ({ samples }: Samples): number => dB(meanSquare(samples, 0, samples.length))

/** Levels of half seconds; the last, shorter one is left out. */
export function halfSeconds({ samples, rate }: Samples): number[] {
  const size = Math.round(rate / 2)
  return Array.from({ length: Math.floor(samples.length / size) }, (_, i) =>
    dB(meanSquare(samples, i * size, (i + 1) * size)),
  )
}

/** How far the quietest tenths of a second of an envelope lie under its usual ones, dB: what runs makes no pauses, words do. */
export function pausesOf({ samples, rate }: Samples): number {
  const size = Math.round(rate / 10)
  const levels = Array.from({ length: Math.floor(samples.length / size) }, (_, i) =>
    dB(meanSquare(samples, i * size, (i + 1) * size)),
  ).sort((one, two) => one - two)
  const at = (share: number) => levels[Math.floor(share * (levels.length - 1))] ?? 0
  return at(0.5) - at(0.05)
}

const STEADY_DB = 3
export const isSteady = (halves: number[]): boolean => Math.max(...halves) - Math.min(...halves) <= STEADY_DB

const FULL = 0.9995
/** So many a second are no accident. */
const CLIPS_A_SECOND = 5

/** Three samples in a row at full scale, more than five times a second. */
export function isClipped({ samples, rate }: Samples): boolean {
  let run = 0
  let clips = 0
  for (let i = 0; i < samples.length; i++) {
    run = Math.abs(samples[i] ?? 0) >= FULL ? run + 1 : 0
    if (run === 3) clips++
  }
  return clips > (CLIPS_A_SECOND * samples.length) / rate
}
