import { evenly } from './blows'
import type { Figures } from './figures'
import { rises } from './rises'
import type { Squeal } from './squeal'
import type { EnvelopeLine, Suggested, Suggestion } from './types'

const SILENCE_DB = -62

/**
 * What a recording may be. Each is held against what would make it so; what none of them explains keeps its share, so that an
 * unclear recording suggests nothing strongly. The figures were set on made-up recordings and counted on others
 * (`npm run bench -- sound`).
 */
export function suggestionsOf(figures: Figures): Suggestion[] {
  const marks = marksOf(figures)
  const whole = Object.values(marks).reduce((sum, each) => sum + each, 0) + UNEXPLAINED
  return (Object.keys(marks) as Suggested[])
    .map((value) => ({ value, confidence: marks[value] / whole }))
    .filter(({ confidence }) => confidence > 0.03)
    .sort((one, two) => two.confidence - one.confidence)
}

const UNEXPLAINED = 0.15
const HUM_AND_BEAT = 0.1

function marksOf(figures: Figures): Record<Suggested, number> {
  const { levelDb, hum, rpm, blows, squeal, passing, tonal, halves } = figures
  const silent = rises(-levelDb, -SILENCE_DB - 4, -SILENCE_DB + 4)
  const loud = 1 - silent
  const range = Math.max(...halves) - Math.min(...halves)
  // Words and tunes come and go; what a machine does, it does all the time.
  const stays = 1 - Math.max(rises(passing, 1, 3.5), rises(range, 9, 18))
  const squeals =
    squeal && !isHarmonic(squeal, figures)
      ? rises(squeal.share, 0.25, 0.6) *
        (0.3 + 0.7 * rises(squeal.wavers, 0.0008, 0.003)) *
        (1 - rises(blows.peaky, 3.5, 7)) *
        (1 - rises(squeal.wavers, 0.025, 0.05))
      : 0
  const bearing = bearingMark(figures.envelope, rpm !== null)
  const rough = roughMark(figures.envelope)
  // Blows of a race come in bursts that are even, with a beat of their own between: clicks have none.
  const evenBlows = evenly(blows) * rises(onComb(figures.envelope, blows.beat), 0.45, 0.75)
  const wildBlows =
    rises(blows.peaky, 4, 9) *
    rises(blows.perSecond, 1.2, 3) *
    (1 - rises(blows.perSecond, 8, 10)) *
    rises(blows.spread, 0.04, 0.14) *
    (1 - rises(blows.filled, 0.15, 0.35)) *
    (1 - evenBlows)
  // A loud hum beside something that beats may be a fan near a transformer, or one that stands near another that runs.
  const humming = hum.dominant ? (rpm === null ? 1 : HUM_AND_BEAT) : 0
  const worst = Math.max(squeals, bearing, rough, evenBlows, wildBlows)
  const air = (1 - rises(tonal, 0.08, 0.3)) * (1 - worst) * (1 - humming)
  return {
    nothing: silent,
    hum: loud * humming * (1 - 0.8 * worst),
    squeal: loud * stays * squeals,
    grinding: loud * stays * Math.max(bearing, rough) * (1 - 0.95 * evenBlows),
    clicking: loud * evenBlows,
    rattle: loud * stays * wildBlows * (1 - bearing),
    roar: loud * stays * air,
    none:
      loud *
      stays *
      (hum.dominant ? 0 : rpm !== null ? 1 : 0.2) *
      rises(tonal, 0.08, 0.3) *
      (1 - worst) *
      (1 - humming),
  }
}

/** A high harmonic of the blades wanders with the shaft and with nothing else; one of a loud hum does not waver at all. */
function isHarmonic({ hz, wavers }: Squeal, { rpm, tones, hum }: Figures): boolean {
  const beats = tones.filter(({ what }) => what === 'blades').map((tone) => tone.hz)
  const lines = tones.filter(({ what }) => what === 'hum').map((tone) => tone.hz)
  const isMultiple = (of: number[]) =>
    of.length > 0 && Math.abs(hz / Math.min(...of) / Math.round(hz / Math.min(...of)) - 1) < 0.006
  return (
    (rpm !== null && wavers < 0.005 && isMultiple(beats)) ||
    (hum.dominant && wavers < 0.01 && isMultiple(lines))
  )
}

/** A race's or ball's beat, or orders that are no whole numbers. */
function bearingMark(envelope: EnvelopeLine[], turns: boolean): number {
  const strongest = (kinds: EnvelopeLine['what'][]) =>
    Math.max(0, ...envelope.filter(({ what }) => kinds.includes(what)).map(({ strength }) => strength))
  const races = strongest(['outer-race', 'inner-race', 'ball'])
  const orders = turns
    ? Math.max(
        0,
        ...envelope.filter(({ what, hz }) => what === 'other' && hz > 25).map(({ strength }) => strength),
      )
    : 0
  return Math.max(rises(races, 0.05, 0.2), rises(orders, 0.12, 0.35), turns ? 0 : ringingMark(envelope))
}

/** Slower blows are told one by one; a voice has its pitch above. Hz. */
const RINGS = { from: 20, to: 160 }

/**
 * Where no speed is known: blows as quick as those of balls over a flaw, each of them sharp, so that the beat has its harmonics.
 * The blades' beat in the noise of air is a soft one and has next to none.
 */
function ringingMark(envelope: EnvelopeLine[]): number {
  const at = (hz: number) =>
    Math.max(
      0,
      ...envelope.filter((line) => Math.abs(line.hz / hz - 1) < 0.015).map(({ strength }) => strength),
    )
  return Math.max(
    0,
    ...envelope
      .filter(({ hz, what }) => what === 'other' && hz > RINGS.from && hz < RINGS.to)
      .filter(({ hz, strength }) => at(2 * hz) > 0.3 * strength && at(3 * hz) > 0.15 * strength)
      .map(({ strength }) => rises(strength, 0.12, 0.35)),
  )
}

/** Of the strength of the envelope's lines, what lies on multiples of the blows' own beat. */
function onComb(envelope: EnvelopeLine[], beat: number): number {
  if (beat <= 0) return 0
  const own = envelope.filter(
    ({ hz, what }) => hz > 1.5 * beat && hz < 90 && what !== 'blades' && what !== 'hum',
  )
  const sum = (lines: EnvelopeLine[]) => lines.reduce((total, { strength }) => total + strength, 0)
  const whole = sum(own)
  return whole < 0.1
    ? 1
    : sum(own.filter(({ hz }) => Math.abs(hz / beat - Math.round(hz / beat)) < 0.15)) / whole
}

/** Noise that swells once a turn. */
function roughMark(envelope: EnvelopeLine[]): number {
  const once = Math.max(0, ...envelope.filter(({ what }) => what === 'turn').map(({ strength }) => strength))
  return rises(once, 0.15, 0.4)
}
