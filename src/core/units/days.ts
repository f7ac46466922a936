/**
 * The calendar day of an instant in a time zone, by the system's own zone where that one is not known.
 *
 * @param now milliseconds since the epoch
 * @param zone an IANA name, as a browser tells it
 * @returns YYYY-MM-DD; nothing for no instant
 * @example dayIn(Date.parse('2026-03-01T23:30:00Z'), 'Pacific/Auckland') // '2026-03-02'
 */
export function dayIn(now: number, zone: string | undefined): string {
  if (Number.isNaN(now)) return ''
  const format = (timeZone?: string) =>
    // Sweden writes its days as the file does.
    new Intl.DateTimeFormat('sv-SE', { year: 'numeric', month: '2-digit', day: '2-digit', timeZone }).format(
      now,
    )
  try {
    return format(zone)
  } catch {
    return format()
  }
}
