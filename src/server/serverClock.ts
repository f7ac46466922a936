/** A jump of the wall clock of more than this against the monotonic one ends what depends on time. */
const JUMP_MS = 60_000

export interface Clocks {
  /** Milliseconds since the epoch, which somebody or the network may set. */
  wall: number
  /** Milliseconds that only ever go on. */
  steady: number
}

/**
 * Whether the wall clock was set since two looks at both clocks: how old a proof is cannot be told across that.
 *
 * @example wasSet({ wall: 0, steady: 0 }, { wall: 3_600_000, steady: 1000 }) // true
 */
export const wasSet = (before: Clocks, now: Clocks): boolean =>
  Math.abs(now.wall - before.wall - (now.steady - before.steady)) > JUMP_MS

const holder = globalThis as unknown as { restCogClocks?: Clocks }

export const clocksNow = (): Clocks => ({ wall: Date.now(), steady: performance.now() })

/** Whether the clock was set since this was asked the last time in this process. */
export function clockWasSet(now: Clocks = clocksNow()): boolean {
  const before = holder.restCogClocks ?? now
  holder.restCogClocks = now
  return wasSet(before, now)
}
