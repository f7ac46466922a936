import { middleOf, type Peak, peaksOf, type Spectrum, sizeFor, spectra } from './spectrum'
import type { Samples, Transform } from './types'

const BAND_HZ = [1000, 8000] as const
const SLOW_HZ = 450
/** Samples a second of the envelope: enough for 400 Hz. */
const ENVELOPE_RATE = 1200
const LOW_HZ = 1
const HIGH_HZ = 400
/** Peaks of the envelope stand out of its own noise by this much. */
const STANDS_OUT_DB = 9

interface Section {
  kind: 'low' | 'high'
  hz: number
  /** Of a Butterworth filter of one section where it is left out. */
  q?: number
}

/**
 * A recording through a second-order section, in place, after the audio cookbook of R. Bristow-Johnson. One section after the
 * other over the whole length: a minute is worked off several times as fast as sample by sample through all of them.
 */
function through(samples: Float64Array, rate: number, { kind, hz, q = Math.SQRT1_2 }: Section): void {
  const turn = (2 * Math.PI * Math.min(hz, 0.49 * rate)) / rate
  const [cos, alpha] = [Math.cos(turn), Math.sin(turn) / (2 * q)]
  const edge = kind === 'low' ? 1 - cos : 1 + cos
  const [b0, b1] = [edge / 2 / (1 + alpha), (kind === 'low' ? edge : -edge) / (1 + alpha)]
  const [a1, a2] = [(-2 * cos) / (1 + alpha), (1 - alpha) / (1 + alpha)]
  let x1 = 0
  let x2 = 0
  let y1 = 0
  let y2 = 0
  for (let i = 0; i < samples.length; i++) {
    const x = samples[i] ?? 0
    const y = b0 * (x + x2) + b1 * x1 - a1 * y1 - a2 * y2
    x2 = x1
    x1 = x
    y2 = y1
    y1 = y
    samples[i] = y
  }
}

/** The band of 1 to 8 kHz as far as the rate allows, rectified, and what of it is slower than 450 Hz. */
export function envelopeOf({ samples, rate }: Samples): Samples {
  const band = Float64Array.from(samples)
  through(band, rate, { kind: 'high', hz: BAND_HZ[0] })
  through(band, rate, { kind: 'high', hz: BAND_HZ[0] })
  through(band, rate, { kind: 'low', hz: Math.min(BAND_HZ[1], 0.45 * rate) })
  for (let i = 0; i < band.length; i++) band[i] = Math.abs(band[i] ?? 0)
  through(band, rate, { kind: 'low', hz: SLOW_HZ, q: 0.54 })
  through(band, rate, { kind: 'low', hz: SLOW_HZ, q: 1.31 })
  const every = rate / ENVELOPE_RATE
  const out = new Float32Array(Math.floor(samples.length / every))
  for (let at = 0; at < out.length; at++) out[at] = Math.max(0, band[Math.ceil(at * every)] ?? 0)
  return { samples: out, rate: ENVELOPE_RATE }
}

/** Over its own mean of half a second around: a phone that turns its gain moves nothing of it. */
function levelled({ samples, rate }: Samples): Float32Array {
  const half = Math.round(rate / 4)
  const sums = new Float64Array(samples.length + 1)
  samples.forEach((value, i) => {
    sums[i + 1] = (sums[i] ?? 0) + value
  })
  return samples.map((value, i) => {
    const [from, to] = [Math.max(0, i - half), Math.min(samples.length, i + half + 1)]
    const mean = ((sums[to] ?? 0) - (sums[from] ?? 0)) / (to - from)
    // Never more than so many times: the silence between two blows is no loud noise.
    return mean > 1e-9 ? Math.min(12, value / mean) - 1 : 0
  })
}

export interface EnvelopeSpectrum {
  spectrum: Spectrum
  peaks: (Peak & { strength: number })[]
}

/** What beats in the envelope, 1 to 400 Hz, the strongest first. */
export function beatsOf(envelope: Samples, transform: Transform): EnvelopeSpectrum {
  const flat: Samples = { samples: levelled(envelope), rate: envelope.rate }
  const size = sizeFor(flat.samples.length, 4096)
  const spectrum = middleOf(spectra(flat, size, transform))
  const peaks = peaksOf(spectrum, LOW_HZ, HIGH_HZ, STANDS_OUT_DB).map((peak) => ({
    ...peak,
    strength: 10 ** (peak.db / 20),
  }))
  return { spectrum, peaks: peaks.slice(0, 40) }
}
