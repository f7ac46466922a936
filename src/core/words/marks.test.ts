import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { marksIn } from './marks'

describe('the words that were understood', () => {
  it('are marked in the sentence as it was typed', () => {
    expect(marksIn('The Fan HUMS, and smells burnt', ['hums', 'smells burnt'])).toEqual([
      { text: 'The Fan ', understood: false, at: 0 },
      { text: 'HUMS', understood: true, at: 8 },
      { text: ', and ', understood: false, at: 12 },
      { text: 'smells burnt', understood: true, at: 18 },
    ])
  })

  it('are marked in both places where they stand apart', () => {
    expect(
      marksIn('hums but will not turn', ['hums … not turn']).filter(({ understood }) => understood),
    ).toHaveLength(2)
  })

  it('leave the sentence whole, whatever they are', () => {
    fc.assert(
      fc.property(fc.string(), fc.array(fc.string()), (text, words) => {
        expect(
          marksIn(text, words)
            .map((piece) => piece.text)
            .join(''),
        ).toBe(text)
      }),
    )
  })
})
