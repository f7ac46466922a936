import type { Heard } from './hear/types'

/** What is kept of a recording: its level and its spectrum, not the sound. */
export interface SoundAnalysis {
  /** Seconds that were listened to. */
  seconds: number
  /** Of the whole, in dB below full scale. */
  levelDb: number
  /** Level of each band, `bandHz` apart, in dB below full scale. */
  bands: number[]
  /** Tones that stand out of their neighbourhood, the strongest first. */
  peaks: { hz: number; db: number }[]
  /** What it may be, with the figures behind it (`storedHeard` reads it again); recordings from before have none. */
  heard?: Heard
}

/** Power of each line from 0 Hz to half the sample rate, for one windowed piece of `SIZE` samples. */
export type PowerSpectrum = (samples: Float32Array) => Float64Array

/** 186 ms at 44,100 samples a second: lines 5 Hz apart, close enough to tell 100 from 120 Hz. */
export const SIZE = 8192
const MOST_SECONDS = 60
const BANDS = 88
const LOWEST_HZ = 50
/** A tone stands out by this much over the middle of its neighbourhood, a third of an octave to each side. */
const STANDS_OUT_DB = 12
const MOST_PEAKS = 10

/** Centre of a band in Hz: twelve to the octave from 50 Hz. */
export const bandHz = (index: number): number => LOWEST_HZ * 2 ** (index / 12)

/**
 * Level and spectrum of a recording, averaged over its length (half-overlapping pieces under a Hann window, after Welch).
 *
 * @param samples mono, within ±1; what lies behind the first minute is left out
 * @param rate samples a second
 * @returns null where it is shorter than one piece, or silent
 */
export function analyseSound(
  samples: Float32Array,
  rate: number,
  power: PowerSpectrum,
): SoundAnalysis | null {
  const heard = samples.subarray(0, Math.round(MOST_SECONDS * rate))
  if (heard.length < SIZE) return null
  const lines = averaged(heard, power)
  const level = heard.reduce((sum, each) => sum + each * each, 0) / heard.length
  if (!(level > 1e-12)) return null
  const hzOf = (line: number) => (line * rate) / SIZE
  return {
    seconds: Math.round((heard.length / rate) * 10) / 10,
    levelDb: dB(level),
    bands: Array.from({ length: BANDS }, (_, index) => bandLevel(lines, bandHz(index), rate)),
    peaks: peaksOf(lines, hzOf),
  }
}

function averaged(samples: Float32Array, power: PowerSpectrum): Float64Array {
  const sum = new Float64Array(SIZE / 2)
  let pieces = 0
  for (let from = 0; from + SIZE <= samples.length; from += SIZE / 2) {
    const piece = new Float32Array(SIZE)
    for (let i = 0; i < SIZE; i++) piece[i] = (samples[from + i] ?? 0) * hann(i)
    const lines = power(piece)
    for (let i = 0; i < sum.length; i++) sum[i] = (sum[i] ?? 0) + (lines[i] ?? 0)
    pieces++
  }
  // A sine of full scale comes to 0 dB: the window takes half of its height away, and half the lines are mirrored.
  const scale = 16 / (pieces * SIZE * SIZE)
  return sum.map((each) => each * scale)
}

const hann = (index: number): number => 0.5 - 0.5 * Math.cos((2 * Math.PI * index) / SIZE)

const dB = (power: number): number => Math.round(100 * Math.log10(Math.max(power, 1e-12))) / 10

function bandLevel(lines: Float64Array, centre: number, rate: number): number {
  const from = Math.max(1, Math.floor((centre * 2 ** (-1 / 24) * SIZE) / rate))
  const to = Math.max(from + 1, Math.ceil((centre * 2 ** (1 / 24) * SIZE) / rate))
  let sum = 0
  for (let line = from; line < to && line < lines.length; line++) sum += lines[line] ?? 0
  return dB(sum)
}

function peaksOf(lines: Float64Array, hzOf: (line: number) => number): { hz: number; db: number }[] {
  const found: { hz: number; db: number; line: number }[] = []
  for (let line = 3; line < lines.length - 3; line++) {
    const hz = hzOf(line)
    if (hz < 20 || hz > 10_000) continue
    const here = lines[line] ?? 0
    if (here < (lines[line - 1] ?? 0) || here < (lines[line + 1] ?? 0)) continue
    if (dB(here) - dB(middleAround(lines, line)) < STANDS_OUT_DB) continue
    found.push({ hz: between(lines, line, hzOf), db: dB(here), line })
  }
  found.sort((one, two) => two.db - one.db)
  const kept: typeof found = []
  // The skirt of a tone is no second one.
  for (const each of found)
    if (kept.length < MOST_PEAKS && kept.every(({ line }) => Math.abs(line - each.line) > 3)) kept.push(each)
  return kept.map(({ hz, db }) => ({ hz, db }))
}

/** The median of the lines a third of an octave to each side, without the tone itself. */
function middleAround(lines: Float64Array, line: number): number {
  const [from, to] = [
    Math.min(line - 12, Math.floor(line * 0.8)),
    Math.max(line + 12, Math.ceil(line * 1.26)),
  ]
  const around: number[] = []
  for (let i = Math.max(1, from); i <= to && i < lines.length; i++)
    if (Math.abs(i - line) > 3) around.push(lines[i] ?? 0)
  around.sort((one, two) => one - two)
  return around[Math.floor(around.length / 2)] ?? 0
}

/** The top of the parabola through a line and its neighbours, which tells a tone to a fraction of a line. */
function between(lines: Float64Array, line: number, hzOf: (line: number) => number): number {
  const [low, top, high] = [-1, 0, 1].map((step) => Math.log(Math.max(lines[line + step] ?? 0, 1e-20)))
  const bend = (low ?? 0) - 2 * (top ?? 0) + (high ?? 0)
  const shift = bend === 0 ? 0 : (0.5 * ((low ?? 0) - (high ?? 0))) / bend
  return Math.round(hzOf(line + Math.max(-0.5, Math.min(0.5, shift))) * 10) / 10
}

/** What was kept, read again; null where it is damaged. */
export function storedAnalysis(text: string): SoundAnalysis | null {
  try {
    const { seconds, levelDb, bands, peaks } = JSON.parse(text) as Partial<SoundAnalysis>
    const numbers = (list: unknown[]): boolean => list.every((each) => Number.isFinite(each))
    if (!Array.isArray(bands) || bands.length !== BANDS || !numbers(bands)) return null
    if (!Array.isArray(peaks) || peaks.length > MOST_PEAKS) return null
    if (!peaks.every((peak) => peak && numbers([peak.hz, peak.db]))) return null
    if (typeof seconds !== 'number' || typeof levelDb !== 'number' || !numbers([seconds, levelDb]))
      return null
    return { seconds, levelDb, bands, peaks }
  } catch {
    return null
  }
}
