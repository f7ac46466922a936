import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../sampling.testing'
import { readPlate } from '../plate'
import { parseCapacitorLabel } from '.'

const units = ['µF', 'μF', 'uF', 'UF', 'µ F', 'MFD', 'mfd', 'MF', 'mF', 'Mfd']
const unit = fc.constantFrom(...units)
const gap = fc.constantFrom('', ' ', '  ')
const value = fc.constantFrom(1.5, 2, 2.2, 3, 4, 5, 6, 7.5, 10, 12.5, 15, 20, 25, 35, 40, 45, 55, 70, 80)
const volts = fc.constantFrom(250, 370, 400, 440, 450)
const voltUnit = fc.constantFrom('V', 'VAC', 'V~', ' V', ' VAC', ' volts')
const tolerance = fc.constantFrom('', '±6 %', '±5%', '+/-10 %', '+10 -5 %')
const decimal = fc.constantFrom('.', ',')
const joint = fc.constantFrom('+', '/', ' + ', ' / ', '&')
const rest = fc.constantFrom('', '60 Hz', '50/60 Hz', '25/85/21', 'Protected', 'P2 10000 AFC', 'SH')

const written = (uF: number, point: string) => String(uF).replace('.', point)

/** The parts of a label in some order, as makers print and people type them. */
const label = (sections: fc.Arbitrary<{ text: string; uF: number[] }>) =>
  fc
    .tuple(sections, volts, voltUnit, tolerance, rest, fc.constantFrom(' ', '\n', ', ', '; '), fc.nat(5))
    .map(([{ text, uF }, v, vUnit, percent, more, between, turn]) => {
      const parts = [percent, `${v}${vUnit}`, more].filter(Boolean)
      const turned = [...parts.slice(turn % 3), ...parts.slice(0, turn % 3)]
      // The capacitance stands first or last: in between it would run into the other figures.
      const all = turn % 2 ? [text, ...turned] : [...turned, text]
      return { text: all.join(between), uF, volts: v }
    })

const single = fc
  .tuple(value, unit, gap, decimal)
  .map(([uF, name, space, point]) => ({ text: `${written(uF, point)}${space}${name}`, uF: [uF] }))

const dual = fc
  .tuple(value, value, unit, gap, decimal, joint)
  .filter(([one, two]) => one !== two)
  .map(([one, two, name, space, point, plus]) => ({
    text: `${written(one, point)}${plus}${written(two, point)}${space}${name}`,
    uF: [Math.max(one, two), Math.min(one, two)],
  }))

describe('a capacitor label, however it is typed', () => {
  it.each(units)('"5 %s 370 V" is one section of 5: the volts after the unit are no capacitance', (name) => {
    expect(parseCapacitorLabel(`5 ${name} 370 V`)).toMatchObject({
      sections: [{ section: 'single', uF: 5 }],
      volts: 370,
    })
  })

  it('has its one section and its volts', () => {
    fc.assert(
      fc.property(label(single), ({ text, uF, volts: v }) => {
        const read = parseCapacitorLabel(text)
        expect(read.sections, text).toEqual([{ section: 'single', uF: uF[0] }])
        expect(read.volts, text).toBe(v)
        expect(read.duty, text).toBe('run')
      }),
      { numRuns: samples(500) },
    )
  })

  it('has both sections, the larger as HERM', () => {
    fc.assert(
      fc.property(label(dual), ({ text, uF, volts: v }) => {
        const read = parseCapacitorLabel(text)
        expect(read.sections, text).toEqual([
          { section: 'HERM', uF: uF[0] },
          { section: 'FAN', uF: uF[1] },
        ])
        expect(read.volts, text).toBe(v)
      }),
      { numRuns: samples(500) },
    )
  })

  it('is read as the same capacitor from a plate', () => {
    fc.assert(
      fc.property(fc.oneof(label(single), label(dual)), ({ text, uF, volts: v }) => {
        const { fields } = readPlate({ text, kind: 'capacitor' })
        expect(fields.sections?.value, text).toEqual(parseCapacitorLabel(text).sections)
        expect(
          fields.sections?.value.map((section) => section.uF),
          text,
        ).toEqual(uF)
        expect(fields.volts?.value, text).toBe(v)
      }),
      { numRuns: samples(300) },
    )
  })

  it.each([
    ['HERM 45 FAN 5 µF 440 V', [45, 5]],
    ['H: 45 µF F: 5 µF 440V', [45, 5]],
    ['H=45 F=5 MFD', [45, 5]],
    ['FAN 5 MFD HERM 45 MFD 370 VAC', [45, 5]],
    ['45 µF HERM, 5 µF FAN', [45, 5]],
  ])('"%s" names its sections', (text, [herm, fan]) => {
    expect(parseCapacitorLabel(text).sections).toEqual([
      { section: 'HERM', uF: herm },
      { section: 'FAN', uF: fan },
    ])
  })

  it('of one named section keeps the name', () => {
    expect(parseCapacitorLabel('FAN 5 µF 370 V').sections).toEqual([{ section: 'FAN', uF: 5 }])
  })
})
