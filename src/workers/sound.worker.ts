import { analyseSound, type SoundAnalysis } from '@/core/sound/analyse'
import { powerSpectrum } from './power'

export interface ToListener {
  samples: Float32Array
  rate: number
}

/** Level and spectrum of a recording, off the page's thread. */
self.onmessage = ({ data: { samples, rate } }: MessageEvent<ToListener>) => {
  const found: SoundAnalysis | null = analyseSound(samples, rate, powerSpectrum)
  self.postMessage(found)
}
