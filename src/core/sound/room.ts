/** Delays of the four walls, seconds: no two in a ratio of small numbers, after Schroeder's reverberator of 1962. */
const WALLS = [0.0297, 0.0371, 0.0411, 0.0437]
/** A furnished room forgets a sound in about this time (60 dB). Seconds. */
const RINGS = 0.35
/** At a metre so much of what is heard has met a wall; in the hand next to nothing has. */
const WET_AT_A_METRE = 0.25
/** Air and a doorway leave the high tones behind: what is left at a metre, Hz. */
const CUT_AT_A_METRE = 9000

/**
 * A sound as it is heard in a room so far from it: duller, and mixed with what the walls give back.
 *
 * @param dry mono, as it leaves the machine
 * @param distanceM metres
 */
export function inRoom(dry: Float32Array, rate: number, distanceM: number): Float32Array {
  const far = Math.max(0.1, distanceM)
  const wet = (WET_AT_A_METRE * far) / (1 - WET_AT_A_METRE + WET_AT_A_METRE * far)
  const dulled = lowPassed(dry, rate, CUT_AT_A_METRE / far ** 0.7)
  const walls = WALLS.map((seconds) =>
    comb(dulled, Math.round(seconds * rate), 10 ** ((-3 * seconds) / RINGS)),
  )
  return dulled.map(
    (sample, i) => (1 - wet) * sample + (wet * walls.reduce((sum, wall) => sum + (wall[i] ?? 0), 0)) / 2,
  )
}

/** What comes back, and comes back again, each time by so much fainter. */
function comb(samples: Float32Array, delay: number, left: number): Float32Array {
  const out = new Float32Array(samples.length)
  for (let i = delay; i < out.length; i++) out[i] = left * ((samples[i - delay] ?? 0) + (out[i - delay] ?? 0))
  return out
}

function lowPassed(samples: Float32Array, rate: number, cutHz: number): Float32Array {
  const share = 1 - Math.exp((-2 * Math.PI * Math.min(cutHz, rate / 2)) / rate)
  let value = 0
  return samples.map((sample) => {
    value += share * (sample - value)
    return value
  })
}
