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

/** While it listens, how much is done; then what it heard, null where the recording is silent or too short. */
export type FromListener = { share: number } | { found: SoundAnalysis | null }

const tell = (message: FromListener): void => self.postMessage(message)

/** The first part of the work is the spectrum that is kept. */
const SPECTRUM = 0.1

/** Level, spectrum and what they may mean, off the page's thread. */
self.onmessage = ({ data: { samples, rate, of } }: MessageEvent<ToListener>) => {
  const found = analyseSound(samples, rate, powerSpectrum)
  tell({ share: SPECTRUM })
  const heard = () =>
    keptOf(
      hear({ samples, rate }, of, transform, (share) => tell({ share: SPECTRUM + (1 - SPECTRUM) * share })),
    )
  tell({ found: found && { ...found, heard: heard() } })
}
