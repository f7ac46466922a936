import { describe, expect, it } from 'vitest'
import type { RecognisedWord } from './recognised'
import { proposalsOf, readPlateWords } from './words'

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
    expect(text).toBe('MARROWBY\nHP 1/6        V 208-230\nRPM 825')
  })

  it('of a second photo add what the first lacked, and put nothing in its place', () => {
    const first = readPlateWords(words, 'motor').proposed
    const second = readPlateWords(
      [word('RPM', 0, 10), word('1075', 0, 75), word('FR', 1, 10), word('48Y', 1, 60)],
      'motor',
    ).proposed
    const all = proposalsOf([first, second])
    expect(all.find(({ key }) => key === 'rpm')).toMatchObject({ photo: 0, field: { value: [825] } })
    expect(all.find(({ key }) => key === 'frame')).toMatchObject({ photo: 1, field: { value: '48Y' } })
    expect(new Set(all.map(({ key }) => key)).size).toBe(all.length)
  })
})
