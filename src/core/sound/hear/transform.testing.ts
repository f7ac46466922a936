import FFT from 'fft.js'
import type { Transform } from './types'

/** The transform of the library, for tests and the bench: the core itself is given it. */
export const transform: Transform = (size) => {
  const plan = new FFT(size)
  const out = plan.createComplexArray()
  return (piece) => {
    plan.realTransform(out, piece)
    const power = new Float64Array(size / 2)
    for (let i = 0; i < power.length; i++) {
      const [real, imaginary] = [out[2 * i] ?? 0, out[2 * i + 1] ?? 0]
      power[i] = real * real + imaginary * imaginary
    }
    return power
  }
}
