import { describe, expect, it } from 'vitest'
import { meanConfidence, type RecognisedWord, readPlateWords, wordsOfBlocks } from './words'

const word = (text: string, line: number, x0: number, confidence = 0.95): RecognisedWord => ({
  text,
  line,
  confidence,
  box: { x0, y0: line * 40, x1: x0 + text.length * 18, y1: line * 40 + 28 },
})

describe('words as recognition delivers them', () => {
  const words = [
    word('MARROWBY', 0, 10),
    word('HP', 1, 10),
    word('1/6', 1, 55),
    word('V', 1, 260),
    word('208-230', 1, 285),
    word('RPM', 2, 10),
    word('825', 2, 75, 0.5),
  ]

  it('become fields with the piece of the picture each came from', () => {
    const { proposed } = readPlateWords(words, 'motor')
    const of = (key: string) => proposed.find((each) => each.key === key)!
    expect(of('voltages').field.value).toEqual([208, 230])
    expect(of('voltages').box).toEqual({ x0: 260, y0: 40, x1: 285 + 7 * 18, y1: 68 })
    expect(of('manufacturer').field.value).toBe('MARROWBY')
  })

  it('are trusted less where recognition was unsure', () => {
    const { proposed } = readPlateWords(words, 'motor')
    const trust = (key: string) => proposed.find((each) => each.key === key)!.confidence
    expect(trust('rpm')).toBeLessThan(trust('voltages'))
  })

  it('keep a wide gap as the end of a field, and leave specks out', () => {
    const { text } = readPlateWords([...words, word('|', 3, 10, 0.1)], 'motor')
    expect(text).toBe('MARROWBY\nHP 1/6   V 208-230\nRPM 825')
  })

  it('come out of blocks with their lines numbered', () => {
    const bbox = { x0: 0, y0: 0, x1: 9, y1: 9 }
    const blocks = [
      {
        paragraphs: [
          {
            lines: [
              { words: [{ text: 'A', confidence: 90, bbox }] },
              { words: [{ text: 'B', confidence: 80, bbox }] },
            ],
          },
        ],
      },
    ]
    expect(wordsOfBlocks(blocks).map(({ text, line, confidence }) => [text, line, confidence])).toEqual([
      ['A', 0, 0.9],
      ['B', 1, 0.8],
    ])
    expect(wordsOfBlocks(null)).toEqual([])
  })

  it('weigh by their length, and next to nothing is no reading', () => {
    expect(meanConfidence([word('abcdefgh', 0, 0, 0.9), word('x', 0, 0, 0)])).toBeCloseTo(0.8)
    expect(meanConfidence([word('ab', 0, 0, 1)])).toBe(0)
  })
})
