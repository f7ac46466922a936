export { bearingTones } from './bearing'
export { changeOf, type HeardChange, type SoundChange, type ToldBeat } from './change'
export { heardFromPeaks } from './fromPeaks'
export { hear } from './hear'
export { keptOf, storedHeard } from './kept'
export { LIKELY, surenessOf } from './measured'
export type {
  BearingSizes,
  EnvelopeKind,
  EnvelopeLine,
  Heard,
  HeardOf,
  HeardSpeed,
  HeardTone,
  Samples,
  Suggested,
  Suggestion,
  ToneKind,
  Transform,
} from './types'
