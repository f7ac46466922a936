import FFT from 'fft.js'
import { type PowerSpectrum, SIZE } from '@/core/sound/analyse'

const transform = new FFT(SIZE)

/** The power of each line of a windowed piece, by the library's real transform. */
export const powerSpectrum: PowerSpectrum = (samples) => {
  const out = transform.createComplexArray()
  transform.realTransform(out, samples)
  return Float64Array.from(
    { length: SIZE / 2 },
    (_, line) => (out[2 * line] ?? 0) ** 2 + (out[2 * line + 1] ?? 0) ** 2,
  )
}
