import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../sampling.testing'
import {
  capacitanceUnderLoad,
  checkCapacitor,
  combineSections,
  discharge,
  parseCapacitorLabel,
  typedSections,
} from '.'
import { laterLabels, otherLabels } from './otherLabels.testing'
import { secondsThroughMeter } from './physics'

const check = (label: string, uF: number | null, more: object = {}) =>
  checkCapacitor({ label, readings: [{ section: 'single', uF }], ...more })

describe('a capacitor label', () => {
  it.each([
    [
      '35+5 µF ±6 % 440 V',
      [
        ['HERM', 35],
        ['FAN', 5],
      ],
      { minus: 6, plus: 6 },
      440,
    ],
    [
      '5/35 MFD 370VAC',
      [
        ['HERM', 35],
        ['FAN', 5],
      ],
      null,
      370,
    ],
    [
      '30 uF + 3 uF +/-5% 440 VAC 50/60Hz',
      [
        ['HERM', 30],
        ['FAN', 3],
      ],
      { minus: 5, plus: 5 },
      440,
    ],
    [
      'HERM 45 FAN 7.5 uF 370/440V',
      [
        ['HERM', 45],
        ['FAN', 7.5],
      ],
      null,
      440,
    ],
    ['2,5 µF ±10 % 400 V~', [['single', 2.5]], { minus: 10, plus: 10 }, 400],
    ['CBB61 4uF 250VAC 50/60Hz 25/85/21', [['single', 4]], null, 250],
    ['6 MFD -5/+10% 370V', [['single', 6]], { minus: 5, plus: 10 }, 370],
    ['130 µF 0/+20% 250V START', [['single', 130]], { minus: 0, plus: 20 }, 250],
    ['10 μF +10-5 % 440 VAC', [['single', 10]], { minus: 5, plus: 10 }, 440],
  ])('%s', (text, sections, tolerance, volts) => {
    const label = parseCapacitorLabel(text)
    expect(label.sections.map((s) => [s.section, s.uF])).toEqual(sections)
    expect(label.tolerancePercent).toEqual(tolerance)
    expect(label.volts).toBe(volts)
  })

  it('reads a range as a start capacitor with its middle', () => {
    const label = parseCapacitorLabel('88-108 MFD 330 VAC')
    expect(label.sections).toEqual([{ section: 'single', uF: 98, minUf: 88, maxUf: 108 }])
    expect(label.duty).toBe('start')
  })

  it.each([
    ['35+5 440V', [35, 5], 440],
    ['45/5 370 VAC ±6 %', [45, 5], 370],
    ['4+5+6 250 V~', [4, 5, 6], 250],
  ])('reads the sums of “%s” where nothing else is left that they could be', (text, values, volts) => {
    const label = parseCapacitorLabel(text)
    expect(label.sections.map(({ uF }) => uF)).toEqual(values)
    expect(label.volts).toBe(volts)
  })

  it.each(['5/370V', '45/5 370', '440 V', '35 440 V'])('does not guess at “%s”', (text) => {
    expect(() => parseCapacitorLabel(text)).toThrow(/No capacitance found/)
  })

  it('says what to type when there is no capacitance', () => {
    expect(() => parseCapacitorLabel('440 VAC 50/60 Hz')).toThrow(/with its unit/)
  })
})

describe('a capacitor against its window', () => {
  it('is weak only when the whole interval lies below the window', () => {
    expect(check('5 µF ±6 %', 4.5).verdict).toBe('weak')
    expect(check('5 µF ±6 %', 4.6).verdict).toBe('borderline')
    expect(check('5 µF ±6 %', 5).verdict).toBe('good')
    expect(check('5 µF ±6 %', 5.3).verdict).toBe('borderline')
    expect(check('5 µF ±6 %', 5.6).verdict).toBe('high')
  })

  it('works out the window, the deviation and the uncertainty', () => {
    const [section] = check('5 µF ±6 %', 4).sections
    expect(section).toMatchObject({ nominalUf: 5, readingUf: 4 })
    expect(section!.lowUf).toBeCloseTo(4.7)
    expect(section!.highUf).toBeCloseTo(5.3)
    expect(section!.deviationPercent).toBeCloseTo(-20)
    expect(section!.uncertaintyUf).toBeCloseTo(0.13)
  })

  it('takes ±6 % where no tolerance is printed and says so', () => {
    expect(check('5 µF', 5).reasons.join(' ')).toMatch(/±6 % is taken/)
  })

  it('takes over-range as shorted, unless the meter cannot reach that far', () => {
    expect(check('60 µF ±6 %', null).verdict).toBe('shorted')
    const meter = { accuracyPercent: 2, accuracyCounts: 5, resolutionUf: 0.01, maxUf: 40 }
    const beyond = check('60 µF ±6 %', null, { meter })
    expect(beyond.verdict).toBe('borderline')
    expect(beyond.reasons.join(' ')).toMatch(/above this meter's range/)
  })

  it('lets the look override the reading, but not for rust', () => {
    expect(check('5 µF', 5, { look: ['bulged'] }).verdict).toBe('failed-by-look')
    expect(check('5 µF', 5, { look: ['rusty-terminals'] }).verdict).toBe('good')
    expect(check('5 µF', 5, { look: ['rusty-terminals'] }).reasons.join(' ')).toMatch(/clean them/i)
  })

  it('widens the limits for the ten-percent school, never narrows them', () => {
    expect(check('5 µF ±6 %', 4.65, { school: 'ten-percent' }).verdict).toBe('good')
    expect(check('5 µF ±20 %', 4.3, { school: 'ten-percent' }).verdict).toBe('good')
  })

  it('answers the worst of two sections', () => {
    const dual = checkCapacitor({
      label: '30+3 µF ±6 % 440 V',
      readings: [
        { section: 'HERM', uF: 29.4 },
        { section: 'FAN', uF: 0 },
      ],
    })
    expect(dual.sections.map((s) => s.verdict)).toEqual(['good', 'open'])
    expect(dual.verdict).toBe('open')
  })

  it('names a section that the label does not have', () => {
    expect(() => checkCapacitor({ label: '5 µF', readings: [{ section: 'FAN', uF: 5 }] })).toThrow(
      /no FAN section/,
    )
  })

  it('never gets better as the reading falls from the middle of the window', () => {
    const order = ['good', 'borderline', 'weak', 'open']
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (a, b) => {
          const [more, less] = [Math.max(a, b), Math.min(a, b)]
          const rank = (share: number) => order.indexOf(check('40 µF ±6 %', 40 * share).verdict)
          expect(rank(less)).toBeGreaterThanOrEqual(rank(more))
        },
      ),
    )
  })
})

describe('capacitor arithmetic', () => {
  it('finds the capacitance under load with the constants of the trade', () => {
    expect(capacitanceUnderLoad({ amps: 1, volts: 1, hz: 60 }).uF).toBeCloseTo(2652.58, 1)
    expect(capacitanceUnderLoad({ amps: 1, volts: 1, hz: 50 }).uF).toBeCloseTo(3183.1, 1)
  })

  it('empties a 40 µF 440 V capacitor through 20 kΩ in about four seconds', () => {
    const result = discharge({ uF: 40, acVolts: 440, resistorOhm: 20_000 })
    expect(result.peakVolts).toBeCloseTo(622.25, 1)
    expect(result.energyJoules).toBeCloseTo(7.744, 3)
    expect(result.timeConstantSeconds).toBeCloseTo(0.8)
    expect(result.secondsToSafe).toBeCloseTo(0.8 * Math.log(622.25 / 5), 3)
    expect(result.peakWatts).toBeCloseTo(19.36, 2)
  })
})

describe('sections combined with jumpers', () => {
  const sections = [
    ['a', 2.5],
    ['b', 5],
    ['c', 5],
    ['d', 10],
    ['e', 20],
    ['f', 25],
  ].map(([terminal, uF]) => ({ terminal: terminal as string, uF: uF as number }))

  it('makes both values of a dual at once', () => {
    const made = combineSections({
      sections,
      targets: [
        { name: 'HERM', uF: 35, tolerancePercent: 6 },
        { name: 'FAN', uF: 5, tolerancePercent: 6 },
      ],
    })
    expect(made.feasible).toBe(true)
    expect(made.targets.map((t) => t.uF)).toEqual([35, 5])
    expect(made.jumpers).toHaveLength(1)
  })

  it('gives the nearest and says it is not within', () => {
    const made = combineSections({
      sections: [{ terminal: 'a', uF: 4 }],
      targets: [{ name: 'FAN', uF: 5, tolerancePercent: 6 }],
    })
    expect(made.feasible).toBe(false)
    expect(made.targets[0]).toMatchObject({ uF: 4, within: false })
    expect(made.targets[0]!.errorPercent).toBeCloseTo(-20)
  })

  it('uses each section at most once and never leaves a target empty when it can', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 2, maxLength: 6 }),
        fc.integer({ min: 2, max: 60 }),
        fc.integer({ min: 1, max: 10 }),
        (values, herm, fan) => {
          const made = combineSections({
            sections: values.map((uF, i) => ({ terminal: `t${i}`, uF })),
            targets: [
              { name: 'HERM', uF: herm, tolerancePercent: 6 },
              { name: 'FAN', uF: fan, tolerancePercent: 6 },
            ],
          })
          const used = [...made.targets.flatMap((t) => t.terminals), ...made.unused]
          expect([...used].sort()).toEqual(values.map((_, i) => `t${i}`).sort())
          expect(made.targets.every((t) => t.terminals.length > 0)).toBe(true)
        },
      ),
      { numRuns: samples(60) },
    )
  })
})

describe('a label of three sections and more', () => {
  const sections = (label: string) =>
    parseCapacitorLabel(label).sections.map(({ section, uF }) => [section, uF] as const)

  it.each<[string, [string, number][]]>([
    [
      '4.5+5+6 µF 250 V',
      [
        ['1', 4.5],
        ['2', 5],
        ['3', 6],
      ],
    ],
    [
      '40+5+5 MFD 440 VAC',
      [
        ['1', 40],
        ['2', 5],
        ['3', 5],
      ],
    ],
    [
      '5uF 6uF 7uF 250V',
      [
        ['1', 5],
        ['2', 6],
        ['3', 7],
      ],
    ],
    [
      'red 4,5 blue 5 grey 6 µF 250 V~ 50/60 Hz',
      [
        ['red', 4.5],
        ['blue', 5],
        ['grey', 6],
      ],
    ],
    [
      '2.5 (x2) µF 250 V',
      [
        ['1', 2.5],
        ['2', 2.5],
      ],
    ],
    [
      '1,5 µF + 2,5 µF + 3,5 µF ±5 % 250 V',
      [
        ['1', 1.5],
        ['2', 2.5],
        ['3', 3.5],
      ],
    ],
  ])('%s drops no value', (label, wanted) => {
    expect(sections(label)).toEqual(wanted)
  })

  it.each<[string, [string, number][]]>([
    ['MFD 35 440 V', [['single', 35]]],
    [
      'MFD 35/5 440 VAC',
      [
        ['HERM', 35],
        ['FAN', 5],
      ],
    ],
    [
      '35 µF + 5 440 V',
      [
        ['HERM', 35],
        ['FAN', 5],
      ],
    ],
    ['CAP 5 MFD 370V', [['single', 5]]],
    ['7.5 µF ±5 % 440 V 50/60 Hz 25/70/21', [['single', 7.5]]],
  ])('%s is read with its unit before, once, or after', (label, wanted) => {
    expect(sections(label)).toEqual(wanted)
  })

  it('is a range where the unit stands before it as well', () => {
    expect(parseCapacitorLabel('MFD 189-227 110 VAC').sections).toEqual([
      { section: 'single', uF: 208, minUf: 189, maxUf: 227 },
    ])
  })

  it('is checked section by section', () => {
    const check = checkCapacitor({
      label: 'red 4.5 blue 5 grey 6 µF ±5 % 250 V',
      readings: [
        { section: 'red', uF: 4.5 },
        { section: 'grey', uF: 3.1 },
      ],
    })
    expect(check.sections.map(({ section, verdict }) => [section, verdict])).toEqual([
      ['red', 'good'],
      ['grey', 'weak'],
    ])
    expect(check.reasons.join(' ')).toContain('blue was not read')
  })
})

describe('a label of another hand', () => {
  it.each([...otherLabels, ...laterLabels].map((label) => [label.text, label] as const))(
    '%s',
    (text, wanted) => {
      if (wanted.sections.length === 0) {
        expect(() => parseCapacitorLabel(text)).toThrow('No capacitance')
        return
      }
      const { sections, volts, dcVolts, tolerancePercent, duty } = parseCapacitorLabel(text)
      expect(sections.map(({ section, uF, minUf: min, maxUf: max }) => ({ section, uF, min, max }))).toEqual(
        wanted.sections.map(({ section, uF, min, max }) => ({ section, uF, min, max })),
      )
      expect({ volts, dcVolts, tolerancePercent }).toEqual({
        volts: wanted.volts,
        dcVolts: wanted.dcVolts,
        tolerancePercent: wanted.tolerance,
      })
      expect(duty).toBe(wanted.duty ?? 'run')
    },
  )
})

describe('the section of a reading', () => {
  it('goes by its name in any case, or by its place among three', () => {
    const label = 'red 4.5 blue 5 grey 6 µF 250 V'
    const named = (section: string) =>
      checkCapacitor({ label, readings: [{ section, uF: 5 }] }).sections[0]?.nominalUf
    expect([named('Blue'), named('2'), named('3')]).toEqual([5, 5, 6])
    expect(() => named('HERM')).toThrow('no HERM section')
    expect(() => named('4')).toThrow('no 4 section')
  })

  it('of a label with one value may be called single', () => {
    const { sections } = checkCapacitor({ label: 'C1:4uF 250V', readings: [{ section: 'single', uF: 4 }] })
    expect(sections).toMatchObject([{ section: 'C1', nominalUf: 4, verdict: 'good' }])
  })

  it('by its place is none of a dual: nobody knows which of two is the first', () => {
    expect(() => checkCapacitor({ label: '35+5 µF', readings: [{ section: '1', uF: 5 }] })).toThrow(
      'no 1 section',
    )
  })
})

describe('a meter that empties a capacitor by itself', () => {
  it('takes minutes for a small one and an hour for a large one', () => {
    // RC = 10 MΩ · 5 µF = 50 s; ln(523 V / 5 V) = 4.65.
    expect(secondsThroughMeter(5, 370)).toBeCloseTo(232.5, 0)
    expect(secondsThroughMeter(80, 440)).toBeGreaterThan(3600)
  })
})

describe('the resistor of a discharge', () => {
  const codes = (resistorOhm: number, acVolts = 240, uF = 45) =>
    discharge({ uF, acVolts, resistorOhm }).warnings.map(({ code }) => code)

  it('is too small where it burns, and too large where nobody waits for it', () => {
    expect(codes(20_000)).toEqual([])
    // 339 V across 5,760 Ω are 20 W.
    expect([codes(5_750), codes(5_770)]).toEqual([['resistor-too-small'], []])
    expect(codes(20)).toEqual(['resistor-too-small'])
    // Below 50 V a small one does no harm; above, one under 1 kΩ is nearly a short, whatever its watts.
    expect([codes(999, 30), codes(999, 40), codes(1001, 40)]).toEqual([[], ['resistor-too-small'], []])
    expect(codes(20_000_000)).toEqual(['resistor-too-large'])
    // 45 µF from 339 V to 5 V takes 4.217 time constants: 300 s at 1.58 MΩ.
    expect([codes(1_570_000), codes(1_590_000)]).toEqual([[], ['resistor-too-large']])
  })
})

describe('sections that are shared out', () => {
  it('make the second target as well as they can once the worst error is settled', () => {
    const sections = [2, 4, 5, 10.5].map((uF, index) => ({ terminal: 'abcd'[index] ?? '', uF }))
    const targets = [
      { name: 'far', uF: 20, tolerancePercent: 5 },
      { name: 'near', uF: 4, tolerancePercent: 5 },
    ]
    const made = combineSections({ sections, targets })
    // The worst is 20 from 10.5 + 5 + 2 (12.5 %); 4 itself is exact beside it.
    expect(made.targets.map(({ terminals }) => terminals)).toEqual([['a', 'c', 'd'], ['b']])
  })
})

describe('sections that are typed in a row', () => {
  it.each<[string, number[]]>([
    ['2.5, 5, 10', [2.5, 5, 10]],
    ['2.5,5,10', [2.5, 5, 10]],
    ['2,5; 5; 10', [2.5, 5, 10]],
    ['45/7.5 µF', [45, 7.5]],
    ['2,5 + 5 uF', [2.5, 5]],
    ['', []],
  ])('%s', (text, wanted) => {
    expect(typedSections(text, 'sections')).toEqual(wanted)
  })

  it.each(['2.5, x, 5', '2.5 0 5', 'five', '2.5,,-5'])('%s is refused whole: no place moves up', (text) => {
    expect(() => typedSections(text, 'sections')).toThrow(/is no capacitance/)
  })
})
