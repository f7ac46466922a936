import FFT from 'fft.js'
import type { Transform } from '@/core/sound/hear'

/** The library's real transform, one plan for each size. */
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
