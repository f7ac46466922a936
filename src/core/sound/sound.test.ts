import { describe, expect, it } from 'vitest'
import { audible, isAudible, makeSound } from '.'
import { hear } from './hear'
import { transform } from './hear/transform.testing'
import { inRoom } from './room'

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
      const samples = makeSound(kind, RATE, { seconds: 1 })
      expect(samples).toHaveLength(RATE)
      expect(Math.max(...samples)).toBeLessThanOrEqual(1)
      expect(Math.min(...samples)).toBeGreaterThanOrEqual(-1)
      expect(Math.abs(samples[0]!)).toBeLessThan(0.01)
      expect(Math.abs(samples.at(-1)!)).toBeLessThan(0.05)
      expect(
        Buffer.from(makeSound(kind, RATE, { seconds: 1 }).buffer).equals(Buffer.from(samples.buffer)),
      ).toBe(true)
    },
  )

  it('hum at twice the line: 120 Hz on 60, 100 Hz on 50', () => {
    const american = makeSound('hum', RATE, { lineHz: 60 })
    const european = makeSound('hum', RATE, { lineHz: 50 })
    expect(power(american, 120)).toBeGreaterThan(20 * power(american, 100))
    expect(power(european, 100)).toBeGreaterThan(20 * power(european, 120))
  })

  it('squeal high, roar low', () => {
    const above = (samples: Float32Array) => {
      let sum = 0
      for (let hz = 2200; hz <= 2400; hz += 1) sum += power(samples, hz)
      return sum
    }
    expect(above(makeSound('squeal', RATE))).toBeGreaterThan(20 * above(makeSound('roar', RATE)))
  })

  it('run at the speed and with the blades that are asked for', () => {
    const fan = (rpm: number) => makeSound('none', RATE, { rpm, blades: 4 })
    expect(power(fan(900), 60)).toBeGreaterThan(5 * power(fan(1500), 60))
    expect(power(fan(1500), 100)).toBeGreaterThan(5 * power(fan(900), 100))
  })

  it('are fainter and duller from the next room, and ring on a little', () => {
    const high = (samples: Float32Array) => power(samples, 2300) / power(samples, 88)
    const level = (samples: Float32Array) => samples.reduce((sum, each) => sum + each * each, 0)
    const [near, far] = [0.5, 4].map((distanceM) => makeSound('squeal', RATE, { distanceM }))
    if (!near || !far) throw new Error('no sound')
    expect(level(far)).toBeLessThan(0.5 * level(near))
    expect(high(far)).toBeLessThan(high(near))
    const click = new Float32Array(RATE / 2)
    click[100] = 1
    const ringsOn = (distanceM: number) =>
      level(inRoom(click, RATE, distanceM).slice(RATE / 20)) / level(inRoom(click, RATE, distanceM))
    expect(ringsOn(4)).toBeGreaterThan(3 * ringsOn(0.3))
  })

  it('are what the ear takes them for, from near and from the next room', () => {
    for (const distanceM of [0.5, 3])
      for (const kind of ['hum', 'squeal', 'grinding', 'clicking', 'none'] as const) {
        const samples = makeSound(kind, 16_000, { seconds: 4, distanceM })
        const { suggests } = hear(
          { samples, rate: 16_000 },
          { lineHz: 60, blades: 5, plateRpm: [1075] },
          transform,
        )
        expect(suggests[0]?.value, `${kind} at ${distanceM} m`).toBe(kind)
      }
  })

  it('make no sound of silence', () => {
    expect(isAudible('nothing')).toBe(false)
    expect(isAudible('hum')).toBe(true)
  })
})
