import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { parseTyped, type Quantity, typedValue } from '.'
import { quantities } from './quantities'

const value = (text: string, quantity: Quantity = 'ohm') => typedValue(text, quantity)

describe('a number as people type it', () => {
  it.each([
    ['4.7k', 'ohm', 4700],
    ['4k7', 'ohm', 4700],
    ['4R7', 'ohm', 4.7],
    ['2.2 MΩ', 'ohm', 2.2e6],
    ['2.2M', 'ohm', 2.2e6],
    ['300 mΩ', 'ohm', 0.3],
    ['12 Ω', 'ohm', 12],
    ['0,5', 'ohm', 0.5],
    ['1,500', 'ohm', 1.5],
    ['1,500', 'rpm', 1500],
    ['.5', 'ohm', 0.5],
    ['5.', 'ohm', 5],
    ['1 1/2 in', 'mm', 38.1],
    ['1-1/2"', 'mm', 38.1],
    ['1/2 in', 'mm', 12.7],
    ['12 cm', 'mm', 120],
    ['68 F', 'celsius', 20],
    ['-4', 'celsius', -4],
    ['1/4', 'hp', 0.25],
    ['7.5 MFD', 'uF', 7.5],
    ['2200 nF', 'uF', 2.2],
    ['118 VAC', 'volts', 118],
    ['350 mA', 'amps', 0.35],
  ] as const)('%s as %s is %d', (text, quantity, expected) => {
    expect(value(text, quantity)).toBeCloseTo(expected, 9)
  })

  it('takes the meter over-range in any spelling where a resistance is read', () => {
    for (const text of ['OL', 'o', 'O.L', '0L', '0.L', '∞', 'open']) {
      expect(parseTyped(text, 'ohm', { over: true })).toEqual({ kind: 'over' })
    }
  })

  it('uses the unit of the person when none is typed', () => {
    expect(typedValue('1/2', 'mm', { defaultUnit: 'in' })).toBeCloseTo(12.7)
    expect(typedValue('1/2 mm', 'mm', { defaultUnit: 'in' })).toBeCloseTo(0.5)
  })

  it.each([
    ['abc', 'uF', /is not a capacitance.*for example/],
    ['-5', 'uF', /cannot be negative/],
    ['12 kg', 'volts', /not a unit of voltage/],
    ['1/0', 'mm', /below the line/],
    ['OL', 'volts', /Over-range does not belong here/],
    ['2.5', 'count', /whole number/],
  ] as const)('"%s" as %s says what to do', (text, quantity, message) => {
    const typed = parseTyped(text, quantity)
    expect(typed.kind).toBe('error')
    expect(typed.kind === 'error' && typed.message).toMatch(message)
  })

  it('reads back every plain decimal, with point or comma', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 99_999 }), fc.integer({ min: 0, max: 99 }), (whole, cents) => {
        const text = `${whole}.${String(cents).padStart(2, '0')}`
        expect(value(text)).toBeCloseTo(Number(text), 9)
        expect(value(text.replace('.', ','))).toBeCloseTo(Number(text), 9)
      }),
    )
  })

  it.each(Object.keys(quantities) as Quantity[])(
    'as %s never throws, whatever is typed, and what it takes is finite',
    (quantity) => {
      const pieces = fc.oneof(
        fc.string(),
        fc
          .array(
            fc.constantFrom(
              '1',
              '2',
              '0',
              '.',
              ',',
              '/',
              '-',
              ' ',
              'k',
              'M',
              'm',
              'µF',
              'in',
              '"',
              'e',
              'OL',
            ),
          )
          .map((parts) => parts.join('')),
      )
      fc.assert(
        fc.property(pieces, (text) => {
          const typed = parseTyped(text, quantity)
          if (typed.kind === 'error') expect(typed.message).toMatch(/[.?]$/)
          if (typed.kind === 'value') expect(Number.isFinite(typed.value)).toBe(true)
        }),
      )
    },
  )
})

it('money may have its sign before or behind it, and a comma between thousands', () => {
  for (const typed of ['$19.50', '$ 19.50', '19.50 $', '€19.50', '£ 19.50', '19.50'])
    expect(parseTyped(typed, 'money'), typed).toMatchObject({ kind: 'value', value: 19.5 })
  expect(parseTyped('$1,200', 'money')).toMatchObject({ value: 1200 })
  expect(parseTyped('$', 'money').kind).toBe('error')
  // A sign of money is none of any other figure.
  expect(parseTyped('$5', 'uF').kind).toBe('error')
})

it('names the example that fits where it is asked for', () => {
  expect(parseTyped('about 1', 'volts')).toMatchObject({
    message: expect.stringContaining('for example 118.'),
  })
  expect(parseTyped('about 1', 'volts', { example: '0.3' })).toMatchObject({
    message: expect.stringContaining('for example 0.3.'),
  })
})
