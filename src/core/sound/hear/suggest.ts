import { evenly } from './blows'
import type { Figures } from './figures'
import { rises } from './rises'
import type { Squeal } from './squeal'
import type { EnvelopeLine, HeardSpeed, Suggested, Suggestion } from './types'

const SILENCE_DB = -58

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
  const { levelDb, hum, inMains, rpm, blows, pauses, passing, tonal, halves } = figures
  const silent = rises(-levelDb, -SILENCE_DB - 4, -SILENCE_DB + 4)
  const loud = 1 - silent
  const range = Math.max(...halves) - Math.min(...halves)
  // Words and tunes come and go; what a machine does, it does all the time.
  const stays = 1 - Math.max(rises(passing, 1, 3.5), rises(range, 9, 18))
  const goesOn = stays * (1 - rises(pauses, 4, 8))
  const envelope = withoutClicks(figures)
  const parts = looseOf(envelope, rpm)
  const races = racesMark(envelope)
  const squeals = squealMark(figures) * (1 - races)
  const bearing = Math.max(
    races * (1 - rises(pauses, 8, 12)),
    bearingMark(envelope, rpm, parts.own) * (1 - rises(pauses, 4, 8)),
  )
  const loose = parts.mark * (1 - evenly(blows))
  // What rubs or runs rough swells and fades; blows that stand apart are something that flies loose.
  const rough =
    roughMark(envelope, rpm) *
    (1 - rises(blows.peaky, 6, 10)) *
    (1 - rises(pauses, 4, 8)) *
    // A squeal that swells once a turn is one thing.
    (1 - squeals)
  // Blows of a race come in bursts that are even, with a beat of their own between: clicks have none.
  const evenBlows = evenly(blows) * rises(onComb(figures.envelope, blows.beat), 0.45, 0.75) * (1 - races)
  const wildBlows = wildMark(figures) * (1 - evenBlows)
  // A loud hum beside something that beats may be a fan near a transformer, or one that stands near another that runs.
  const hums = hum.dominant ? 1 : inMains ? rises(tonal, 0.15, 0.3) : 0
  const humming = hums * (rpm === null ? 1 : HUM_AND_BEAT)
  const rattles = Math.max(wildBlows * (1 - bearing), loose)
  const worst = Math.max(squeals, bearing, rough, evenBlows, rattles)
  const air = (1 - rises(tonal, 0.08, 0.3)) * (1 - worst) * (1 - humming)
  return {
    nothing: silent,
    hum: loud * humming * (1 - 0.8 * worst),
    squeal: loud * stays * squeals,
    grinding: loud * stays * Math.max(bearing, rough) * (1 - 0.95 * Math.max(evenBlows, loose)),
    clicking: loud * evenBlows,
    rattle: loud * stays * rattles,
    roar: loud * goesOn * air,
    none:
      loud *
      goesOn *
      (1 - hums) *
      (rpm !== null ? 1 : 0.2) *
      rises(tonal, 0.08, 0.3) *
      (1 - worst) *
      (1 - humming),
  }
}

/** A narrow tone that stays and wavers a little, and does not ring and die as a bearing does. */
function squealMark(figures: Figures): number {
  const { squeal, blows, pauses } = figures
  if (!squeal || isHarmonic(squeal, figures)) return 0
  return (
    rises(squeal.share, 0.25, 0.6) *
    (0.3 + 0.7 * rises(squeal.wavers, 0.0008, 0.003)) *
    rises(squeal.narrow, 0.85, 0.95) *
    (1 - rises(pauses, 6, 10)) *
    (1 - rises(blows.peaky, 3.5, 7)) *
    (1 - rises(squeal.wavers, 0.025, 0.05))
  )
}

/** Blows that stand apart, no two alike, each over at once. */
const wildMark = ({ blows, pauses }: Figures): number =>
  rises(blows.peaky, 4, 9) *
  rises(blows.perSecond, 1.2, 3) *
  (1 - rises(blows.perSecond, 12, 16)) *
  rises(blows.spread, 0.04, 0.14) *
  (1 - rises(blows.filled, 0.14, 0.22)) *
  (1 - rises(pauses, 14, 22))

/** A high harmonic of the blades wanders with the shaft and with nothing else; one of a loud hum does not waver at all. */
function isHarmonic({ hz, wavers }: Squeal, { rpm, tones, hum }: Figures): boolean {
  const beats = tones.filter(({ what }) => what === 'blades').map((tone) => tone.hz)
  const lines = tones.filter(({ what }) => what === 'hum').map((tone) => tone.hz)
  // The lowest may be the second of them: phones hear little of what is low.
  const isMultiple = (of: number[]) =>
    of.length > 0 &&
    [1, 2].some((part) => {
      const times = (part * hz) / Math.min(...of)
      return Math.abs(times / Math.round(times) - 1) < 0.006 / part
    })
  return (
    (rpm !== null && wavers < 0.005 && isMultiple(beats)) ||
    (hum.dominant && wavers < 0.01 && isMultiple(lines))
  )
}

/** What clicks evenly beats at every multiple of its own: none of that is a bearing, unless it is the cage that beats. */
function withoutClicks({ envelope, blows }: Figures): EnvelopeLine[] {
  const beat = blows.beat
  const byCage = envelope.some(({ what, hz }) => what === 'cage' && Math.abs(hz / beat - 1) < 0.06)
  if (beat <= 0 || evenly(blows) < 0.5 || byCage) return envelope
  return envelope.filter(({ hz }) => Math.abs(hz / beat - Math.round(hz / beat)) > 0.15)
}

/** The beat of a race, a ball or the cage whose sizes are known. */
function racesMark(envelope: EnvelopeLine[]): number {
  const strongest = (kinds: EnvelopeLine['what'][]) =>
    Math.max(0, ...envelope.filter(({ what }) => kinds.includes(what)).map(({ strength }) => strength))
  return Math.max(
    rises(strongest(['outer-race', 'inner-race', 'ball']), 0.05, 0.2),
    rises(strongest(['cage']), 0.25, 0.5),
  )
}

/** A beat whose order is no whole number, or blows as quick as those of balls where no speed is known. */
function bearingMark(envelope: EnvelopeLine[], rpm: HeardSpeed | null, loose: EnvelopeLine[]): number {
  if (!rpm) return ringingMark(envelope)
  const odd = envelope.flatMap((line) =>
    line.what === 'other' && line.hz > 25 && !loose.includes(line) ? [line.strength] : [],
  )
  return rises(Math.max(0, ...odd), 0.12, 0.35)
}

/** Orders agree with parts of the turn to this. */
const PART_WITHIN = 0.012

/** Halves and thirds of the turn: what is loose flies for two turns or three before it comes down again. */
function isPart(hz: number, rpm: HeardSpeed, parts: number): boolean {
  const times = ((hz * 60) / rpm.value) * parts
  const whole = Math.round(times)
  return whole > 0 && whole % parts !== 0 && Math.abs(times / whole - 1) < PART_WITHIN
}

/** What beats at a half or a third of the turn, as one figure from 0 to 1, and the lines that come with it. */
function looseOf(envelope: EnvelopeLine[], rpm: HeardSpeed | null): { mark: number; own: EnvelopeLine[] } {
  if (!rpm) return { mark: 0, own: [] }
  const found = [2, 3].map((parts) => {
    const own = envelope.filter(({ hz, what }) => what !== 'cage' && isPart(hz, rpm, parts))
    const below = own.filter(({ hz }) => (hz * 60) / rpm.value < 1)
    return { own, mark: rises(Math.max(0, ...below.map(({ strength }) => strength)), 0.2, 0.45) }
  })
  const mark = Math.max(...found.map((each) => each.mark))
  return { mark, own: found.flatMap((each) => (each.mark > 0 ? each.own : [])) }
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
function roughMark(envelope: EnvelopeLine[], rpm: HeardSpeed | null): number {
  const once = envelope.filter(
    ({ what, hz }) => what === 'turn' && rpm && Math.abs((hz * 60) / rpm.value - 1) < 0.1,
  )
  return rises(Math.max(0, ...once.map(({ strength }) => strength)), 0.1, 0.3)
}
