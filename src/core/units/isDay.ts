/** A day that the calendar has: `2026-02-31` is none. */
export function isDay(text: string): boolean {
  const at = /^\d{4}-\d{2}-\d{2}$/.test(text) ? Date.parse(`${text}T00:00:00Z`) : Number.NaN
  return !Number.isNaN(at) && new Date(at).toISOString().startsWith(text)
}
