/**
 * A second world of recordings, built from what makes the noise (edges that balls meet, a sheet that bounces, iron that is
 * pulled) and from other rooms and phones than `recordings.testing.ts`. Nothing of the recogniser was set on it before it was
 * counted.
 */
import { between, weighted } from '../../../plant/random'
import { seeded } from '../../../random'
import type { Noise } from '../recordings.testing'
import type { BearingSizes } from '../types'
import { ringsAt, rms } from './filters.testing'
import {
  air,
  clicks,
  dry,
  hums,
  pitted,
  type Running,
  rattles,
  speaks,
  squeals,
  turnsOf,
} from './machine.testing'
import { byPhone } from './phone.testing'
import { inBox } from './room.testing'

export interface PhysicalScene extends Running {
  noise: Noise
  /** By how much what is wrong is louder than the rest. dB */
  standsOutDb: number
  outdoors: boolean
  beside: ('voice' | 'other-machine' | 'door')[]
}

/** Speeds as plates of fans print them, by mains. */
const PLATES = { 60: [3450, 3000, 1650, 1550, 1100, 1075, 825], 50: [2800, 2500, 1400, 1350, 900, 850, 680] }

const BEARINGS: readonly (readonly [BearingSizes, number])[] = [
  [{ balls: 7, ballMm: 3.97, pitchMm: 15 }, 3],
  [{ balls: 8, ballMm: 5.95, pitchMm: 25 }, 3],
  [{ balls: 8, ballMm: 6.75, pitchMm: 28.5 }, 3],
  [{ balls: 9, ballMm: 7.94, pitchMm: 38.5 }, 2],
  [{ balls: 6, ballMm: 3.5, pitchMm: 12.5 }, 1],
]

export function physicalScene(noise: Noise, seed: number): PhysicalScene {
  const chance = seeded(seed * 104_729 + 77)
  const lineHz = chance() < 0.5 ? 50 : 60
  const plate = weighted(
    chance,
    PLATES[lineHz].map((rpm) => [rpm, 1] as const),
  )
  const rate = weighted(chance, [
    [44_100, 4],
    [48_000, 4],
    [16_000, 1],
    [8000, 1],
  ])
  const others = (['voice', 'other-machine', 'door'] as const).filter(() => chance() < 0.12)
  return {
    noise,
    chance,
    normal: () => Math.sqrt(-2 * Math.log(chance() + 1e-12)) * Math.cos(2 * Math.PI * chance()),
    rate,
    length: Math.round(between(chance, 3, 8) * rate),
    lineHz,
    rpm: plate * between(chance, 0.95, 1.02),
    blades: weighted(chance, [
      [3, 2],
      [4, 2],
      [5, 3],
      [6, 1],
      [7, 1],
      [9, 1],
    ]),
    bearing: weighted(chance, BEARINGS),
    standsOutDb: between(chance, -3, 12),
    outdoors: chance() < 0.25,
    beside: others,
  }
}

/** The recording of such a scene, mono, within ±1. */
export function physicalRecording(scene: PhysicalScene): Float32Array {
  const { chance, rate, normal } = scene
  const sound = machineOf(scene)
  for (const other of scene.beside) addTo(sound, besides[other](scene), between(chance, -14, -4))
  return byPhone(scene.outdoors ? sound : inBox(sound, rate, chance), rate, normal, chance)
}

function machineOf(scene: PhysicalScene): Float64Array {
  const { noise, chance } = scene
  if (noise === 'silence') return new Float64Array(scene.length).map(() => 1e-9)
  if (noise === 'voice') return speaks(scene)
  const turns = turnsOf(scene)
  if (noise === 'hum') return unit(hums(scene))
  if (noise === 'clicking' && chance() < 0.5) return unit(clicks(scene))
  const sound = unit(air(scene, turns, noise === 'roar' ? between(chance, 3, 8) : between(chance, 0.3, 1.1)))
  addTo(sound, hums(scene), between(chance, -30, -12))
  const fault = faultOf(scene, turns)
  if (fault) addTo(sound, fault, scene.standsOutDb)
  return sound
}

function faultOf(scene: PhysicalScene, turns: Float64Array): Float64Array | null {
  switch (scene.noise) {
    case 'outer-race':
    case 'inner-race':
    case 'ball':
      return pitted(scene, turns, scene.noise)
    case 'rough':
      return dry(scene, turns)
    case 'squeal':
      return squeals(scene, turns)
    case 'rattle':
      return rattles(scene, turns)
    case 'clicking':
      return clicks(scene)
    default:
      return null
  }
}

const besides: Record<PhysicalScene['beside'][number], (scene: PhysicalScene) => Float64Array> = {
  voice: speaks,
  'other-machine': (scene) => hums({ ...scene, lineHz: scene.lineHz }),
  door: ({ length, rate, chance, normal }) => {
    const shuts = ringsAt(between(chance, 90, 300), 3, rate)
    const at = chance() * length
    return Float64Array.from({ length }, (_, i) => shuts(i > at && i < at + 0.01 * rate ? normal() : 0))
  },
}

function unit(sound: Float64Array): Float64Array {
  const size = rms(sound)
  return sound.map((value) => value / size)
}

function addTo(sound: Float64Array, other: Float64Array, db: number): void {
  const gain = 10 ** (db / 20) / rms(other)
  for (let i = 0; i < sound.length; i++) sound[i] = (sound[i] ?? 0) + gain * (other[i] ?? 0)
}
