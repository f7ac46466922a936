import { describe, expect, it } from 'vitest'
import { type CapacitorCheckInput, checkCapacitor } from '.'
import { capacitanceUncertainty, toleranceOf, windowOf } from './check'

const check = (
  label: CapacitorCheckInput['label'],
  uF: number | null,
  more: Partial<CapacitorCheckInput> = {},
  section: 'single' | 'FAN' | 'HERM' = 'single',
) => checkCapacitor({ label, readings: [{ section, uF }], ...more })

describe('the limits of a capacitor', () => {
  it.each([
    [0, 'open'],
    [0.02, 'open'],
    [0.021, 'weak'],
    [0.1, 'weak'],
    [0.3, 'weak'],
    [4.5, 'weak'],
    [4.55, 'weak'],
    [4.56, 'borderline'],
    [4.84, 'borderline'],
    [4.85, 'good'],
    [5.14, 'good'],
    [5.15, 'borderline'],
    [5.45, 'borderline'],
    [5.46, 'high'],
  ] as const)('5 µF ±6 % reading %s µF is %s', (uF, verdict) => {
    expect(check('5 µF ±6 %', uF).verdict).toBe(verdict)
  })

  it('a perfect meter puts a reading on the limit inside', () => {
    const meter = { accuracyPercent: 0, accuracyCounts: 0, resolutionUf: 0.01 }
    expect(check('5 µF ±6 %', 4.7, { meter }).verdict).toBe('good')
    expect(check('5 µF ±6 %', 5.3, { meter }).verdict).toBe('good')
    expect(check('5 µF ±6 %', 4.69, { meter }).verdict).toBe('weak')
    expect(check('5 µF ±6 %', 5.31, { meter }).verdict).toBe('high')
  })

  it('the meter’s uncertainty is a percentage and counts of its last digit', () => {
    const meter = { accuracyPercent: 3, accuracyCounts: 2, resolutionUf: 0.1 }
    expect(capacitanceUncertainty(10, meter)).toBeCloseTo(0.5, 9)
    expect(check('10 µF ±5 %', 10.6, { meter }).sections[0]?.uncertaintyUf).toBeCloseTo(0.518, 9)
  })

  it('a meter that reaches the window shows over-range for a short alone', () => {
    const meter = { accuracyPercent: 2, accuracyCounts: 5, resolutionUf: 0.01 }
    const reach = (maxUf: number) => check('60 µF ±6 %', null, { meter: { ...meter, maxUf } }).verdict
    expect(reach(63.5)).toBe('borderline')
    expect(reach(63.6)).toBe('shorted')
    expect(reach(200)).toBe('shorted')
    expect(check('60 µF ±6 %', null, { meter }).sections[0]).toMatchObject({
      deviationPercent: null,
      uncertaintyUf: null,
      readingUf: null,
    })
  })
})

describe('a capacitor without a printed tolerance', () => {
  const start = { sections: [{ section: 'single' as const, uF: 100 }], duty: 'start' as const }
  it('is a run one of ±6 %, a start one of −0/+20 %', () => {
    expect(toleranceOf({ sections: [{ section: 'single', uF: 5 }] })).toEqual({ minus: 6, plus: 6 })
    expect(toleranceOf(start)).toEqual({ minus: 0, plus: 20 })
    expect(check(start, 115).verdict).toBe('good')
    expect(check(start, 95).verdict).toBe('weak')
    expect(check(start, 115).reasons.join(' ')).toContain('−0/+20 % is taken')
    expect(check('5 µF ±6 %', 5).reasons.join(' ')).not.toContain('is taken')
  })

  it('has its printed range where there is one', () => {
    const ranged = { sections: [{ section: 'single' as const, uF: 98, minUf: 88, maxUf: 108 }] }
    expect(toleranceOf(ranged)).toEqual({ minus: 0, plus: 0 })
    expect(windowOf(ranged.sections[0]!, { minus: 0, plus: 0 })).toEqual({ low: 88, high: 108 })
    const half = { sections: [...ranged.sections, { section: 'FAN' as const, uF: 5 }] }
    expect(toleranceOf(half)).toEqual({ minus: 6, plus: 6 })
  })

  it('has the wider of its label and ten percent by the ten-percent school', () => {
    expect(windowOf({ section: 'single', uF: 10 }, { minus: 6, plus: 6 }, true)).toEqual({ low: 9, high: 11 })
    expect(windowOf({ section: 'single', uF: 10 }, { minus: 20, plus: 20 }, true)).toEqual({
      low: 8,
      high: 12,
    })
    expect(check('5 µF ±6 %', 5, { school: 'ten-percent' }).reasons[0]).toMatch(/^Judged by the ten-percent/)
    expect(check('5 µF ±6 %', 5, { school: 'label-limit' }).reasons.join(' ')).not.toContain('ten-percent')
  })
})

describe('how a capacitor looks', () => {
  it.each(['bulged', 'leaking', 'burnt', 'cracked'] as const)('%s has failed, read or not', (look) => {
    expect(check('5 µF ±6 %', 5, { look: [look] }).verdict).toBe('failed-by-look')
    expect(checkCapacitor({ label: '5 µF', readings: [], look: [look] }).verdict).toBe('failed-by-look')
  })

  it('rusty terminals are no reading, and no failure', () => {
    expect(() => checkCapacitor({ label: '5 µF', readings: [], look: ['rusty-terminals'] })).toThrow(
      /at least one reading/,
    )
    expect(check('5 µF ±6 %', 5).reasons.join(' ')).not.toMatch(/Rusty/)
  })
})

describe('a dual capacitor', () => {
  it('names the section that was not read, and is as bad as its worse one', () => {
    const one = check('35+5 µF ±6 %', 5, {}, 'FAN')
    expect(one.reasons).toContain('HERM was not read.')
    expect(check('5 µF ±6 %', 5).reasons.join(' ')).not.toContain('was not read')
    const both = checkCapacitor({
      label: '35+5 µF ±6 %',
      readings: [
        { section: 'FAN', uF: 3 },
        { section: 'HERM', uF: 35 },
      ],
    })
    expect(both.verdict).toBe('weak')
    expect(both.reasons[0]).toMatch(/^FAN reads 3 ± 0.11 µF, below its window of 4.7 to 5.3 µF/)
  })
})
