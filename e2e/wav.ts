import { wavBytes } from '../scripts/wav.testing'

/** Samples as a file that a page is given. */
export const wav = (name: string, samples: Float32Array, rate = 44_100) => ({
  name,
  mimeType: 'audio/wav',
  buffer: wavBytes(samples, rate),
})
