import { describe, expect, it } from 'vitest'
import { planHowOf } from './proofHow'

describe('a question of the plan in the words of the region', () => {
  it('counts the live wires as houses there have them', () => {
    const [here, there] = [planHowOf('legs', 'north-america'), planHowOf('legs', 'europe')]
    expect(here.why).toContain('240 V, from a breaker of double width')
    expect(`${there.why} ${there.unsure}`).toContain('230 V')
    expect(`${there.why} ${there.unsure}`).not.toMatch(/120|240|double width/)
    // Who cannot tell reads one pair more, in either.
    for (const { unsure } of [here, there]) expect(unsure).toContain('take “two”')
  })

  it('names the earth by its colours there, and asks the rest alike', () => {
    expect(planHowOf('earth', 'north-america').text).toContain('bare, green, or green and yellow')
    expect(planHowOf('earth', 'europe').text).toBe('Is there an earth wire at that place: green and yellow?')
    for (const field of [
      'water',
      'other-supply',
      'feeds',
      'feeds-by-plug',
      'switched-live',
      'switch',
    ] as const)
      expect(planHowOf(field, 'europe')).toEqual(planHowOf(field, 'north-america'))
  })
})
