import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { polesOf, rpmFromBeat, synchronousRpm } from '.'

describe('poles from a plate', () => {
  it.each([
    [1075, 60, 6],
    [825, 60, 8],
    [1550, 60, 4],
    [3000, 60, 2],
    [1350, 50, 4],
    [900, 50, 6],
  ])('%d rpm at %d Hz: %d poles', (rpm, hz, poles) => {
    expect(polesOf(rpm, hz)).toMatchObject({ poles, usual: true })
  })

  it('are none where nothing turns that fast, and odd where the slip is', () => {
    expect(polesOf(3700, 60)).toBeNull()
    expect(polesOf(1300, 60)).toMatchObject({ poles: 4, usual: false })
  })

  it('are found again from any synchronous speed and a usual slip', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(2, 4, 6, 8),
        fc.constantFrom(50, 60),
        fc.double({ min: 0.03, max: 0.12, noNaN: true }),
        (poles, hz, slip) => {
          expect(polesOf(synchronousRpm(hz, poles) * (1 - slip), hz)!.poles).toBe(poles)
        },
      ),
    )
  })
})

describe('speed from taps', () => {
  const taps = (rpm: number, count: number) => Array.from({ length: count }, (_, i) => (i * 60_000) / rpm)
  it('is that of even taps, without spread', () => {
    const beat = rpmFromBeat(taps(120, 9))!
    expect(beat.rpm).toBeCloseTo(120, 6)
    expect(beat.spreadRpm).toBeCloseTo(0, 6)
  })

  it('forgives a missed turn and a bounce of the finger', () => {
    const missed = taps(100, 12).filter((_, i) => i !== 5)
    expect(rpmFromBeat(missed)!.rpm).toBeCloseTo(100, 6)
    const bounced = taps(100, 10).flatMap((time) => [time, time + 20])
    expect(rpmFromBeat(bounced)!.rpm).toBeCloseTo(100, 6)
  })

  it('divides by the blades that are tapped, and wants three taps', () => {
    expect(rpmFromBeat(taps(300, 9), 3)!.rpm).toBeCloseTo(100, 6)
    expect(rpmFromBeat([0, 500])).toBeNull()
  })

  it('tells its spread: uneven fingers, wider spread', () => {
    const shaky = (by: number) => taps(120, 20).map((time, i) => time + (i % 2 ? by : -by))
    expect(rpmFromBeat(shaky(40))!.spreadRpm).toBeGreaterThan(rpmFromBeat(shaky(10))!.spreadRpm)
  })
})
