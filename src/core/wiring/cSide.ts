import type { WiringInput } from './types'

/** A dual capacitor with a compressor on it, and nobody has said on which leg its C sits: no wire may be added. */
export const cSideUnknown = ({ capacitor }: WiringInput): boolean =>
  capacitor.kind === 'dual' && capacitor.hermUf !== undefined && capacitor.commonTiedTo === undefined
