export { bypassOf, refusedBypass } from './bypass'
export { lineFromSentence, type SpokenLine } from './sentence'
export * from './types'
export { irreversible, wayBack } from './wayBack'
