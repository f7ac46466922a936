/** From nothing to all as a figure goes from one value to another. */
export const rises = (value: number, from: number, to: number): number =>
  Math.max(0, Math.min(1, (value - from) / (to - from)))
