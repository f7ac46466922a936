import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { tokensOf } from './tokens'

const texts = (text: string) => tokensOf(text, (word) => word).map((token) => token.text)

describe('a text in tokens', () => {
  it.each([
    ["doesn't turn", ['does', 'not', 'turn']],
    ['wont go', ['will', 'not', 'go']],
    ["heater's blower", ['heater', "'s", 'blower']],
    ["a-turnin' round", ['a', 'turnin', 'round']],
    ['118V at 2.5', ['118', 'v', 'at', '2.5']],
    ['b4 u ask', ['before', 'you', 'ask']],
    ['a sea unit', ['ac', 'unit']],
    ['the are vee furnace', ['the', 'rv', 'furnace']],
    ['dead. (really)', ['dead', '.', '(', 'really', ')']],
  ])('“%s”', (text, expected) => {
    expect(texts(text)).toEqual(expected)
  })

  it('knows what numbers are worth, in figures and in words', () => {
    const worth = tokensOf('nine volts, 12.4 now, four flashes', (word) => word).flatMap(
      ({ value }) => value ?? [],
    )
    expect(worth).toEqual([9, 12.4, 4])
  })

  it('tells from which letters each token was typed', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => {
        let before = 0
        for (const { from, to } of tokensOf(text, (word) => word)) {
          expect(from).toBeGreaterThanOrEqual(before === 0 ? 0 : 0)
          expect(to).toBeGreaterThan(from)
          expect(to).toBeLessThanOrEqual(text.length)
          before = to
        }
      }),
    )
  })

  it('takes no word for a property of a table', () => {
    for (const word of ['constructor', 'toString', '__proto__', 'valueOf', 'hasOwnProperty'])
      expect(() => texts(`the ${word} hums`)).not.toThrow()
    expect(texts('constructor')).toEqual(['constructor'])
  })

  it('leaves out what is longer than a story, and words that nobody writes', () => {
    expect(texts(`${'x'.repeat(60)} fan`)).toEqual(['fan'])
    expect(texts('fan '.repeat(5000)).length).toBeLessThan(400)
  })
})
