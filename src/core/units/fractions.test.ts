import { describe, expect, it } from 'vitest'
import { parseCapacitorLabel } from '../capacitor'
import { readPlate } from '../plate'
import { decimalFractions, plainFractions, spreadFractions } from './fractions'
import { typedValue } from './parseTyped'

describe('a fraction of one character', () => {
  it.each([
    ['½', 'hp', 0.5],
    ['1½ in', 'mm', 38.1],
    ['1 ½"', 'mm', 38.1],
    ['⅞ in', 'mm', 22.225],
  ] as const)('%s is a number as typed', (text, quantity, value) => {
    expect(typedValue(text, quantity)).toBeCloseTo(value, 6)
  })

  it('stands on a capacitor’s label', () => {
    expect(parseCapacitorLabel('7½ µF 370 V').sections[0]?.uF).toBe(7.5)
    expect(parseCapacitorLabel('1 ½ MFD 250V').sections[0]?.uF).toBe(1.5)
  })

  it('stands on a motor’s plate and is quoted where it was printed', () => {
    const text = 'MODEL X1\n½ HP 115V 60Hz 1075 RPM'
    const { hp } = readPlate({ text, kind: 'motor' }).fields
    expect(hp).toMatchObject({ value: 0.5 })
    expect(text.slice(hp?.raw.start, hp?.raw.end)).toContain('½')
  })

  it('leaves everything else as it is', () => {
    expect([plainFractions('1/2 in'), decimalFractions('35+5 µF')]).toEqual(['1/2 in', '35+5 µF'])
    expect(spreadFractions('a½b', [0, 1, 2])).toEqual({ work: 'a1/2b', places: [0, 1, 1, 1, 2] })
  })
})
