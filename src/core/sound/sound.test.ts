import { describe, expect, it } from 'vitest'
import { audible, isAudible, makeSound } from '.'

const RATE = 8_000

/** Power of one frequency by the Goertzel sum. */
function power(samples: Float32Array, hz: number): number {
  let [real, imaginary] = [0, 0]
  samples.forEach((sample, index) => {
    real += sample * Math.cos((2 * Math.PI * hz * index) / RATE)
    imaginary += sample * Math.sin((2 * Math.PI * hz * index) / RATE)
  })
  return (real ** 2 + imaginary ** 2) / samples.length ** 2
}

describe('sounds to compare by ear', () => {
  it.each([...audible])(
    '%s lasts as asked, stays within ±1, begins and ends in silence, and repeats',
    (kind) => {
      const samples = makeSound(kind, RATE, 1)
      expect(samples).toHaveLength(RATE)
      expect(Math.max(...samples)).toBeLessThanOrEqual(1)
      expect(Math.min(...samples)).toBeGreaterThanOrEqual(-1)
      expect(Math.abs(samples[0]!)).toBeLessThan(0.01)
      expect(Math.abs(samples.at(-1)!)).toBeLessThan(0.05)
      expect(Buffer.from(makeSound(kind, RATE, 1).buffer).equals(Buffer.from(samples.buffer))).toBe(true)
    },
  )

  it('hum at twice the line: 120 Hz on 60, 100 Hz on 50', () => {
    const american = makeSound('hum', RATE, 1, 60)
    const european = makeSound('hum', RATE, 1, 50)
    expect(power(american, 120)).toBeGreaterThan(20 * power(american, 100))
    expect(power(european, 100)).toBeGreaterThan(20 * power(european, 120))
  })

  it('squeal high, roar low', () => {
    const above = (samples: Float32Array) =>
      power(samples, 2300) + power(samples, 2350) + power(samples, 2250)
    expect(above(makeSound('squeal', RATE, 1))).toBeGreaterThan(20 * above(makeSound('roar', RATE, 1)))
  })

  it('make no sound of silence', () => {
    expect(isAudible('nothing')).toBe(false)
    expect(isAudible('hum')).toBe(true)
  })
})
