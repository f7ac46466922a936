import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { catalogueCapacitors } from '../knowledge/catalogue/capacitors'
import { catalogueMotors } from '../knowledge/catalogue/motors'
import { columnsOf, guessMapping, lineOfPart, partOfLine } from './columns'

const mm = { lengths: 'mm' } as const

describe('the columns of a price list', () => {
  it.each([
    [
      ['Item', 'HP', 'Voltage', 'RPM', 'Rotation', 'Shaft dia. (in)', 'List price'],
      ['partNumber', 'hp', 'voltages', 'rpm', 'rotation', 'shaftDiameterMm', 'price'],
    ],
    [
      ['SKU', 'Brand', 'MFD', 'Frame'],
      ['partNumber', 'manufacturer', 'capacitorUf', ''],
    ],
    [
      ['', 'part no', 'Part'],
      ['', 'partNumber', ''],
    ],
  ])('are guessed from their captions: %j', (captions, mapping) =>
    expect(guessMapping(captions, 'motor')).toEqual(mapping),
  )

  it('of capacitors likewise', () =>
    expect(guessMapping(['Number', 'µF', 'VAC', 'Height'], 'capacitor')).toEqual([
      'partNumber',
      'capacitance',
      'volts',
      'heightMm',
    ]))

  it('never give one field to two columns', () =>
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('hp', 'HP (nom.)', 'Volts', 'V', 'shaft', 'Shaft length mm', 'x', '')),
        (captions) => {
          const given = guessMapping(captions, 'motor').filter(Boolean)
          expect(new Set(given).size).toBe(given.length)
        },
      ),
    ))
})

describe('a line of a price list', () => {
  const mapping = ['partNumber', 'hp', 'voltages', 'rpm', 'rotation', 'shaftDiameterMm', 'mount', 'price']
  const line = (...cells: string[]) => partOfLine(cells, mapping, 'motor', { lengths: 'in' })

  it('becomes a motor, with the units of the list', () =>
    expect(line('ZZ-1', '1/6', '208-230', '1075/825', 'REV', '1/2', 'Studs', '$84.50')).toEqual({
      part: {
        phase: 1,
        partNumber: 'ZZ-1',
        hp: 1 / 6,
        voltages: [208, 230],
        rpm: [1075, 825],
        speeds: 2,
        rotation: { reversible: true },
        shaft: { diameterMm: 12.7 },
        mount: { type: 'stud' },
        price: 84.5,
      },
    }))

  it.each([
    [['', '1/6'], 'partNumber', 'no part number'],
    [['ZZ-2', 'strong'], 'hp', 'Type a number'],
    [['ZZ-3', '1/6', '230', '1075', 'sideways'], 'rotation', 'Choose one of'],
    [['ZZ-4', '1/6', '230', '1075', 'CW', '-3'], 'shaftDiameterMm', 'cannot be negative'],
  ])('is left out with its column and the reason: %j', (cells, field, reason) => {
    const out = line(...cells)
    expect(out).toMatchObject({ field })
    expect('error' in out ? out.error : '').toContain(reason)
  })

  it('of a capacitor is read by its label', () => {
    const read = (cells: string[]) =>
      partOfLine(cells, ['partNumber', 'capacitance', 'volts', 'diameterMm'], 'capacitor', mm)
    expect(read(['K1', '35+5', '440', '50'])).toMatchObject({
      part: {
        sections: [
          { section: 'HERM', uF: 35 },
          { section: 'FAN', uF: 5 },
        ],
        volts: 440,
        diameterMm: 50,
        duty: 'run',
      },
    })
    expect(read(['K2', '88-108', '330', ''])).toMatchObject({ part: { duty: 'start' } })
    expect(read(['K3', 'large', '440', ''])).toMatchObject({ field: 'capacitance' })
  })

  it('that was written from a part makes the same part again', () => {
    for (const kind of ['motor', 'capacitor'] as const) {
      const fields = columnsOf(kind).map(({ field }) => field)
      const parts = kind === 'motor' ? catalogueMotors : catalogueCapacitors
      for (const part of parts) {
        const cells = lineOfPart(part, kind)
        const again = partOfLine(cells, fields, kind, mm)
        expect('part' in again ? lineOfPart({ ...again.part, id: part.id } as never, kind) : again).toEqual(
          cells,
        )
      }
    }
  })
})
