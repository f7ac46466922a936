/** Stored instants as a person in one time zone reads them. */
export interface Clock {
  /** Clock time: 09:41; nothing for no instant. */
  clock: (at: string | null) => string
  /** Clock time within the last twenty hours, else the day: a point opened on another day has no hour worth reading. */
  clockOrDay: (at: string | null, now: number) => string
  day: (at: string) => string
  /** Clock time within the last twenty hours, else with its day: what was done days ago is not taken for today’s. */
  when: (at: string | null, now: number) => string
}

/** Longer ago than this an hour alone would be read as one of today. */
const OTHER_DAY_MS = 20 * 3_600_000

const clocks = new Map<string, Clock>()

/** @param zone an IANA name; the machine's own where empty or not known */
export function clockIn(zone: string): Clock {
  const known = clocks.get(zone) ?? made(zone)
  clocks.set(zone, known)
  return known
}

function made(zone: string): Clock {
  const time = format(zone, { hour: '2-digit', minute: '2-digit' })
  const date = format(zone, { day: 'numeric', month: 'short', year: 'numeric' })
  const shortDate = format(zone, { day: 'numeric', month: 'short' })
  const clock = (at: string | null) => (at ? shown(time, at) : '')
  return {
    clock,
    clockOrDay: (at, now) =>
      at !== null && now - Date.parse(at) >= OTHER_DAY_MS ? shown(shortDate, at) : clock(at),
    day: (at) => shown(date, at),
    when: (at, now) =>
      at !== null && now - Date.parse(at) >= OTHER_DAY_MS
        ? `${shown(shortDate, at)}, ${clock(at)}`
        : clock(at),
  }
}

/** An instant that cannot be read is said to be so: it never takes a page away. */
const shown = (format: Intl.DateTimeFormat, at: string): string => {
  const instant = new Date(at)
  return Number.isNaN(instant.getTime()) ? 'time not readable' : format.format(instant)
}

function format(zone: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  try {
    return new Intl.DateTimeFormat('en-GB', { ...options, ...(zone ? { timeZone: zone } : {}) })
  } catch {
    return new Intl.DateTimeFormat('en-GB', options)
  }
}
