import { isHum } from './hum'
import { rises } from './rises'
import type { Peak } from './spectrum'
import type { HeardOf, HeardSpeed } from './types'

/** What may be a harmonic of the turn: tones, and beats of the envelope. */
export interface Beats {
  tones: Peak[]
  toneStep: number
  envelope: Peak[]
  envelopeStep: number
}

/** Shares of a plate's speed that a fan can have, and what stands for a plate where there is none. Turns a minute. */
const OF_PLATE = { slowest: 0.4, fastest: 1.06 }
const ANY = { slowest: 200, fastest: 3600 }
/** Candidates lie this close to one another. */
const GRID = 1.001
const HARMONICS = 6
const HIGHEST_HZ = 1500
/** Stronger than this over their surroundings, tones count no more. */
const MOST_OUT = 26
const LEAST_SCORE = 9

interface Found {
  /** Turns a second. */
  turn: number
  score: number
  hits: { hz: number; order: number; step: number; weight: number }[]
}

/**
 * The speed by the beat of the blades and its harmonics, in the tones and in the envelope of the noise. The mains' hum and its
 * harmonics are none of it. Where nobody counted the blades, a beat alone tells no speed, since four blades at one speed beat as
 * five at another: then the turn itself has to be heard as well.
 */
export function speedOf(beats: Beats, of: HeardOf): HeardSpeed | null {
  const blades = of.blades && of.blades > 0 ? of.blades : null
  // The noise beats with the races of a bearing as well: it is asked only where no tone tells.
  const heard = {
    ...beats,
    tones: weighed(beats.tones, of.lineHz),
    envelope: beats.envelope.filter(({ hz }) => !isHum(hz, of.lineHz)),
  }
  const found =
    blades === null
      ? uncounted(heard, of)
      : (best({ ...heard, envelope: [] }, of, blades) ??
        stronger(best(heard, of, blades), best(heard, of, 1)))
  if (!found) return null
  return told(found, blades)
}

/** Wheels of households have blades in these numbers; those of a squirrel cage beat too high and too faint to be heard apart. */
const COUNTS = [3, 4, 5, 6, 7, 8, 9, 10, 11, 12]
/** Two counts that explain a recording nearly as well leave its speed open. */
const NEARLY = 0.75

/** The speed where nobody counted the blades: of all counts, those by which the turn itself is heard too. */
function uncounted(heard: Beats, of: HeardOf): Found | null {
  const turning = COUNTS.flatMap((count) => {
    const found = best({ ...heard, envelope: [] }, of, count)
    const turn = found && near([...heard.tones, ...heard.envelope], found.turn, ONCE * found.turn)
    return found && turn ? [{ ...found, score: found.score + turn.out }] : []
  }).sort((one, two) => two.score - one.score)
  const [top] = turning
  if (top) {
    const open = turning.some(
      ({ turn, score }) => score > NEARLY * top.score && Math.abs(turn / top.turn - 1) > 2 * ONCE,
    )
    return open ? null : top
  }
  // What only swells and fades, as where it rubs, does it once a turn; without a plate it may as well be the blades.
  return heard.tones.length === 0 && of.plateRpm?.length ? best(heard, of, 1) : null
}

/** The turn agrees with its harmonics to this. */
const ONCE = 0.006

/** Under the strongest tone by this much, one counts nothing; the blows of a bearing have many harmonics, all of them faint. */
const FAINT_DB = 32

/** Tones up to 1.5 kHz that are no hum, each by how far it stands out and by how loud it is among them. */
function weighed(tones: Peak[], lineHz: number): Peak[] {
  const own = tones.filter(({ hz }) => hz <= HIGHEST_HZ && !isHum(hz, lineHz))
  const strongest = Math.max(...own.map(({ db }) => db))
  return own.map((tone) => ({
    ...tone,
    out: Math.min(tone.out, MOST_OUT) * rises(tone.db - strongest, -FAINT_DB, -4),
  }))
}

const stronger = (one: Found | null, other: Found | null): Found | null =>
  !one || (other && other.score > one.score) ? other : one

function best(beats: Beats, of: HeardOf, blades: number): Found | null {
  let top: Found | null = null
  for (const [slowest, fastest] of ranges(of))
    for (let rpm = slowest; rpm <= fastest; rpm *= GRID) {
      const found = scored(beats, of.lineHz, rpm / 60, blades)
      if (!top || found.score > top.score) top = found
    }
  return top && top.score >= LEAST_SCORE ? refined(top) : null
}

const ranges = ({ plateRpm = [] }: HeardOf): [number, number][] => {
  const speeds = plateRpm.filter((rpm) => rpm > 0)
  if (speeds.length === 0) return [[ANY.slowest, ANY.fastest]]
  return [[Math.min(...speeds) * OF_PLATE.slowest, Math.max(...speeds) * OF_PLATE.fastest]]
}

/** How well one speed explains what beats: each harmonic of the blades that is there, less those that should be and are not. */
function scored(
  { tones, toneStep, envelope, envelopeStep }: Beats,
  lineHz: number,
  turn: number,
  blades: number,
): Found {
  const found: Found = { turn, score: 0, hits: [] }
  const counted = (hz: number, order: number, weight: number, inHum: boolean): number => {
    if (inHum) return 0
    const tone = near(tones, hz, Math.max(0.6 * toneStep, 0.004 * hz))
    const beat = near(envelope, hz, Math.max(0.6 * envelopeStep, 0.004 * hz))
    const value = Math.max(
      tone ? Math.min(tone.out, MOST_OUT) : 0,
      beat ? 0.9 * Math.min(beat.out, MOST_OUT) : 0,
    )
    if (value <= 0) return 0
    const hit = tone ?? beat
    if (hit)
      found.hits.push({
        hz: hit.hz,
        order,
        step: tone ? toneStep : envelopeStep,
        weight: weight * value * order,
      })
    return value
  }
  let missed = 0
  for (let k = 1; k <= HARMONICS; k++) {
    const hz = k * blades * turn
    if (hz > HIGHEST_HZ) break
    const weight = 1 / k ** 0.7
    const inHum = isHum(hz, lineHz)
    const value = counted(hz, k * blades, weight, inHum)
    if (value > 0) found.score += weight * (value - missed)
    // What is a multiple of a speed half as high misses every other one: a gap before a harmonic speaks against it.
    if (value <= 0 && !inHum && hz > 40) missed += 7 / k
  }
  if (blades > 1) {
    const once = counted(turn, 1, 0.4, isHum(turn, lineHz))
    found.score += 0.35 * once
  }
  return found
}

function near(peaks: Peak[], hz: number, within: number): Peak | null {
  let top: Peak | null = null
  for (const peak of peaks) if (Math.abs(peak.hz - hz) <= within && (!top || peak.out > top.out)) top = peak
  return top
}

/** The turn that all of its harmonics together say, the higher ones the more exactly. */
function refined(found: Found): Found {
  const weights = found.hits.reduce((sum, { weight }) => sum + weight, 0)
  if (weights <= 0) return found
  return {
    ...found,
    turn: found.hits.reduce((sum, { hz, order, weight }) => sum + (weight * hz) / order, 0) / weights,
  }
}

/** Within what its lines and the wandering of a shaft leave open. */
function told({ turn, hits }: Found, blades: number | null): HeardSpeed {
  const finest = Math.min(...hits.map(({ step, hz }) => (0.5 * step) / hz))
  const apart = Math.max(0, ...hits.map(({ hz, order }) => Math.abs(hz / order / turn - 1)))
  const share = Math.max(0.004, finest, 0.8 * apart)
  const value = turn * 60
  const strong = hits.some(({ order, weight }) => blades !== null && order % blades === 0 && weight > 0)
  return {
    value,
    low: value * (1 - share),
    high: value * (1 + share),
    from: blades !== null && strong ? 'blades' : 'turn',
  }
}
