import { bearingTones } from './bearing'
import { blowsOf, evenly } from './blows'
import { beatsOf, type EnvelopeSpectrum, envelopeOf } from './envelope'
import type { Figures } from './figures'
import { humOf, isHum, isMains } from './hum'
import { dB, halfSeconds, isClipped, isSteady, levelOf, pausesOf } from './level'
import { ASKED } from './measured'
import { bandPower, meanOf, middleOf, type Peak, peaksOf, type Spectrum, sizeFor, spectra } from './spectrum'
import { speedOf } from './speed'
import { type Squeal, squealOf } from './squeal'
import { suggestionsOf } from './suggest'
import type {
  EnvelopeKind,
  EnvelopeLine,
  Heard,
  HeardOf,
  HeardSpeed,
  HeardTone,
  Samples,
  ToneKind,
  Transform,
} from './types'

const MOST_SECONDS = 60
/** dB */
const MOST_PAUSES = 7
const TONE_OUT_DB = 12
const UNDER_HUM_DB = 26
const LEAST_BEAT = 0.025
const MOST_TONES = 24
const MOST_LINES = 16
/** Lines of the spectrum lie about this close together. */
const FINE_SECONDS = 1.6

/**
 * What a recording of a fan tells: level, speed, hum, tones, what beats in its noise, and what it may be.
 *
 * @param recording mono, within ±1; what lies behind the first minute is left out
 * @param of what is known of the machine; each figure that is known makes the rest surer
 * @param onShare told between the steps: how much of the work is done, 0 to 1
 */
export function hear(
  { samples: all, rate }: Samples,
  of: HeardOf,
  transform: Transform,
  onShare: (share: number) => void = () => undefined,
): Heard {
  const recording = { samples: withoutDirect(all.subarray(0, Math.round(MOST_SECONDS * rate))), rate }
  const figures = figuresOf(recording, of, transform, onShare)
  const suggests = suggestionsOf(figures)
  // Words have a pitch: where there are pauses and nothing is heard in it that runs, no beat is a speed.
  const nothingRuns = figures.pauses > MOST_PAUSES && !suggests.some(({ confidence }) => confidence >= ASKED)
  return {
    seconds: recording.samples.length / rate,
    levelDb: figures.levelDb,
    clipped: isClipped({ samples: all.subarray(0, recording.samples.length), rate }),
    steady: isSteady(figures.halves),
    rpm: nothingRuns ? null : figures.rpm,
    hum: figures.hum,
    tones: figures.tones,
    envelope: figures.envelope,
    suggests,
  }
}

function withoutDirect(samples: Float32Array): Float32Array {
  let sum = 0
  for (let i = 0; i < samples.length; i++) sum += samples[i] ?? 0
  const mean = sum / Math.max(1, samples.length)
  const out = new Float32Array(samples.length)
  for (let i = 0; i < out.length; i++) out[i] = (samples[i] ?? 0) - mean
  return out
}

function figuresOf(
  recording: Samples,
  of: HeardOf,
  transform: Transform,
  onShare: (share: number) => void,
): Figures {
  const { samples, rate } = recording
  const pieces = spectra(recording, sizeFor(samples.length, FINE_SECONDS * rate), transform)
  const [mean, middle] = [meanOf(pieces), middleOf(pieces)]
  onShare(0.4)
  const envelope = envelopeOf(recording)
  onShare(0.6)
  const beats = beatsOf(envelope, transform)
  const peaks = peaksOf(middle, 8, Math.min(10_000, 0.48 * rate), TONE_OUT_DB).slice(0, 60)
  onShare(0.7)
  const squeal = squealOf(recording, transform)
  onShare(0.85)
  const blows = blowsOf(envelope)
  const hum = humOf(mean, of.lineHz)
  const inMains = lieInMains(peaks, of.lineHz)
  const rpm = speedOf(
    {
      // Beside a hum that holds most of the power, what is much fainter comes from elsewhere, and what beats with the mains is hum.
      tones:
        hum.dominant || inMains
          ? peaks.filter(({ db, hz }) => db > hum.db - UNDER_HUM_DB && !isMains(hz, of.lineHz))
          : peaks,
      toneStep: middle.step,
      // Even blows make lines at all their multiples, among which any speed is found.
      envelope: evenly(blows) > 0.5 ? [] : beats.peaks.filter(({ strength }) => strength > LEAST_BEAT),
      envelopeStep: beats.spectrum.step,
    },
    of,
  )
  const tones = namedTones(peaks, rpm, squeal, of)
  return {
    levelDb: levelOf(recording),
    halves: halfSeconds(recording),
    hum,
    inMains,
    rpm,
    tones: tones.slice(0, MOST_TONES),
    envelope: namedBeats(beats, rpm, of),
    blows,
    pauses: pausesOf(envelope),
    squeal,
    passing: passingOf(mean, middle),
    tonal: tonalOf(middle, peaks),
  }
}

/** The middle of noise lies 1.6 dB under its mean by itself. */
const NOISE_APART = 1.6
const passingOf = (mean: Spectrum, middle: Spectrum): number =>
  dB(bandPower(mean, 200, 3000)) - dB(bandPower(middle, 200, 3000)) - NOISE_APART

function lieInMains(peaks: Peak[], lineHz: number): boolean {
  const power = (list: Peak[]) => list.reduce((sum, { db }) => sum + 10 ** (db / 10), 0)
  return power(peaks.filter(({ hz }) => isMains(hz, lineHz))) > 0.5 * power(peaks)
}

function tonalOf(middle: Spectrum, peaks: Peak[]): number {
  const whole = bandPower(middle, 40, 1e5)
  const inTones = peaks.reduce(
    (sum, { hz }) => sum + (hz < 40 ? 0 : bandPower(middle, hz - 1.6 * middle.step, hz + 1.6 * middle.step)),
    0,
  )
  return whole > 0 ? Math.min(1, inTones / whole) : 0
}

const WITHIN = 0.008

function namedTones(peaks: Peak[], rpm: HeardSpeed | null, squeal: Squeal | null, of: HeardOf): HeardTone[] {
  const turn = rpm ? rpm.value / 60 : null
  return peaks.map(({ hz, db }) => {
    const order = turn ? hz / turn : undefined
    return { hz, db, what: toneKind(hz, order, squeal, of), ...(order === undefined ? {} : { order }) }
  })
}

function toneKind(hz: number, order: number | undefined, squeal: Squeal | null, of: HeardOf): ToneKind {
  const whole = order === undefined ? 0 : Math.round(order)
  const isWhole = order !== undefined && whole > 0 && Math.abs(order / whole - 1) < WITHIN && whole < 60
  if (isHum(hz, of.lineHz)) return 'hum'
  if (isWhole && of.blades && whole % of.blades === 0) return 'blades'
  if (isWhole && whole < 12) return 'turn'
  if (squeal && squeal.share > 0.3 && Math.abs(hz / squeal.hz - 1) < 3 * squeal.wavers + 0.02) return 'squeal'
  return 'other'
}

/** Tones of a bearing agree to this with what its sizes say. */
const BEARING_WITHIN = 0.02
const TURN_WITHIN = 0.003

function namedBeats({ peaks }: EnvelopeSpectrum, rpm: HeardSpeed | null, of: HeardOf): EnvelopeLine[] {
  const turn = rpm ? rpm.value / 60 : null
  const races = rpm && of.bearing ? bearingTones(of.bearing, rpm.value) : null
  return peaks
    .slice(0, MOST_LINES)
    .map(({ hz, strength }) => ({ hz, strength, what: beatKind(hz, turn, races, of) }))
}

function beatKind(
  hz: number,
  turn: number | null,
  races: ReturnType<typeof bearingTones> | null,
  of: HeardOf,
): EnvelopeKind {
  const isNear = (wanted: number) => Math.abs(hz / wanted - 1) < BEARING_WITHIN
  const order = turn ? hz / turn : null
  const whole = order ? Math.round(order) : 0
  const isWhole = order !== null && whole > 0 && Math.abs(order / whole - 1) < WITHIN
  if (isHum(hz, of.lineHz)) return 'hum'
  // A blade's beat is exact: what agrees with it to a part in a hundred is no race of about there.
  if (isWhole && of.blades && whole % of.blades === 0) return 'blades'
  if (isWhole && whole <= 2) return 'turn'
  // So is a harmonic of the turn, where a race lies beside it.
  const onTurn = isWhole && whole < 12 && order !== null && Math.abs(order / whole - 1) < TURN_WITHIN
  if (races) {
    const nearest = Math.min(...Object.values(races).map((race) => Math.abs(hz / race - 1)))
    if (onTurn && nearest > 2 * TURN_WITHIN) return 'turn'
    if (isNear(races['outer-race'])) return 'outer-race'
    if (isNear(races['inner-race'])) return 'inner-race'
    if (isNear(races.ball) || isNear(2 * races.ball)) return 'ball'
    if (isNear(races.cage)) return 'cage'
  }
  if (isWhole) return 'turn'
  if (races && (isNear(2 * races['outer-race']) || isNear(3 * races['outer-race']))) return 'outer-race'
  if (races && isNear(2 * races['inner-race'])) return 'inner-race'
  return hz < 7 && !turn ? 'knock' : 'other'
}
