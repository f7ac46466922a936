const formats = new Map<string, Intl.DateTimeFormat>()

/** Sweden writes its days as the file does. Made once for each zone: making one takes longer than using it a hundred times. */
function formatOf(zone: string): Intl.DateTimeFormat {
  const known = formats.get(zone)
  if (known) return known
  const options = { year: 'numeric', month: '2-digit', day: '2-digit' } as const
  let format: Intl.DateTimeFormat
  try {
    format = new Intl.DateTimeFormat('sv-SE', { ...options, ...(zone ? { timeZone: zone } : {}) })
  } catch {
    format = new Intl.DateTimeFormat('sv-SE', options)
  }
  if (formats.size < MOST) formats.set(zone, format)
  return format
}

/** More zones than there are: a browser may say anything. */
const MOST = 500

/**
 * The calendar day of an instant in a time zone, by the system's own zone where that one is not known.
 *
 * @param now milliseconds since the epoch
 * @param zone an IANA name, as a browser tells it
 * @returns YYYY-MM-DD; nothing for no instant
 * @example dayIn(Date.parse('2026-03-01T23:30:00Z'), 'Pacific/Auckland') // '2026-03-02'
 */
export const dayIn = (now: number, zone: string | undefined): string =>
  Number.isNaN(now) ? '' : formatOf(zone ?? '').format(now)
