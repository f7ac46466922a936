/** Samples a second of what tests make. */
export const RATE = 16_000

export const made = (seconds: number, at: (t: number) => number, rate = RATE): Float32Array =>
  Float32Array.from({ length: Math.round(seconds * rate) }, (_, i) => at(i / rate))

/** A hiss that is the same each time, under everything. */
export const hiss = (size: number) => {
  let state = 7
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return size * (state / 2147483648 - 1)
  }
}
