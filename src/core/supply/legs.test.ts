import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type LegReading, legWalk, pairsOfLegs } from '.'
import { legsText } from './legWords'

const two = (
  readings: [LegReading['at'], string, number][],
  between: { supply?: number; output?: number } = {},
) =>
  legWalk({
    lives: ['L1', 'L2'],
    readings: readings.map(([at, pair, volts]) => ({ at, pair, volts })),
    between,
    plateVolts: [208, 230],
  })

describe('the legs of a supply', () => {
  it('are read against ground, and three phases between each two as well', () => {
    expect(pairsOfLegs(['L'])).toEqual([])
    expect(pairsOfLegs(['L1', 'L2'])).toEqual(['L1–ground', 'L2–ground'])
    expect(pairsOfLegs(['L1', 'L2', 'L3'])).toEqual(['L1–L3', 'L2–L3', 'L1–ground', 'L2–ground', 'L3–ground'])
  })

  it('a leg without volts at the supply is a fuse or half a breaker, and the other is said to be live', () => {
    const found = two([
      ['supply', 'L1–ground', 121],
      ['supply', 'L2–ground', 0.4],
    ])
    expect(found.places.supply).toBe('one-gone')
    expect(legsText(found)).toMatch(/^Nothing comes in on L2.*The other leg is live\.$/)
  })

  it('none at all is no supply', () => {
    const found = two([
      ['supply', 'L1–ground', 0.2],
      ['supply', 'L2–ground', 1],
    ])
    expect(found.places.supply).toBe('all-gone')
    expect(legsText(found)).toMatch(/breaker, fuses, disconnect/)
  })

  it('a leg that comes in and does not come out is a pole of the contactor', () => {
    const found = two([
      ['supply', 'L1–ground', 121],
      ['supply', 'L2–ground', 120],
      ['output', 'L1–ground', 121],
      ['output', 'L2–ground', 2],
    ])
    expect(found.places).toEqual({ supply: null, output: 'one-gone' })
    expect(legsText(found)).toMatch(/^Nothing comes out on L2.*contacts of that pole/)
  })

  it('volts behind the contacts clear nobody: they may come back through the motor', () => {
    expect(legsText(two([['output', 'L2–ground', 118]]))).toMatch(/only the reading between the legs/)
    const back = two([['output', 'L2–ground', 60]])
    expect(back.places.output).toBe('uneven')
    expect(legsText(back)).toMatch(/come back through the motor/)
  })

  it('a leg that is gone and the whole line between the two is a danger sign, and no finding', () => {
    const found = two([['supply', 'L1–ground', 0]], { supply: 240 })
    expect(found.conflict).toBe('supply')
    expect(legsText(found)).toMatch(/one reading is wrong.*take it as live/)
    expect(two([['supply', 'L1–ground', 0]], { supply: 121 }).conflict).toBeNull()
    expect(two([['output', 'L1–ground', 0]], { supply: 240 }).conflict).toBeNull()
  })

  it('two wires of the same side have their volts to ground and nothing between them', () => {
    const readings: [LegReading['at'], string, number][] = [
      ['supply', 'L1–ground', 121],
      ['supply', 'L2–ground', 121],
    ]
    expect(legsText(two(readings, { supply: 0.4 }))).toMatch(/same side of the panel.*electrician/)
    expect(legsText(two(readings, { supply: 240 }))).toMatch(/Each leg that was read has its volts/)
  })

  it('the third phase is judged by itself: the first two say nothing of it', () => {
    const found = legWalk({
      lives: ['L1', 'L2', 'L3'],
      readings: [
        { at: 'supply', pair: 'L1–ground', volts: 231 },
        { at: 'supply', pair: 'L2–ground', volts: 230 },
        { at: 'supply', pair: 'L3–ground', volts: 0 },
        { at: 'supply', pair: 'L2–L3', volts: 231 },
      ],
      between: { supply: 401 },
      plateVolts: [400],
    })
    expect(found.conflict).toBeNull()
    expect(legsText(found)).toMatch(/^Nothing comes in on L3/)
    expect(found.legs.map(({ state }) => state)).toEqual(['there', 'there', 'gone', 'odd'])
  })

  it.each([
    [20, 'gone'],
    [21, 'odd'],
    [83, 'odd'],
    [84, 'there'],
  ])('%d V to ground of a leg of 208 V is %s', (volts, state) =>
    expect(two([['supply', 'L1–ground', volts]]).legs[0]?.state).toBe(state),
  )

  it('knows no pair that these legs do not have, and says nothing of nothing', () => {
    expect(two([['supply', 'L3–ground', 0]]).legs).toEqual([])
    expect(legsText(two([]))).toBeNull()
  })

  it('a whole supply is never called cut, whatever its kind of star or delta', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(208, 230, 240, 400, 480),
        fc.constantFrom(0.5, 0.577, 0.866),
        fc.double({ min: 0.9, max: 1.1, noNaN: true }),
        (line, share, drift) => {
          const found = legWalk({
            lives: ['L1', 'L2', 'L3'],
            readings: ['L1', 'L2', 'L3'].map((leg) => ({
              at: 'supply',
              pair: `${leg}–ground`,
              volts: line * share * drift,
            })),
            between: { supply: line * drift },
            plateVolts: [line],
          })
          expect(found.places.supply).toBeNull()
          expect(found.conflict).toBeNull()
        },
      ),
      { numRuns: 200 },
    )
  })
})
