import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { judgeWinding } from '.'
import { oddCandidates } from './fourPoints'

const SIGMA = 0.1
const LIMIT = 3

/** All pairs of leads that hang on one joint, each by its own ohms. */
const star = (legs: number[]) =>
  legs.flatMap((one, a) =>
    legs.slice(a + 1).map((two, index) => ({ a, b: a + 1 + index, ohm: one + two, sigma: SIGMA })),
  )
const legs = fc.array(fc.double({ min: 5, max: 50, noNaN: true }), { minLength: 4, maxLength: 8 })

describe('four points that contradict each other', () => {
  it('are found nowhere in readings of one tree', () =>
    fc.assert(
      fc.property(legs, (ohms) => {
        expect(oddCandidates(ohms.length, star(ohms), LIMIT)).toBeNull()
      }),
    ))

  it('all hold the one reading that is wrong', () =>
    fc.assert(
      fc.property(legs, fc.nat(100), fc.double({ min: 5, max: 40, noNaN: true }), (ohms, which, off) => {
        const readings = star(ohms)
        const odd = which % readings.length
        readings[odd]!.ohm += off
        expect(oddCandidates(ohms.length, readings, LIMIT)?.has(odd)).toBe(true)
      }),
    ))

  it('leave no candidate where two readings are wrong that share no lead', () => {
    const readings = star([10, 20, 30, 40, 15, 25])
    for (const [a, b] of [
      [0, 1],
      [2, 3],
    ])
      readings.find((reading) => reading.a === a && reading.b === b)!.ohm += 30
    expect(oddCandidates(6, readings, LIMIT)?.size).toBe(0)
  })

  it('of ten leads that fit nowhere are told at once, as a disagreement', () => {
    const leads = Array.from({ length: 10 }, (_, index) => `lead ${index}`)
    const pairs = leads.flatMap((a, i) =>
      leads.slice(i + 1).map((b, j) => ({ a, b, ohm: 3 + ((i * 7 + j * 13 + i * j * 5) % 41) })),
    )
    const { verdict, faults, missing } = judgeWinding({ leads, pairs })
    expect(verdict).toBe('inconsistent')
    expect(faults.map(({ text }) => text).join()).toContain('The readings disagree by up to')
    expect(missing).toEqual([])
  })
})
