/** Numbers in 0..1 that follow from a text alone: the same text gives the same numbers on every machine. */
export function randomOf(text: string): () => number {
  let state = hashOf(text)
  // Mulberry32: 32-bit integer arithmetic, so no machine rounds it differently.
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

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
