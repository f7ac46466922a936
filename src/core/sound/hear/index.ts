export { bearingTones } from './bearing'
export { compareHeard, type HeardChange } from './compareHeard'
export { hear } from './hear'
export { keptOf, storedHeard } from './kept'
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
