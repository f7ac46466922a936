import { analyseSound, type SoundAnalysis } from '@/core/sound/analyse'
import { type HeardOf, hear, keptOf } from '@/core/sound/hear'
import { powerSpectrum } from './power'
import { transform } from './transform'

export interface ToListener {
  samples: Float32Array
  rate: number
  /** What is known of the machine that is heard. */
  of: HeardOf
}

/** Level, spectrum and what they may mean, off the page's thread; null where it is silent or too short. */
self.onmessage = ({ data: { samples, rate, of } }: MessageEvent<ToListener>) => {
  const found = analyseSound(samples, rate, powerSpectrum)
  const answer: SoundAnalysis | null = found && {
    ...found,
    heard: keptOf(hear({ samples, rate }, of, transform)),
  }
  self.postMessage(answer)
}
