import { describe, expect, it } from 'vitest'
import type { RecognisedWord } from './recognised'
import { proposalsOf, readPlateWords } from './words'

const word = (
  text: string,
  line: number,
  x0: number,
  readings: RecognisedWord['readings'] = [],
): RecognisedWord => ({
  text,
  line,
  confidence: 0.9,
  readings,
  box: { x0, y0: line * 40, x1: x0 + text.length * 18, y1: line * 40 + 28 },
})

const read = (words: RecognisedWord[]) => {
  const { proposed, text } = readPlateWords(words, 'motor')
  const of = (key: string) => proposed.find((each) => each.key === key)
  return { of, text }
}

describe('letters between which the recogniser hesitates', () => {
  it('are read as what makes more of the plate understood', () => {
    const { of, text } = read([
      word('VQLYS', 0, 10, [
        { text: 'VOLYS', share: 0.3 },
        { text: 'VQLTS', share: 0.4 },
      ]),
      word('115', 0, 140),
      word('R9M', 1, 10, [{ text: 'RPM', share: 0.5 }]),
      word('1075', 1, 90),
    ])
    expect(of('rpm')?.field.value).toEqual([1075])
    expect(text).toContain('RPM 1075')
  })

  it('stay as they were read where nothing speaks for another reading', () => {
    const { of } = read([
      word('RPM', 0, 10),
      word('1075', 0, 90, [{ text: '1025', share: 0.9 }]),
      word('V', 1, 10),
      word('115', 1, 50),
    ])
    expect(of('rpm')?.field.value).toEqual([1075])
  })

  it('are offered as what the field may say instead, each once, likeliest first', () => {
    const { of } = read([
      word('RPM', 0, 10),
      word('1075', 0, 90, [
        { text: '1015', share: 0.2 },
        { text: '1025', share: 0.9 },
        { text: '1O75', share: 0.1 },
      ]),
    ])
    expect(of('rpm')?.others.map(({ value }) => value)).toEqual([[1025], [1015]])
  })

  it('offer the first reading where another was taken', () => {
    const { of } = read([
      word('CAP', 0, 10),
      word('S', 0, 80, [{ text: '5', share: 0.8 }]),
      word('MFD', 0, 110),
      word('RPM', 1, 10),
      word('825', 1, 90),
    ])
    expect(of('capacitorUf')?.field.value).toBe(5)
  })

  it('change no other field than the one they stand in', () => {
    const { of } = read([
      word('RPM', 0, 10),
      word('1075', 0, 90, [{ text: '1025', share: 0.9 }]),
      word('V', 1, 10),
      word('115', 1, 50),
    ])
    expect(of('voltages')?.others).toEqual([])
  })
})

describe('a second photo', () => {
  it('that says something else is offered beside the first, and the same is no choice', () => {
    const photo = (rpm: string) =>
      readPlateWords([word('RPM', 0, 10), word(rpm, 0, 90), word('HZ', 1, 10), word('60', 1, 60)], 'motor')
        .proposed
    const all = proposalsOf([photo('1075'), photo('1100'), photo('1075')])
    const of = (key: string) => all.find((each) => each.key === key)
    expect(of('rpm')).toMatchObject({ photo: 0, field: { value: [1075] } })
    expect(of('rpm')?.others.map(({ value }) => value)).toEqual([[1100]])
    expect(of('hz')?.others).toEqual([])
  })
})
