import { seeded } from '../random'
import type { Audible } from './audible'
import { bearingTones } from './hear/bearing'
import type { BearingSizes } from './hear/types'
import { inRoom } from './room'

export { type Audible, audible, isAudible } from './audible'

/** How a made-up machine runs and from where it is heard; each may be left out. */
export interface HeardAs {
  seconds?: number
  /** 60 or 50. */
  lineHz?: number
  /** Turns a minute. */
  rpm?: number
  blades?: number
  /** How hard it works against the air, 0 to 1. */
  load?: number
  /** Of the bearing that is worn. */
  bearing?: BearingSizes
  /** Metres from the ear; farther away it is fainter, duller and more of the room. */
  distanceM?: number
}

const USUAL = {
  seconds: 2,
  lineHz: 60,
  rpm: 1050,
  blades: 5,
  load: 0.5,
  distanceM: 0.5,
  // A 6203 as most makers fill it.
  bearing: { balls: 8, ballMm: 6.747, pitchMm: 28.5 },
}

const FADE_SECONDS = 0.03
const PEAK = 0.6

/**
 * A short made-up sound to compare by ear, mono, within ±1; the same each time. A fan that turns has the beat of its blades, the
 * swirl of its air and a little hum under whatever is wrong with it; the wrong follows what makes it: a stalled motor hums at
 * twice the line frequency; a dry sleeve slips and sticks at a few kilohertz once a turn; a worn ball bearing rings at each ball
 * that meets its flaw; a loose sheet knocks now and then; a relay clicks evenly; air that is held up roars as broad noise.
 *
 * @param kind what is wrong with it; `none`: it runs as it should
 * @param sampleRate in Hz
 */
export function makeSound(kind: Audible | 'none', sampleRate: number, as: HeardAs = {}): Float32Array {
  const of = { ...USUAL, ...as }
  const length = Math.max(1, Math.round(sampleRate * of.seconds))
  const make: Make = { rate: sampleRate, random: seeded(0x50a9d ^ kind.length), ...of }
  const parts = [
    ...(kind === 'hum' || kind === 'clicking' ? [] : [rotor(make)]),
    ...WRONG[kind].map((of) => of(make)),
  ]
  const dry = Float32Array.from({ length }, (_, index) =>
    parts.reduce((sum, part) => sum + part(index / sampleRate), 0),
  )
  const heard = inRoom(dry, sampleRate, of.distanceM)
  const loudest = heard.reduce((top, sample) => Math.max(top, Math.abs(sample)), 1e-9)
  // As loud as it is near: at arm's length it fills the range.
  const share = (PEAK / loudest) * Math.min(1, USUAL.distanceM / of.distanceM) ** 0.5
  return heard.map((sample, index) => sample * share * fade(index / sampleRate, length / sampleRate))
}

interface Make extends Required<HeardAs> {
  rate: number
  random: () => number
}
type At = (seconds: number) => number
type Part = (make: Make) => At

const wave = (hz: number, t: number): number => Math.sin(2 * Math.PI * hz * t)

/** A turn is never quite as long as the one before: some parts in a thousand. */
const WANDER = 0.002

/** The beat of the blades with its harmonics, the swirl of the air, and the hum of a motor that pulls. */
const rotor: Part = (make) => {
  const { rpm, blades, lineHz, load } = make
  const beat = (rpm / 60) * blades
  const air = lowPass(make, 300 + 700 * load)
  return (t) => {
    const wandered = t + (WANDER / (2 * Math.PI * 0.7)) * wave(0.7, t)
    const blade = [1, 0.5, 0.3, 0.15].reduce(
      (sum, share, k) => sum + share * wave(beat * (k + 1), wandered),
      0,
    )
    return 0.1 * blade + (0.5 + load) * 0.5 * air() + 0.015 * (1 + load) * wave(2 * lineHz, t)
  }
}

const WRONG: Record<Audible | 'none', Part[]> = {
  none: [],
  hum: [
    ({ lineHz }) =>
      (t) =>
        [1, 0.45, 0.3, 0.12].reduce(
          (sum, share, index) => sum + share * wave(2 * lineHz * (index + 1), t),
          0,
        ),
  ],
  squeal: [
    ({ rpm }) => {
      let [phase, last] = [0, 0]
      return (t) => {
        // It sticks where the shaft lies heaviest, once a turn.
        phase += 2 * Math.PI * (2300 + 25 * wave(rpm / 60, t) + 70 * wave(1.1, t)) * (t - last)
        last = t
        return 0.45 * (Math.sin(phase) + 0.4 * Math.sin(2 * phase)) * (0.92 + 0.08 * wave(rpm / 60, t))
      }
    },
  ],
  // A flaw in the outer race: each ball that meets it makes its ring sound, some three times to a turn.
  grinding: [
    (make) =>
      knocks(make, {
        perSecond: bearingTones(make.bearing, make.rpm)['outer-race'],
        jitter: 0.02,
        keeps: 1,
        ringHz: 2100,
        dies: 0.004,
      }),
    (make) => {
      const rough = lowPass(make, 1800)
      return (t) => 0.25 * rough() * (0.6 + 0.4 * wave(make.rpm / 60, t))
    },
  ],
  rattle: [
    (make) => knocks(make, { perSecond: make.rpm / 120, jitter: 0.3, keeps: 0.55, ringHz: 1400, dies: 0.02 }),
  ],
  clicking: [(make) => knocks(make, { perSecond: 3, jitter: 0, keeps: 1, ringHz: 2600, dies: 0.006 })],
  roar: [
    (make) => {
      const air = lowPass(make, 900)
      return (t) => 2.2 * air() * (0.9 + 0.1 * wave(1.3, t))
    },
  ],
}

interface Blows {
  perSecond: number
  /** Of the time between two. */
  jitter: number
  /** How many of a hundred possible blows come, as a share. */
  keeps: number
  ringHz: number
  /** Seconds. */
  dies: number
}

/** Blows, each a ringing that dies away. */
function knocks({ random, rate, seconds }: Make, { perSecond, jitter, keeps, ringHz, dies }: Blows): At {
  const blows: { at: number; strength: number }[] = []
  for (let turn = 0; turn < perSecond * seconds; turn++)
    if (random() < keeps)
      blows.push({ at: (turn + jitter * (random() - 0.5)) / perSecond, strength: 0.7 + 0.3 * random() })
  let next = 0
  let ringing: { at: number; strength: number }[] = []
  const grain = 1 / rate
  return (t) => {
    for (let blow = blows[next]; blow && blow.at <= t; blow = blows[next]) {
      ringing = [...ringing.filter(({ at }) => t - at < 8 * dies), blow]
      next++
    }
    return ringing.reduce((sum, { at, strength }) => {
      const since = t - at
      return sum + strength * Math.exp(-since / dies) * wave(ringHz, since + grain)
    }, 0)
  }
}

/** White noise through a filter of one pole. */
function lowPass({ random, rate }: Make, cutHz: number): () => number {
  const share = 1 - Math.exp((-2 * Math.PI * cutHz) / rate)
  let value = 0
  return () => {
    value += share * (random() * 2 - 1 - value)
    return value
  }
}

const fade = (t: number, seconds: number): number =>
  Math.max(0, Math.min(1, t / FADE_SECONDS, (seconds - t) / FADE_SECONDS))
