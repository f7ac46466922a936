export { bypassOf, refusedBypass } from './bypass'
export type { SpokenLine } from './spokenLine'
export * from './types'
export { irreversible, wayBack } from './wayBack'
