export interface ChordReading {
  a: string
  b: string
  typed: string
}

/** A pair of leads whichever is named first. */
export const pairKey = (a: string, b: string): string => [a, b].sort().join('\u0000')

/** Every pair of the leads, in the order in which Tab goes round. */
export function allPairs(leads: string[]): [string, string][] {
  return leads.flatMap((a, index) => leads.slice(index + 1).map((b): [string, string] => [a, b]))
}
