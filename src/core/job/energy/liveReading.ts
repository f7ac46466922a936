import type { Energy } from './energy'

/**
 * The reading that stops a proof, as it is said: over-range has no number.
 *
 * @example liveReading({ pair: 'L–N', volts: 119 }) // '119 V at L–N'
 * @example liveReading({ pair: 'L–N', volts: null }) // 'over-range at L–N'
 */
export const liveReading = ({ pair, volts }: NonNullable<Energy['stop']>): string =>
  `${volts === null ? 'over-range' : `${volts} V`} at ${pair}`
