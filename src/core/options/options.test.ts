import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../sampling.testing'
import { causeIds, familyIds } from '../knowledge/vocabulary'
import { compareOptions, type OptionsInput } from '.'

const seized: OptionsInput = {
  family: 'attic-vent-fan',
  motorKind: 'psc',
  ageYears: 9,
  suspects: [
    { cause: 'bearing-seized', probability: 0.8 },
    { cause: 'capacitor-weak', probability: 0.2 },
  ],
}
const find = (input: OptionsInput, kind: string) =>
  compareOptions(input).options.find((option) => option.kind === kind)

describe('options side by side', () => {
  it('offer the motor with its capacitor where either may be it, and the capacitor for its share', () => {
    expect(find(seized, 'original')!.chance).toBeCloseTo(0.96, 9)
    expect(find(seized, 'capacitor')!.chance).toBeCloseTo(0.2 * 0.97, 9)
    expect(find(seized, 'clean')).toBeUndefined()
  })

  it('always name hiring and a new machine', () => {
    causeIds.forEach((cause, index) => {
      const family = familyIds[index % familyIds.length]!
      const kinds = compareOptions({ family, suspects: [{ cause, probability: 1 }] }).options.map(
        (option) => option.kind,
      )
      expect(kinds, `${family}/${cause}`).toEqual(expect.arrayContaining(['hired', 'new-machine']))
    })
  })

  it('leave to the licensed trade what is theirs', () => {
    const { options, notes } = compareOptions({
      family: 'outdoor-unit-fan',
      suspects: [{ cause: 'other-machine-fault', probability: 1 }],
    })
    expect(options.map((option) => option.kind).sort()).toEqual(['hired', 'new-machine'])
    expect(notes.join(' ')).toMatch(/licensed trade/)
  })

  it('offer no universal motor where the part is unique to the machine, or the motor is electronic', () => {
    const dead = [{ cause: 'winding-open' as const, probability: 1 }]
    expect(find({ family: 'draft-inducer', suspects: dead }, 'universal-motor')).toBeUndefined()
    expect(
      find({ family: 'furnace-blower', motorKind: 'ecm', suspects: dead }, 'universal-motor'),
    ).toBeUndefined()
    expect(
      find({ family: 'furnace-blower', motorKind: 'psc', suspects: dead }, 'universal-motor'),
    ).toBeDefined()
  })

  it('serve no longer than the machine around them', () => {
    expect(find({ ...seized, ageYears: 13 }, 'original')!.years).toBe(3)
    expect(find({ ...seized, ageYears: 1 }, 'original')!.years).toBe(12)
  })

  it('take the person’s own figures, and say which they are', () => {
    const own = find(
      { ...seized, edits: { original: { cost: 60, years: 6, chancePercent: 100, hours: 0 } } },
      'original',
    )!
    expect(own.costPerYear.expected).toBeCloseTo(10, 9)
    expect(own.edited.sort()).toEqual(['chancePercent', 'cost', 'hours', 'years'])
  })

  it('cost more a year the more an hour is worth, the dearer, the shorter and the less likely', () => {
    const of = (edits: object, hourValue = 0) =>
      find({ ...seized, hourValue, edits: { original: edits } }, 'original')!.costPerYear.expected
    const base = of({ cost: 100, hours: 2, years: 8, chancePercent: 90 })
    expect(of({ cost: 100, hours: 2, years: 8, chancePercent: 90 }, 20)).toBeCloseTo(base + 5, 9)
    expect(of({ cost: 120, hours: 2, years: 8, chancePercent: 90 })).toBeGreaterThan(base)
    expect(of({ cost: 100, hours: 2, years: 4, chancePercent: 90 })).toBeCloseTo(2 * base, 9)
    expect(of({ cost: 100, hours: 2, years: 8, chancePercent: 50 })).toBeGreaterThan(base)
  })

  it('keep the expected cost within its spread, cheapest first, the same every time', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...familyIds),
        fc.array(fc.constantFrom(...causeIds), { minLength: 1, maxLength: 6 }),
        fc.double({ min: 0, max: 80, noNaN: true }),
        (family, causes, hourValue) => {
          const input = {
            family,
            hourValue,
            suspects: causes.map((cause) => ({ cause, probability: 1 / causes.length })),
          }
          const { options } = compareOptions(input)
          for (const {
            costPerYear: { low, expected, high },
            chance,
          } of options) {
            expect(low).toBeLessThanOrEqual(expected)
            expect(high).toBeGreaterThanOrEqual(expected)
            expect(chance).toBeLessThanOrEqual(1)
          }
          const order = options.map((option) => option.costPerYear.expected)
          expect(order).toEqual([...order].sort((one, two) => one - two))
          expect(compareOptions(input)).toEqual(compareOptions(input))
        },
      ),
      { numRuns: samples(30) },
    )
  })
})
