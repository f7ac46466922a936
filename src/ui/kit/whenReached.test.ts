import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { whenReached } from './whenReached'

const listeners = new Set<() => void>()

beforeEach(() => {
  vi.useFakeTimers()
  vi.stubGlobal('addEventListener', (_: string, listener: () => void) => listeners.add(listener))
  vi.stubGlobal('removeEventListener', (_: string, listener: () => void) => listeners.delete(listener))
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
  listeners.clear()
})

/** Fails so many times, then comes. */
const failing = (failures: number) => {
  const load = vi.fn(async () => {
    if (load.mock.calls.length <= failures) throw new Error('no connection')
    return 'piece'
  })
  return load
}

describe('a piece of script that comes late', () => {
  it('comes at once where it can', async () => {
    await expect(whenReached(failing(0))).resolves.toBe('piece')
    expect(listeners.size).toBe(0)
  })

  it('is asked for again until it comes, and listens no longer then', async () => {
    const load = failing(3)
    const piece = whenReached(load)
    await vi.advanceTimersByTimeAsync(12_000)
    await expect(piece).resolves.toBe('piece')
    expect(load).toHaveBeenCalledTimes(4)
    expect(listeners.size).toBe(0)
  })

  it('does not wait for the clock when the connection is back', async () => {
    const load = failing(1)
    const piece = whenReached(load)
    await vi.advanceTimersByTimeAsync(10)
    for (const listener of listeners) listener()
    await expect(piece).resolves.toBe('piece')
    await vi.advanceTimersByTimeAsync(20_000)
    expect(load).toHaveBeenCalledTimes(2)
  })
})
