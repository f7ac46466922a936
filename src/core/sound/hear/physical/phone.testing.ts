import FFT from 'fft.js'
import { between } from '../../../plant/random'
import { highPass, lowPass, pink, ringsAt } from './filters.testing'

type Chance = () => number

/** A phone's microphone, its own gain, its noise, its ceiling, and in one of three a format that leaves out what nobody would hear. */
export function byPhone(
  sound: Float64Array,
  rate: number,
  normal: () => number,
  chance: Chance,
): Float32Array {
  const cut = highPass(between(chance, 60, 160), rate)
  const bright = ringsAt(between(chance, 5000, 9000), 1.2, rate)
  const top = lowPass(between(chance, 0.38, 0.47) * rate, rate)
  const lift = rate > 20_000 ? between(chance, 0, 0.8) : 0
  const heard = sound.map((value) => {
    const low = cut(value)
    return top(low + lift * bright(low))
  })
  const own = chance() < 0.5
  const loudness = 10 ** (between(chance, -34, -12) / 20)
  const hiss = pink(normal)
  const floor = 10 ** (between(chance, -75, -58) / 20)
  const gained = own ? gainOf(heard, rate, loudness) : heard.map((value) => value * loudness)
  const noisy = gained.map((value) => value + floor * hiss())
  const kept = chance() < 0.34 ? thinned(noisy, between(chance, 22, 34)) : noisy
  return Float32Array.from(kept, (value) => Math.round(Math.max(-1, Math.min(1, value)) * 32767) / 32767)
}

/** It turns itself down at once and up slowly, fourfold at the most. */
function gainOf(sound: Float64Array, rate: number, target: number): Float64Array {
  let follows = 1
  const [down, up] = [1 - Math.exp(-1 / (0.02 * rate)), 1 - Math.exp(-1 / (1.2 * rate))]
  return sound.map((value) => {
    const size = Math.abs(value) * 1.25
    follows += (size > follows ? down * 0.2 : up) * (size - follows)
    return (value * target) / Math.max(follows, 0.25)
  })
}

const PIECE = 1024
/** Thirds of an octave. */
const bandOf = (line: number) => Math.floor(3 * Math.log2(line + 1))

/** What lies far under the loudest of its surroundings is left out, as compressed formats do. */
function thinned(sound: Float64Array, underDb: number): Float64Array {
  const plan = new FFT(PIECE)
  const out = new Float64Array(sound.length)
  const window = Float64Array.from({ length: PIECE }, (_, i) => Math.sin((Math.PI * (i + 0.5)) / PIECE))
  const [lines, back] = [plan.createComplexArray(), plan.createComplexArray()]
  for (let from = -PIECE / 2; from < sound.length; from += PIECE / 2) {
    const piece = Array.from(window, (size, i) => size * (sound[from + i] ?? 0))
    plan.realTransform(lines, piece)
    plan.completeSpectrum(lines)
    const powerOf = (i: number) => (lines[2 * i] ?? 0) ** 2 + (lines[2 * i + 1] ?? 0) ** 2
    const loudest: number[] = []
    for (let i = 0; i <= PIECE / 2; i++) loudest[bandOf(i)] = Math.max(loudest[bandOf(i)] ?? 0, powerOf(i))
    for (let i = 0; i <= PIECE / 2; i++) {
      if (powerOf(i) > (loudest[bandOf(i)] ?? 0) * 10 ** (-underDb / 10)) continue
      for (const at of [i, (PIECE - i) % PIECE]) lines[2 * at] = lines[2 * at + 1] = 0
    }
    plan.inverseTransform(back, lines)
    for (let i = 0; i < PIECE; i++)
      if (from + i >= 0 && from + i < out.length)
        out[from + i] = (out[from + i] ?? 0) + (window[i] ?? 0) * (back[2 * i] ?? 0)
  }
  return out
}
