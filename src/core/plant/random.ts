import { seeded } from '../random'

/** Numbers in 0..1 that follow from a text alone: the same text gives the same numbers on every machine. */
export const randomOf = (text: string): (() => number) => seeded(hashOf(text))

/** FNV-1a over the UTF-16 units, 32 bit. */
export function hashOf(text: string): number {
  let hash = 0x811c9dc5
  for (let i = 0; i < text.length; i++) {
    hash ^= text.charCodeAt(i)
    hash = Math.imul(hash, 0x01000193)
  }
  return hash | 0
}

export const between = (random: () => number, low: number, high: number): number =>
  low + (high - low) * random()

/** One of the entries by their weights. */
export function weighted<T>(random: () => number, entries: readonly (readonly [T, number])[]): T {
  const total = entries.reduce((sum, [, weight]) => sum + weight, 0)
  let left = random() * total
  for (const [entry, weight] of entries) {
    left -= weight
    if (left < 0) return entry
  }
  const last = entries.at(-1)
  if (!last) throw new Error('nothing to draw from')
  return last[0]
}
