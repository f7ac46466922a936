import { analyseSound, type SoundAnalysis } from '@/core/sound/analyse'
import { type Heard, type HeardOf, hear } from '@/core/sound/hear'
import { saidSuggestions } from '@/wording/sayHeard'
import { powerSpectrum } from './power'
import { transform } from './transform'

export interface ToListener {
  samples: Float32Array
  rate: number
  /** What is known of the machine that is heard. */
  of: HeardOf
}

/** What was heard, and what it may be as questions; null where it is silent or too short. */
export interface FromListener {
  analysis: SoundAnalysis
  heard: Heard
  questions: ReturnType<typeof saidSuggestions>
}

/** Level, spectrum and what they may mean, off the page's thread. */
self.onmessage = ({ data: { samples, rate, of } }: MessageEvent<ToListener>) => {
  const analysis = analyseSound(samples, rate, powerSpectrum)
  const answer = (): FromListener | null => {
    if (!analysis) return null
    const heard = hear({ samples, rate }, of, transform)
    return { analysis, heard, questions: saidSuggestions(heard) }
  }
  self.postMessage(answer())
}
