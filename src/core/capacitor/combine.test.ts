import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples, seedOf } from '../../sampling.testing'
import { capacitanceUnderLoad, combineSections } from '.'

const sections = (...uF: number[]) => uF.map((each, index) => ({ terminal: `t${index + 1}`, uF: each }))
const target = (uF: number, tolerancePercent = 6, name = 'fan') => ({ name, uF, tolerancePercent })

/** Every assignment of sections to targets, by counting. */
function every(count: number, targets: number): number[][] {
  return Array.from({ length: (targets + 1) ** count }, (_, number) =>
    Array.from({ length: count }, (_, place) => Math.floor(number / (targets + 1) ** place) % (targets + 1)),
  )
}

describe('sections combined', () => {
  it('are refused by name: two of one terminal, and more than a capacitor has', () => {
    const twice = { sections: [...sections(5), ...sections(10)], targets: [target(5)] }
    expect(() => combineSections(twice)).toThrowError(
      expect.objectContaining({ code: 'duplicate-terminal', path: 'sections' }),
    )
    const many = (count: number) => ({ sections: sections(...Array(count).fill(5)), targets: [target(5)] })
    expect(() => combineSections(many(23))).toThrowError(
      expect.objectContaining({ code: 'too-many-sections', path: 'sections' }),
    )
    expect(combineSections({ sections: sections(5, 5), targets: [] })).toEqual({
      feasible: false,
      targets: [],
      jumpers: [],
      unused: ['t1', 't2'],
    })
  })

  it('that are too few for the targets leave all unused, and nothing fits', () => {
    const made = combineSections({
      sections: sections(5),
      targets: [target(5), target(30, 6, 'herm')],
    })
    expect(made).toMatchObject({ feasible: false, jumpers: [], unused: ['t1'] })
    expect(made.targets).toEqual([
      { name: 'fan', uF: 0, terminals: [], errorPercent: -100, within: false },
      { name: 'herm', uF: 0, terminals: [], errorPercent: -100, within: false },
    ])
  })

  it('count on the very limit of the tolerance, and no further', () => {
    const within = (uF: number) =>
      combineSections({ sections: sections(uF), targets: [target(100)] }).targets[0]
    expect(within(106)).toMatchObject({ within: true })
    expect(within(94)).toMatchObject({ within: true })
    expect(within(106.001)).toMatchObject({ within: false })
    expect(within(93.999)).toMatchObject({ within: false })
    expect(within(103)?.errorPercent).toBeCloseTo(3, 9)
    expect(within(97)?.errorPercent).toBeCloseTo(-3, 9)
  })

  it('are feasible only where every target is within', () => {
    const made = combineSections({ sections: sections(5, 20), targets: [target(5), target(30, 6, 'herm')] })
    expect(made.targets.map(({ within }) => within)).toEqual([true, false])
    expect(made.feasible).toBe(false)
  })

  it('take the fewest jumpers where two ways are equally near, and join each to the next', () => {
    const one = combineSections({ sections: sections(2.5, 5, 2.5), targets: [target(5)] })
    expect([one.targets[0]?.terminals, one.jumpers]).toEqual([['t2'], []])
    const three = combineSections({ sections: sections(5, 5, 5), targets: [target(15)] })
    expect(three.jumpers).toEqual([
      ['t1', 't2'],
      ['t2', 't3'],
    ])
  })

  it('are as near as any assignment that one could try', () => {
    const value = fc.integer({ min: 1, max: 40 }).map((half) => half * 2.5)
    fc.assert(
      fc.property(
        fc.array(value, { minLength: 1, maxLength: 4 }),
        fc.array(fc.tuple(value, fc.constantFrom(3, 6, 20)), { minLength: 1, maxLength: 2 }),
        (uF, wanted) => {
          const targets = wanted.map(([each, tolerance], index) => target(each, tolerance, `n${index}`))
          const ranks = every(uF.length, targets.length).flatMap((choice) => {
            const errors = targets.map(({ uF: asked }, index) => {
              const used = uF.filter((_, section) => choice[section] === index + 1)
              return used.length === 0 ? null : (used.reduce((a, b) => a + b, 0) / asked - 1) * 100
            })
            if (errors.some((error) => error === null)) return []
            const worstFirst = errors.map((error) => Math.abs(error ?? 0)).sort((a, b) => b - a)
            const within = errors.every(
              (error, index) => Math.abs(error ?? 0) <= (targets[index]?.tolerancePercent ?? 0) + 1e-9,
            )
            const jumpers = choice.filter((each) => each > 0).length - targets.length
            return [{ within, worstFirst, jumpers }]
          })
          const made = combineSections({ sections: sections(...uF), targets })
          expect(made.feasible).toBe(ranks.some(({ within }) => within))
          if (ranks.length === 0) return
          const among = made.feasible ? ranks.filter(({ within }) => within) : ranks
          // One error after another, the worst first: of those that share the least, the least second.
          const best = targets.reduce((left, _, place) => {
            const least = Math.min(...left.map(({ worstFirst }) => worstFirst[place] ?? 0))
            return left.filter(({ worstFirst }) => (worstFirst[place] ?? 0) < least + 1e-6)
          }, among)
          const errors = made.targets.map(({ errorPercent }) => Math.abs(errorPercent)).sort((a, b) => b - a)
          for (const [place, error] of errors.entries())
            expect(error).toBeCloseTo(best[0]?.worstFirst[place] ?? 0, 6)
          expect(made.jumpers.length).toBe(Math.min(...best.map(({ jumpers }) => jumpers)))
        },
      ),
      { seed: seedOf(23), numRuns: samples(150, 2000) },
    )
  })
})

describe('a capacitor at work', () => {
  it('holds what its current says at its voltage and frequency', () => {
    // 370 V at 60 Hz through 5 µF: 0.697 A.
    expect(capacitanceUnderLoad({ amps: 0.697, volts: 370, hz: 60 }).uF).toBeCloseTo(4.997, 3)
    expect(capacitanceUnderLoad({ amps: 1, volts: 400, hz: 50 }).uF).toBeCloseTo(7.958, 3)
    expect(capacitanceUnderLoad({ amps: 2, volts: 400, hz: 50 }).uF).toBeCloseTo(15.915, 3)
  })
})
