export * from './judge'
export { defaultOhmMeter, ohmUncertainty, resistanceAt, resolutionAt, temperatureFromRise } from './meter'
export * from './types'
export { windingVerdictWords } from './verdictWords'
