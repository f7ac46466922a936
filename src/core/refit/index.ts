export * from './types'
export { irreversible, wayBack } from './wayBack'
