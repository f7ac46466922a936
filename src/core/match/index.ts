export { type CapacitorMatchInput, type CapSpec, matchCapacitors } from './capacitor'
export { matchMotors } from './motor'
export { comparePower } from './power'
export * from './types'
