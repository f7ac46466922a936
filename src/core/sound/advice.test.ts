import { describe, expect, it } from 'vitest'
import { adviceOf, LEAST_SECONDS, levelOfStretch } from './advice'

const level = { seconds: 5, levelDb: -25, peak: 0.3 }

describe('what is told while a sound is recorded', () => {
  it('is that there is enough of it from three seconds on', () => {
    expect(adviceOf(level)).toBe('enough')
    expect(adviceOf({ ...level, seconds: LEAST_SECONDS - 0.1 })).toBe('too-short')
    expect(adviceOf({ ...level, seconds: LEAST_SECONDS })).toBe('enough')
  })

  it('is first what makes it of no use, however long it is', () => {
    expect(adviceOf({ ...level, peak: 1 })).toBe('too-loud')
    expect(adviceOf({ ...level, levelDb: -60 })).toBe('too-quiet')
    expect(adviceOf({ seconds: 1, levelDb: -60, peak: 0.001 })).toBe('too-quiet')
    // A knock that is cut off in a quiet room is too loud all the same.
    expect(adviceOf({ seconds: 1, levelDb: -60, peak: 0.999 })).toBe('too-loud')
    expect(adviceOf({ ...level, peak: 0.98 })).toBe('enough')
    expect(adviceOf({ ...level, levelDb: -51 })).toBe('enough')
  })

  it('goes by the level of all samples and by the highest of them, of either sign', () => {
    const { levelDb, peak } = levelOfStretch([0.5, -0.5, 0.5, -0.5])
    expect(levelDb).toBeCloseTo(-6.02, 2)
    expect(peak).toBe(0.5)
    expect(levelOfStretch([0.1, -0.9]).peak).toBe(0.9)
    expect(levelOfStretch([]).levelDb).toBeLessThan(-100)
  })
})
