export { type Clock, clockIn } from '@/core/units/clock'

/** The platform's own formats serve here: a date library would weigh more than the page's readings do. */
const relative = new Intl.RelativeTimeFormat('en', { numeric: 'auto' })

/** The zone of this browser, or of the server where it runs there. */
export const ownZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone

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
  if (minutes < 1) return 'just now'
  return minutes < 120 ? `${minutes} min ago` : ago(at, now)
}
