import { dB as exactDb } from './hear/level'
import { meanOf, spectra, topOf } from './hear/spectrum'
import type { Heard, Transform } from './hear/types'

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

/** The transform of one size: power of each line of a windowed piece of `SIZE` samples. */
type PowerSpectrum = ReturnType<Transform>

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
  const { lines } = meanOf(spectra({ samples: heard, rate }, SIZE, () => power))
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

const dB = (power: number): number => Math.round(10 * exactDb(Math.max(power, 1e-12))) / 10

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
    found.push({ hz: Math.round(hzOf(topOf(lines, line)) * 10) / 10, db: dB(here), line })
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
