import { describe, expect, it } from 'vitest'
import { distance } from './mend'
import { inFigures, numberOf } from './numbers'

describe('numbers as people say them', () => {
  it.each([
    ['four screws', '4 screws'],
    ['half a dozen screws', '6 screws'],
    ['a quarter inch hex', '1/4 inch hex'],
    ['five sixteenths hex', '5/16 hex'],
    ['one of the ones in front', '1 of the ones in front'],
  ])('"%s" is "%s"', (said, figures) => expect(inFigures(said)).toBe(figures))

  it.each([
    ['2 3/8', 2.375],
    ['12,5', 12.5],
    ['3/4', 0.75],
    ['none of them', null],
    ['1/0', null],
  ])('"%s" is %s', (text, value) => expect(numberOf(text)).toBe(value))
})

describe('slips of the finger', () => {
  it('two letters changed about are one slip', () => {
    expect(distance('screws', 'scerws', 2)).toBe(1)
    expect(distance('screw', 'screws', 2)).toBe(1)
    expect(distance('bearing', 'board', 2)).toBeGreaterThan(2)
  })
})
