import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { capacitorDrift } from '.'

const window = { lowUf: 4.7, highUf: 5.3 }

describe('drift of a capacitor', () => {
  it('follows the line through its readings to the edge of its window', () => {
    const drift = capacitorDrift(
      [0, 1, 2, 3].map((years) => ({ years, uF: 5 - 0.1 * years })),
      window,
    )!
    expect(drift.perYearUf).toBeCloseTo(-0.1, 9)
    expect(drift.leavesAtYears).toBeCloseTo(3, 9)
    expect(drift.earliestYears).toBeCloseTo(3, 6)
  })

  it('upwards leaves at the other edge, level never', () => {
    expect(
      capacitorDrift(
        [
          { years: 0, uF: 5 },
          { years: 1, uF: 5.1 },
        ],
        window,
      )!.leavesAtYears,
    ).toBeCloseTo(3, 9)
    expect(
      capacitorDrift(
        [
          { years: 0, uF: 5 },
          { years: 4, uF: 5 },
        ],
        window,
      )!.leavesAtYears,
    ).toBeNull()
  })

  it('is none from one reading, or from readings of one day', () => {
    expect(capacitorDrift([{ years: 0, uF: 5 }], window)).toBeNull()
    expect(
      capacitorDrift(
        [
          { years: 2, uF: 5 },
          { years: 2, uF: 4.9 },
        ],
        window,
      ),
    ).toBeNull()
  })

  it('has no interval from two readings, and an open end where level is as likely', () => {
    const two = capacitorDrift(
      [
        { years: 0, uF: 5 },
        { years: 1, uF: 4.9 },
      ],
      window,
    )!
    expect([two.earliestYears, two.latestYears]).toEqual([null, null])
    const noisy = capacitorDrift(
      [
        { years: 0, uF: 5 },
        { years: 1, uF: 4.9 },
        { years: 2, uF: 5.02 },
        { years: 3, uF: 4.93 },
      ],
      window,
    )!
    expect(noisy.earliestYears).not.toBeNull()
    expect(noisy.latestYears).toBeNull()
  })

  it('does not care from which day the years are counted', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -50, max: 50, noNaN: true }),
        fc.double({ min: 0.02, max: 0.3, noNaN: true }),
        (shift, rate) => {
          const at = (from: number) =>
            [0, 1, 2.5, 4].map((years) => ({
              years: years + from,
              uF: 5.2 - rate * years + (years === 1 ? 0.01 : 0),
            }))
          const one = capacitorDrift(at(0), window)!
          const two = capacitorDrift(at(shift), window)!
          expect(two.perYearUf).toBeCloseTo(one.perYearUf, 6)
          expect(two.leavesAtYears! - shift).toBeCloseTo(one.leavesAtYears!, 4)
        },
      ),
    )
  })
})
