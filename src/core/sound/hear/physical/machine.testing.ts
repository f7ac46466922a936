import { between } from '../../../plant/random'
import type { BearingSizes } from '../types'
import { type Filter, highPass, lowPass, pink, ringsAt, rms, together } from './filters.testing'

type Chance = () => number

export interface Running {
  rate: number
  length: number
  lineHz: number
  rpm: number
  blades: number
  bearing: BearingSizes
  chance: Chance
  normal: () => number
}

const TURN = 2 * Math.PI

/** Turns of the shaft at each sample: load and voltage let it wander slowly by parts in a thousand. */
export function turnsOf({ rate, length, rpm, chance, normal }: Running): Float64Array {
  const wanders = lowPass(between(chance, 0.2, 1.5), rate)
  const size = between(chance, 0.0005, 0.004)
  let turns = chance()
  let spread = 1
  return Float64Array.from({ length }, (_, i) => {
    const slow = wanders(normal())
    spread += (slow * slow - spread) * Math.max(1 / (i + 1), 1 / rate)
    turns += (rpm / 60 / rate) * (1 + (size * slow) / Math.sqrt(Math.max(spread, 1e-9)))
    return turns
  })
}

/**
 * Blades that pass an edge: each pushes the air as it comes and draws as it goes; no two are alike or quite evenly set. With
 * the air they move, through a housing that rings a little.
 */
export function air(running: Running, turns: Float64Array, rough: number): Float64Array {
  const { rate, blades, chance, normal } = running
  const each = Array.from({ length: blades }, (_, k) => ({
    at: (k + between(chance, -0.02, 0.02)) / blades,
    size: between(chance, 0.8, 1.2),
  }))
  const width = between(chance, 0.06, 0.2) / blades
  const hiss = pink(normal)
  const housing = together([
    [ringsAt(between(chance, 120, 350), between(chance, 1, 3), rate), between(chance, 0.3, 1.2)],
    [ringsAt(between(chance, 400, 1100), between(chance, 1, 4), rate), between(chance, 0.3, 1)],
    [lowPass(between(chance, 1500, 5000), rate), 0.5],
  ])
  const swells = between(chance, 0.05, 0.35)
  const beats = new Float64Array(turns.length)
  const noise = new Float64Array(turns.length)
  turns.forEach((turn, i) => {
    let push = 0
    let nearest = 1
    for (const { at, size } of each) {
      const off = turn + at - Math.round(turn + at)
      const x = off / width
      if (Math.abs(x) < 4) push -= size * x * Math.exp(0.5 - (x * x) / 2)
      nearest = Math.min(nearest, Math.abs(off))
    }
    beats[i] = push
    noise[i] = housing(hiss()) * (1 + swells * Math.cos(TURN * blades * nearest))
  })
  const [beat, rush] = [rms(beats), rms(noise)]
  return beats.map((push, i) => push / beat + (rough * (noise[i] ?? 0)) / rush)
}

/** Iron that is pulled twice a period, harder than it can follow, on a frame that rings. */
export function hums({ rate, length, lineHz, chance, normal }: Running): Float64Array {
  const full = between(chance, 0.5, 1)
  const frame = together([
    [(value) => value, 1],
    [ringsAt(between(chance, 250, 500), 4, rate), between(chance, 0, 3)],
    [ringsAt(between(chance, 550, 1000), 6, rate), between(chance, 0, 3)],
  ])
  const bias = between(chance, 0, 0.15)
  const mains = lineHz * between(chance, 0.9995, 1.0005)
  const from = chance()
  return Float64Array.from({ length }, (_, i) => {
    const flux = bias + Math.sin(TURN * ((mains * i) / rate + from))
    return frame(Math.tanh((flux * flux - 0.5) / full)) + 0.01 * normal()
  })
}

const modes = (
  rate: number,
  chance: Chance,
  count: number,
  low: number,
  high: number,
  q: [number, number],
): Filter =>
  together(
    Array.from({ length: count }, () => [
      ringsAt(between(chance, low, Math.min(high, 0.45 * rate)), between(chance, ...q), rate),
      between(chance, 0.4, 1),
    ]),
  )

/** A pit on one race or ball: two edges that each ball meets, harder where the load lies, through what the bearing sits in. */
export function pitted(
  running: Running,
  turns: Float64Array,
  where: 'outer-race' | 'inner-race' | 'ball',
): Float64Array {
  const { rate, bearing, chance, normal } = running
  const { balls, ballMm, pitchMm } = bearing
  const ratio = ballMm / pitchMm
  // Of the cage, per turn of the shaft; it slips a little.
  const cage = ((1 - ratio) / 2) * between(chance, 0.994, 1.0)
  const rings = modes(rate, chance, 4, 900, 6000, [6, 22])
  const spins = ((1 - ratio ** 2) / (2 * ratio)) * (cage / ((1 - ratio) / 2))
  const edges = between(chance, 0.03, 0.12)
  const slips = lowPass(2, rate)
  const out = new Float64Array(turns.length)
  let last = [Number.NaN, Number.NaN]
  turns.forEach((turn, i) => {
    const slip = 0.02 * slips(normal())
    const passes =
      where === 'outer-race'
        ? balls * (cage * turn + slip)
        : where === 'inner-race'
          ? balls * (turn - cage * turn - slip)
          : 2 * spins * turn + slip
    const load =
      where === 'outer-race'
        ? 1
        : Math.max(0.1, Math.cos(TURN * (where === 'inner-race' ? turn : cage * turn)) * 0.6 + 0.5)
    let blow = 0
    const now = [Math.floor(passes), Math.floor(passes - edges)]
    now.forEach((count, edge) => {
      if (count > (last[edge] ?? count)) blow += (edge === 0 ? 1 : -0.6) * load * between(chance, 0.6, 1.4)
    })
    last = now
    out[i] = rings(blow)
  })
  return out
}

/** Dry or rusted balls: countless small blows, more of them where the load lies, once a turn. */
export function dry({ rate, chance }: Running, turns: Float64Array): Float64Array {
  const rings = modes(rate, chance, 5, 700, 4500, [2, 8])
  const [often, swing] = [between(chance, 900, 3500), between(chance, 0.5, 0.95)]
  return turns.map((turn) => {
    const now = (often / rate) * (1 + swing * Math.cos(TURN * turn))
    return rings(chance() < now ? between(chance, -1, 1) * (chance() < 0.1 ? 2 : 1) : 0)
  })
}

/** A dry sleeve that sticks and slips: its own tone, which the turn of the shaft bends, and which comes and goes with it. */
export function squeals({ rate, chance, normal }: Running, turns: Float64Array): Float64Array {
  const hz = between(chance, 900, Math.min(4200, 0.35 * rate))
  const bends = between(chance, 0.002, 0.012)
  const grips = between(chance, 0.1, 0.7)
  const drift = lowPass(0.8, rate)
  let phase = 0
  return turns.map((turn) => {
    const slow = drift(normal()) * Math.sqrt(rate) * 0.004
    phase += (hz / rate) * (1 + bends * Math.sin(TURN * turn) + slow)
    const wave = (phase % 1) * 2 - 1
    // Sticks for most of the period, slips for the rest.
    return (
      (1 - grips * (0.5 + 0.5 * Math.cos(TURN * turn))) *
      (Math.sin(Math.PI * wave) + 0.35 * Math.sin(2 * Math.PI * wave))
    )
  })
}

/** A loose sheet on a frame that shakes with the shaft: it flies, falls, and bounces, no two blows alike (a bouncing ball on a moving table). */
export function rattles({ rate, rpm, chance }: Running, turns: Float64Array): Float64Array {
  const sheet = modes(rate, chance, 6, 250, 3000, [15, 60])
  const shake = rpm / 60
  const [bounce, heavy] = [between(chance, 0.3, 0.6), between(chance, 6, 14)]
  const dt = 1 / rate
  // Heights in units of the shake; it falls as far in half a turn or a few.
  const fall = heavy * shake * shake
  let [height, speed] = [1, 0]
  return turns.map((turn) => {
    const [table, rises] = [Math.sin(TURN * turn), TURN * shake * Math.cos(TURN * turn)]
    speed -= fall * dt
    height += speed * dt
    let blow = 0
    if (height < table && speed < rises) {
      blow = rises - speed
      height = table
      speed = rises + bounce * (rises - speed) * between(chance, 0.7, 1.3)
    }
    return sheet(blow / (TURN * shake))
  })
}

/** A relay that drops in and out, or a wire that a slow wheel touches: even, each with a small second blow. */
export function clicks({ rate, length, chance }: Running): Float64Array {
  const body = modes(rate, chance, 4, 800, 5000, [5, 25])
  const every = between(chance, 0.2, 1.1)
  const second = between(chance, 0.004, 0.02)
  const blows = new Float64Array(length)
  for (let at = chance() * every; at < length / rate; at += every * between(chance, 0.98, 1.02)) {
    const size = between(chance, 0.8, 1.2)
    for (const [late, share] of [
      [0, 1],
      [second, 0.4],
    ] as const) {
      const place = Math.round((at + late) * rate)
      if (place < length) blows[place] = size * share
    }
  }
  return blows.map(body)
}

/** Words: a throat that is opened and closed, through a mouth that moves. */
export function speaks({ rate, length, chance, normal }: Running): Float64Array {
  const pitch = between(chance, 90, 240)
  let [syllable, phase, open] = [0, 0, 0]
  let mouth = modes(rate, chance, 3, 300, 3000, [4, 9])
  const breath = highPass(2500, rate)
  return Float64Array.from({ length }, (_, i) => {
    if (i >= syllable) {
      open = chance() < 0.75 ? between(chance, 0.4, 1) : 0
      syllable = i + Math.round(between(chance, 0.08, 0.35) * rate)
      mouth = modes(rate, chance, 3, 300, 3000, [4, 9])
    }
    phase += (pitch * (1 + 0.1 * Math.sin((TURN * 1.3 * i) / rate))) / rate
    return open * (mouth(phase % 1 < 0.1 ? 1 : -0.11) + 0.02 * breath(normal()))
  })
}
