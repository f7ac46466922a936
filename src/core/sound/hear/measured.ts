import type { Suggested, Suggestion } from './types'

/** Under the first a recording is not clear and nothing is asked; from the second on what is told is mostly so. */
export const ASKED = 0.25
export const LIKELY = 0.6

export type Sureness = 'likely' | 'maybe'

interface Counted {
  right: number
  of: number
}

/**
 * How often what was told was so: counted on 720 made-up recordings, sixty of each noise with rooms, phones, voices and other
 * machines, on seeds by which nothing was set (`CASES=60 npm run bench -- sound`). No real recording is among them.
 */
const counted: Partial<Record<Suggested, Partial<Record<Sureness, Counted>>>> = {
  hum: { likely: { right: 55, of: 55 }, maybe: { right: 5, of: 5 } },
  squeal: { likely: { right: 58, of: 58 }, maybe: { right: 1, of: 3 } },
  grinding: { likely: { right: 216, of: 217 }, maybe: { right: 9, of: 12 } },
  rattle: { likely: { right: 45, of: 51 }, maybe: { right: 6, of: 10 } },
  clicking: { likely: { right: 55, of: 58 }, maybe: { right: 2, of: 5 } },
  roar: { likely: { right: 60, of: 72 }, maybe: { right: 0, of: 10 } },
  nothing: { likely: { right: 33, of: 33 } },
  none: { likely: { right: 56, of: 66 }, maybe: { right: 0, of: 12 } },
}

/**
 * How sure a suggestion is, with what was counted of such ones.
 *
 * @returns null where it is not clear enough to be asked; no count where too few were ever told so
 */
export function surenessOf({
  value,
  confidence,
}: Suggestion): { sure: Sureness; counted: Counted | null } | null {
  if (confidence < ASKED) return null
  const sure = confidence >= LIKELY ? 'likely' : 'maybe'
  return { sure, counted: counted[value]?.[sure] ?? null }
}
