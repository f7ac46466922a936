import { normalizedNumber } from './supersession'

/** One step of a chain: who says that one number replaces another. */
export interface ChainLink {
  from: string
  to: string
  by: string
}

/**
 * The line of numbers from an old one to its newest, with who says each step. Where two replace one, the one that leads
 * further is followed; a loop ends where it began.
 *
 * @example chainFrom('A', [{ from: 'A', to: 'B', by: 'the counter' }, { from: 'B', to: 'C', by: 'a list' }]).map(({ to }) => to) // ['B', 'C']
 */
export function chainFrom(oldNumber: string, links: ChainLink[]): ChainLink[] {
  const next = new Map<string, ChainLink[]>()
  for (const link of links) {
    const key = normalizedNumber(link.from)
    next.set(key, [...(next.get(key) ?? []), link])
  }
  const longest = (number: string, seen: Set<string>): ChainLink[] => {
    const key = normalizedNumber(number)
    if (seen.has(key)) return []
    const ahead = new Set([...seen, key])
    return (next.get(key) ?? []).reduce<ChainLink[]>((best, link) => {
      if (ahead.has(normalizedNumber(link.to))) return best
      const way = [link, ...longest(link.to, ahead)]
      return way.length > best.length ? way : best
    }, [])
  }
  return longest(oldNumber, new Set())
}
