/** Recordings of machines that never were: what makes the noise, the room, what else is heard there, and the phone. */

import { between } from '../../plant/random'
import { seeded } from '../../random'
import type { BearingSizes } from './types'

export type Noise =
  | 'none'
  | 'hum'
  | 'squeal'
  | 'outer-race'
  | 'inner-race'
  | 'ball'
  | 'rough'
  | 'rattle'
  | 'clicking'
  | 'roar'
  | 'silence'
  | 'voice'

export interface Scene {
  noise: Noise
  seed: number
  seconds: number
  rate: number
  lineHz: 50 | 60
  rpm: number
  blades: number
  bearing: BearingSizes
  beside: ('voice' | 'radio' | 'wind' | 'other-machine' | 'knock')[]
  phone: { highPassHz: number; gainDrifts: boolean; floor: number; bits: 8 | 16 }
  /** Seconds until an echo has died away by 60 dB; 0 outdoors. */
  echo: number
  gain: number
}

type Chance = () => number

const oneOf = <T>(chance: Chance, list: readonly [T, ...T[]]): T =>
  list[Math.floor(chance() * list.length)] ?? list[0]
const normal = (chance: Chance): number =>
  Math.sqrt(-2 * Math.log(chance() + 1e-12)) * Math.cos(2 * Math.PI * chance())

/** Bearings as catalogues have them: 608, 6000, 6202, 6203, by balls, ball and pitch diameter. */
const BEARINGS: [BearingSizes, ...BearingSizes[]] = [
  { balls: 7, ballMm: 3.97, pitchMm: 15.1 },
  { balls: 7, ballMm: 4.76, pitchMm: 18.0 },
  { balls: 8, ballMm: 5.95, pitchMm: 25.0 },
  { balls: 8, ballMm: 6.75, pitchMm: 28.5 },
]

/** A scene drawn from what households and phones have. */
export function drawScene(noise: Noise, seed: number, change: Partial<Scene> = {}): Scene {
  const chance = seeded(seed * 7919 + 13)
  const lineHz = oneOf(chance, [50, 60] as const)
  const poles = oneOf(chance, [2, 4, 6, 8] as const)
  const synchronous = (120 * lineHz) / poles
  const others = (['voice', 'radio', 'wind', 'other-machine', 'knock'] as const).filter(() => chance() < 0.1)
  return {
    noise,
    seed,
    seconds: between(chance, 3, 9),
    rate: oneOf(chance, [8000, 16000, 22050, 44100, 48000] as const),
    lineHz,
    rpm: Math.min(3560, synchronous * between(chance, 0.86, 0.975)),
    blades: oneOf(chance, [3, 4, 5, 6, 7] as const),
    bearing: oneOf(chance, BEARINGS),
    beside: [...others],
    phone: {
      highPassHz: oneOf(chance, [20, 80, 100, 120] as const),
      gainDrifts: chance() < 0.4,
      floor: 10 ** between(chance, -4.2, -3.2),
      bits: chance() < 0.1 ? 8 : 16,
    },
    echo: chance() < 0.3 ? 0 : between(chance, 0.15, 0.9),
    gain: between(chance, 0.05, 0.5),
    ...change,
  }
}

/** Tones of a bearing at a speed, by its sizes: what the balls meet on each race, spin and cage. Hz. */
export function trueTones({ balls, ballMm, pitchMm, contactDegrees = 0 }: BearingSizes, rpm: number) {
  const turn = rpm / 60
  const ratio = (ballMm / pitchMm) * Math.cos((contactDegrees * Math.PI) / 180)
  return {
    'outer-race': (balls / 2) * turn * (1 - ratio),
    'inner-race': (balls / 2) * turn * (1 + ratio),
    ball: (pitchMm / ballMm) * turn * (1 - ratio ** 2),
    cage: (turn / 2) * (1 - ratio),
  }
}

/** The recording of a scene, mono, within ±1. */
export function record(scene: Scene): Float32Array {
  const chance = seeded(scene.seed)
  const length = Math.round(scene.seconds * scene.rate)
  const sound = new Float64Array(length)
  machineInto(sound, scene, chance)
  for (const other of scene.beside) besides[other](sound, scene, chance)
  return throughPhone(scene.echo > 0 ? inRoom(sound, scene, chance) : sound, scene, chance)
}

/** Angle of the shaft at each sample: its speed wanders by some thousandths. */
function shaft({ rpm, rate }: Scene, length: number, chance: Chance): Float64Array {
  const angle = new Float64Array(length)
  let [now, drift] = [chance() * 2 * Math.PI, 0]
  for (let i = 0; i < length; i++) {
    drift += -drift / (0.8 * rate) + (0.0025 / Math.sqrt(0.4 * rate)) * normal(chance)
    now += ((2 * Math.PI * rpm) / 60 / rate) * (1 + drift)
    angle[i] = now
  }
  return angle
}

function machineInto(sound: Float64Array, scene: Scene, chance: Chance): void {
  const { noise } = scene
  if (noise === 'silence') return
  if (noise === 'voice') {
    besides.voice(sound, scene, chance)
    return
  }
  const angle = shaft(scene, sound.length, chance)
  if (noise === 'hum') {
    humInto(sound, scene, chance, between(chance, 0.4, 1))
    airInto(sound, scene, chance, 0.01, null)
    return
  }
  const clicks = noise === 'clicking'
  if (!clicks || chance() < 0.4) {
    bladesInto(sound, scene, angle, chance, noise === 'roar' ? 0.08 : between(chance, 0.12, 0.4))
    airInto(
      sound,
      scene,
      chance,
      noise === 'roar' ? between(chance, 0.9, 1.6) : between(chance, 0.04, 0.2),
      angle,
    )
    humInto(sound, scene, chance, between(chance, 0.01, 0.08))
  }
  faults[noise]?.(sound, scene, angle, chance)
}

function humInto(sound: Float64Array, { lineHz, rate }: Scene, chance: Chance, level: number): void {
  const parts = Array.from({ length: 8 }, (_, k) => ({
    hz: 2 * lineHz * (k + 1),
    size: (level * between(chance, 0.3, 1)) / (k + 1) ** between(chance, 0.6, 1.4),
    phase: chance() * 6.283,
  }))
  for (let i = 0; i < sound.length; i++)
    for (const { hz, size, phase } of parts)
      if (hz < 0.45 * rate)
        sound[i] = (sound[i] ?? 0) + size * Math.sin((2 * Math.PI * hz * i) / rate + phase)
}

function bladesInto(
  sound: Float64Array,
  { blades }: Scene,
  angle: Float64Array,
  chance: Chance,
  level: number,
): void {
  const parts = Array.from({ length: 7 }, (_, k) => ({
    order: blades * (k + 1),
    size: (level * between(chance, 0.35, 1)) / (k + 1) ** between(chance, 0.7, 1.5),
    phase: chance() * 6.283,
  }))
  // One blade is a little bent: a line once a turn.
  parts.push({ order: 1, size: level * between(chance, 0.02, 0.25), phase: 0 })
  for (let i = 0; i < sound.length; i++)
    for (const { order, size, phase } of parts)
      sound[i] = (sound[i] ?? 0) + size * Math.sin(order * (angle[i] ?? 0) + phase)
}

/** Moving air: noise that falls with frequency, a little stronger as each blade passes. */
function airInto(
  sound: Float64Array,
  { blades, rate }: Scene,
  chance: Chance,
  level: number,
  angle: Float64Array | null,
): void {
  const beat = between(chance, 0.02, 0.3)
  const [low, mid] = [onePole(rate, between(chance, 150, 500)), onePole(rate, between(chance, 1500, 3500))]
  for (let i = 0; i < sound.length; i++) {
    const white = normal(chance)
    const shaped = 1.6 * low(white) + 0.7 * mid(white) + 0.06 * white
    const passes = angle ? 1 + beat * Math.cos(blades * (angle[i] ?? 0)) : 1
    sound[i] = (sound[i] ?? 0) + level * shaped * passes
  }
}

function onePole(rate: number, hz: number): (value: number) => number {
  const share = 1 - Math.exp((-2 * Math.PI * hz) / rate)
  let held = 0
  return (value) => {
    held += share * (value - held)
    return held
  }
}

type Into = (sound: Float64Array, scene: Scene, angle: Float64Array, chance: Chance) => void

/** One blow: a sheet or race that rings at its own frequencies and dies away. */
function strike(
  sound: Float64Array,
  at: number,
  size: number,
  rings: { hz: number; dies: number }[],
  rate: number,
): void {
  for (const { hz, dies } of rings) {
    if (hz > 0.47 * rate) continue
    const end = Math.min(sound.length, at + Math.round(dies * 7 * rate))
    for (let i = Math.max(0, at); i < end; i++) {
      const t = (i - at) / rate
      sound[i] = (sound[i] ?? 0) + size * Math.exp(-t / dies) * Math.sin(2 * Math.PI * hz * t)
    }
  }
}

const bearingFault =
  (kind: 'outer-race' | 'inner-race' | 'ball'): Into =>
  (sound, scene, angle, chance) => {
    const { rate, rpm, bearing } = scene
    const perTurn = trueTones(bearing, rpm)[kind] / (rpm / 60)
    const rings = Array.from({ length: 3 }, () => ({
      hz: between(chance, 1300, 0.42 * rate),
      dies: between(chance, 0.0006, 0.0025),
    }))
    const level = between(chance, 0.35, 1)
    let next = chance()
    for (let i = 0; i < sound.length; i++) {
      const turns = (angle[i] ?? 0) / (2 * Math.PI)
      if (turns * perTurn < next) continue
      // Balls slip: the next blow comes a hundredth sooner or later. A damaged inner race is loaded once a turn.
      next = turns * perTurn + 1 + 0.01 * normal(chance)
      const loaded =
        kind === 'outer-race'
          ? 1
          : 0.25 + 0.75 * Math.max(0, Math.cos(kind === 'ball' ? 0.38 * (angle[i] ?? 0) : (angle[i] ?? 0)))
      strike(sound, i, level * loaded * between(chance, 0.75, 1.25), rings, rate)
    }
  }

const faults: Partial<Record<Noise, Into>> = {
  'outer-race': bearingFault('outer-race'),
  'inner-race': bearingFault('inner-race'),
  ball: bearingFault('ball'),
  rough: (sound, { rate }, angle, chance) => {
    const noise = onePole(rate, between(chance, 1200, 3000))
    const level = between(chance, 1, 2.2)
    for (let i = 0; i < sound.length; i++) {
      const part = Math.max(0, Math.cos(angle[i] ?? 0)) ** 2
      sound[i] = (sound[i] ?? 0) + level * noise(normal(chance)) * (0.15 + 0.85 * part)
    }
  },
  squeal: (sound, { rate }, angle, chance) => {
    const [hz, wander] = [between(chance, 1100, Math.min(4600, 0.42 * rate)), between(chance, 0.004, 0.02)]
    const level = between(chance, 0.25, 0.9)
    const slow = between(chance, 0.7, 3)
    let phase = 0
    for (let i = 0; i < sound.length; i++) {
      const wavers =
        wander * Math.sin((2 * Math.PI * slow * i) / rate) + 0.4 * wander * Math.sin(angle[i] ?? 0)
      phase += ((2 * Math.PI * hz) / rate) * (1 + wavers)
      const swells = 0.7 + 0.3 * Math.sin((2 * Math.PI * 0.6 * slow * i) / rate)
      sound[i] = (sound[i] ?? 0) + level * swells * (Math.sin(phase) + 0.3 * Math.sin(2 * phase))
    }
  },
  rattle: (sound, { rate, rpm }, _, chance) => {
    const rings = Array.from({ length: 4 }, () => ({
      hz: between(chance, 400, 3200),
      dies: between(chance, 0.004, 0.02),
    }))
    const usual = 60 / rpm
    for (let at = 0; at < sound.length / rate; ) {
      if (chance() < 0.7) strike(sound, Math.round(at * rate), between(chance, 0.15, 1.3), rings, rate)
      at += usual * oneOf(chance, [0.5, 1, 1, 2, 3] as const) * between(chance, 0.6, 1.5)
      if (chance() < 0.06) at += between(chance, 0.2, 0.8)
    }
  },
  clicking: (sound, { rate }, _, chance) => {
    const rings = [
      { hz: between(chance, 1500, 3500), dies: between(chance, 0.001, 0.004) },
      { hz: between(chance, 700, 1500), dies: 0.003 },
    ]
    const period = 1 / between(chance, 0.9, 5.5)
    for (let at = chance() * period; at < sound.length / rate; at += period * between(chance, 0.985, 1.015))
      strike(sound, Math.round(at * rate), between(chance, 0.85, 1.1), rings, rate)
  },
}

type Beside = (sound: Float64Array, scene: Scene, chance: Chance) => void

const besides: Record<Scene['beside'][number], Beside> = {
  /** Glottal pulses through three formants, in syllables with pauses. */
  voice: (sound, { rate }, chance) => {
    let t = between(chance, 0, 0.5)
    while (t < sound.length / rate) {
      const [lasts, pitch] = [between(chance, 0.12, 0.32), between(chance, 95, 230)]
      const formants = [between(chance, 300, 800), between(chance, 900, 2200), between(chance, 2300, 3200)]
      const size = between(chance, 0.15, 0.5)
      for (let at = t, glide = pitch; at < t + lasts; at += 1 / glide, glide *= between(chance, 0.985, 1.01))
        strike(
          sound,
          Math.round(at * rate),
          size * Math.sin((Math.PI * (at - t)) / lasts),
          formants.map((hz, i) => ({ hz, dies: 0.004 / (i + 1) })),
          rate,
        )
      t += lasts + (chance() < 0.2 ? between(chance, 0.25, 0.9) : between(chance, 0.02, 0.12))
    }
  },
  /** A tune of held notes with their overtones. */
  radio: (sound, { rate }, chance) => {
    let t = 0
    while (t < sound.length / rate) {
      const lasts = between(chance, 0.2, 0.7)
      const note = 220 * 2 ** (Math.floor(between(chance, 0, 24)) / 12)
      const [from, to] = [Math.round(t * rate), Math.min(sound.length, Math.round((t + lasts) * rate))]
      for (let i = from; i < to; i++)
        for (let k = 1; k < 5; k++)
          if (note * k < 0.45 * rate)
            sound[i] =
              (sound[i] ?? 0) +
              (0.05 / k) * Math.sin((2 * Math.PI * note * k * i) / rate) * Math.exp((from - i) / rate / 0.5)
      t += lasts
    }
  },
  wind: (sound, { rate }, chance) => {
    const [rumble, gust] = [onePole(rate, 60), onePole(rate, 0.6)]
    for (let i = 0; i < sound.length; i++)
      sound[i] =
        (sound[i] ?? 0) + 2 * rumble(normal(chance)) * Math.min(3, Math.abs(gust(normal(chance)) * 60))
  },
  /** A refrigerator or a pump in the next room: its own hum and speed. */
  'other-machine': (sound, scene, chance) => {
    const rpm = between(chance, 1600, 3450)
    const other = shaft({ ...scene, rpm }, sound.length, chance)
    for (let i = 0; i < sound.length; i++)
      sound[i] = (sound[i] ?? 0) + 0.03 * Math.sin(other[i] ?? 0) + 0.02 * Math.sin(2 * (other[i] ?? 0) + 1)
  },
  knock: (sound, { rate }, chance) => {
    for (let n = 0; n < 2; n++)
      strike(
        sound,
        Math.floor(chance() * sound.length),
        between(chance, 0.5, 1.5),
        [{ hz: between(chance, 150, 900), dies: 0.02 }],
        rate,
      )
  },
}

/** Walls: some early echoes, and a tail of noise that dies away. */
function inRoom(dry: Float64Array, { echo, rate }: Scene, chance: Chance): Float64Array {
  const taps = Array.from({ length: 60 }, () => {
    const late = between(chance, 0.004, Math.min(0.35, echo))
    return { at: Math.round(late * rate), size: normal(chance) * 0.25 * 10 ** ((-3 * late) / echo) }
  })
  const wet = Float64Array.from(dry)
  for (const { at, size } of taps)
    for (let i = at; i < wet.length; i++) wet[i] = (wet[i] ?? 0) + size * (dry[i - at] ?? 0)
  return wet
}

/** The phone: no lows, its own noise, a gain that follows the level, a ceiling, steps. */
function throughPhone(sound: Float64Array, { phone, rate, gain }: Scene, chance: Chance): Float32Array {
  const [one, two] = [onePole(rate, phone.highPassHz), onePole(rate, phone.highPassHz)]
  const level = onePole(rate, 0.8)
  const steps = phone.bits === 8 ? 127 : 32767
  return Float32Array.from(sound, (value) => {
    const first = value - one(value)
    const high = first - two(first)
    const loud = Math.sqrt(Math.max(1e-8, level(high * high)))
    const drifts = phone.gainDrifts ? (0.3 / (0.1 + loud)) ** 0.5 : 1
    const out = gain * high * drifts + phone.floor * normal(chance)
    return Math.round(Math.max(-1, Math.min(1, out)) * steps) / steps
  })
}
