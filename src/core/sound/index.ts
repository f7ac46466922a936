/** What is heard, as in the vocabulary's `sound`, as far as it can be made. */
export const audible = ['hum', 'squeal', 'grinding', 'rattle', 'clicking', 'roar'] as const
export type Audible = (typeof audible)[number]

export const isAudible = (value: string): value is Audible => (audible as readonly string[]).includes(value)

const FADE_SECONDS = 0.03
const PEAK = 0.6

/**
 * A short made-up sound to compare by ear, mono, within ±1. The recipes follow what makes each noise: a stalled motor
 * hums at twice the line frequency; a dry sleeve squeals at a few kilohertz and wavers once a turn; a rough bearing is
 * noise in the beat of its balls; a loose wheel knocks once or twice a turn; air roars as broad noise.
 * @param sampleRate in Hz
 * @param lineHz 60 or 50
 */
export function makeSound(kind: Audible, sampleRate: number, seconds = 1.6, lineHz = 60): Float32Array {
  const length = Math.max(1, Math.round(sampleRate * seconds))
  const at = recipes[kind](sampleRate, lineHz)
  const samples = Float32Array.from({ length }, (_, index) => at(index / sampleRate))
  const loudest = samples.reduce((top, sample) => Math.max(top, Math.abs(sample)), 1e-9)
  return samples.map(
    (sample, index) => (sample / loudest) * PEAK * fade(index / sampleRate, length / sampleRate),
  )
}

type At = (seconds: number) => number

/** Turns a second of a small fan motor of six poles at 60 Hz, slip included. */
const TURNS = 18

const recipes: Record<Audible, (sampleRate: number, lineHz: number) => At> = {
  hum: (_, lineHz) => (t) =>
    [1, 0.45, 0.3, 0.12].reduce((sum, share, index) => sum + share * wave(2 * lineHz * (index + 1), t), 0),
  squeal: () => {
    let phase = 0
    let last = 0
    return (t) => {
      phase += 2 * Math.PI * (2300 + 160 * wave(5.5, t)) * (t - last)
      last = t
      return (Math.sin(phase) + 0.4 * Math.sin(2 * phase)) * (0.75 + 0.25 * wave(TURNS, t))
    }
  },
  grinding: (sampleRate) => {
    const noise = lowPass(sampleRate, 900)
    return (t) => noise() * (0.55 + 0.45 * wave(TURNS * 3.6, t)) + 0.12 * wave(TURNS, t)
  },
  rattle: (sampleRate) => knocks(sampleRate, (turn) => (turn % 3 === 2 ? 0.4 : 1), TURNS / 2, 1400, 0.02),
  clicking: (sampleRate) => knocks(sampleRate, () => 1, 3, 2600, 0.006),
  roar: (sampleRate) => {
    const noise = lowPass(sampleRate, 420)
    return (t) => noise() * (0.9 + 0.1 * wave(2, t))
  },
}

const wave = (hz: number, t: number): number => Math.sin(2 * Math.PI * hz * t)

/** Blows of a given strength at a steady rate, each a ringing that dies away. */
function knocks(
  sampleRate: number,
  strength: (turn: number) => number,
  perSecond: number,
  ringHz: number,
  dies: number,
): At {
  const noise = lowPass(sampleRate, 3000)
  return (t) => {
    const turn = Math.floor(t * perSecond)
    const since = t - turn / perSecond
    return strength(turn) * Math.exp(-since / dies) * (wave(ringHz, since) + 0.5 * noise())
  }
}

/** White noise through a filter of one pole; the same noise each time. */
function lowPass(sampleRate: number, cutHz: number): () => number {
  const share = 1 - Math.exp((-2 * Math.PI * cutHz) / sampleRate)
  let state = 1
  let value = 0
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    value += share * ((state / 4294967296) * 2 - 1 - value)
    return value
  }
}

const fade = (t: number, seconds: number): number =>
  Math.max(0, Math.min(1, t / FADE_SECONDS, (seconds - t) / FADE_SECONDS))
