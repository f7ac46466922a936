import type { ChargeRow } from '../rows'

/** A charge that nobody has read, or whose reading counts no more; `typed` where a part of it stands. */
export const unread = (charge: ChargeRow, typed = ''): ChargeRow => ({
  ...charge,
  typed,
  volts: null,
  readAt: null,
  dischargedAt: null,
})
