/** The platform's own formats serve here: a date library would weigh more than the page's readings do. */
const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })
const date = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
const relative = new Intl.RelativeTimeFormat('en', { numeric: 'auto' })

/** Local clock time of a stored instant: 09:41. */
export const clock = (at: string | null): string => (at ? time.format(new Date(at)) : '')

const shortDate = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' })

/** Clock time of an instant within the last twenty hours, else its day: a point opened on another day has no hour worth reading. */
export const clockOrDay = (at: string | null, now: number): string =>
  at === null ? '' : now - Date.parse(at) < 20 * 3_600_000 ? clock(at) : shortDate.format(new Date(at))

export const day = (at: string): string => date.format(new Date(at))

const STEPS: [Intl.RelativeTimeFormatUnit, number][] = [
  ['year', 365 * 86_400],
  ['month', 30 * 86_400],
  ['day', 86_400],
  ['hour', 3600],
  ['minute', 60],
]

/** How long ago, in the largest whole unit: 23 hours ago, yesterday. */
export function ago(at: string, now: number): string {
  const seconds = (now - Date.parse(at)) / 1000
  for (const [unit, length] of STEPS)
    if (seconds >= length) return relative.format(-Math.floor(seconds / length), unit)
  return 'just now'
}

export const minutesSince = (at: string, now: number): string => {
  const minutes = Math.floor((now - Date.parse(at)) / 60_000)
  return minutes < 1 ? 'just now' : `${minutes} min ago`
}
