import FFT from 'fft.js'
import type { Transform } from './types'

/** The transform of the library, for tests and the bench: the core itself is given it. */
export const transform: Transform = (size) => {
  const plan = new FFT(size)
  const out = plan.createComplexArray()
  return (piece) => {
    plan.realTransform(out, piece)
    return Float64Array.from(
      { length: size / 2 },
      (_, i) => (out[2 * i] ?? 0) ** 2 + (out[2 * i + 1] ?? 0) ** 2,
    )
  }
}
