import { describe, expect, it } from 'vitest'
import { diagnose } from '.'
import { weightInWords, whatSettles } from './settle'

describe('what would settle a suspect', () => {
  const input = {
    family: 'outdoor-unit-fan',
    motorKind: 'psc',
    observations: { 'fan-state': 'hums', companion: 'yes' },
  } as const
  it('a weak capacitor is proved by its low reading and struck by one within', () => {
    const { proves, strikes } = whatSettles(input, 'capacitor-weak')
    expect(proves.find((each) => each.observation === 'capacitor-fan-reading')?.value).toBe('low')
    expect(strikes.find((each) => each.observation === 'capacitor-fan-reading')?.value).toMatch(
      /within|open|short|above/,
    )
  })

  it('says what the diagnosis will say once the result is in', () => {
    for (const { observation, value, after } of whatSettles(input, 'bearing-seized').proves) {
      const then = diagnose({ ...input, observations: { ...input.observations, [observation]: value } })
      expect(then.suspects.find((suspect) => suspect.cause === 'bearing-seized')!.probability).toBeCloseTo(
        after,
        9,
      )
    }
  })

  it('names no test that was made, declined, or cannot be made', () => {
    const { proves, strikes } = whatSettles(
      { ...input, declined: ['free-spin'], tools: ['hand'] },
      'bearing-seized',
    )
    const named = [...proves, ...strikes].map((each) => each.observation)
    for (const left of ['free-spin', 'fan-state', 'capacitor-fan-reading', 'winding'])
      expect(named).not.toContain(left)
  })

  it('has nothing to say of a cause the family does not have', () => {
    expect(whatSettles(input, 'brushes-worn')).toEqual({ proves: [], strikes: [] })
  })
})

describe('weights in words', () => {
  it.each([
    [4.2, 'strongly for'],
    [1.1, 'clearly for'],
    [0.5, 'a little for'],
    [0.1, 'says little'],
    [-0.6, 'a little against'],
    [-3, 'strongly against'],
  ])('%d bits: %s', (bits, words) => expect(weightInWords(bits)).toBe(words))

  it('names what said the same before, where nothing is left to say', () => {
    expect(weightInWords(0.01, 'The fan')).toBe('“The fan” has told the same already')
    expect(weightInWords(3, 'The fan')).toBe('strongly for')
  })
})
