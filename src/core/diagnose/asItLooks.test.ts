import { describe, expect, it } from 'vitest'
import { deep, samples, seedOf } from '../../sampling.testing'
import { seeded } from '../random'
import { offered, oneAnswerOff, playCase, textbookCases, withoutLive } from './simulate.testing'

const WITHIN = 8
/** A protector that opened is an effect: its capacitor, its wheel and its turn by hand are looked at besides, and its ohms again, cold. */
const WITHIN_OF_EFFECT = 14

/** Every cause of every kind of every family, each answer as that cause mostly looks. */
const cases = textbookCases()

describe('every cause as it mostly looks', () => {
  const outcomes = cases.map((hidden) => ({ hidden, ...playCase(hidden, offered) }))

  it('comes to the right action within eight tests in at least 97 of 100', () => {
    const right = outcomes.filter(
      ({ hidden, decided, right, tests }) =>
        decided && right && tests <= (hidden.cause === 'thermal-protector-open' ? WITHIN_OF_EFFECT : WITHIN),
    )
    expect(right.length / outcomes.length).toBeGreaterThanOrEqual(0.97)
  })

  it('is never decided wrongly', () => {
    const wrong = outcomes.filter(({ decided, right }) => decided && !right)
    expect(wrong.map(({ hidden }) => `${hidden.family} ${hidden.motorKind} ${hidden.cause}`)).toEqual([])
  })
})

describe('a repairer who is not perfect', () => {
  it('with one story wrong or not known: at least nine in ten right, at most 3 in 100 wrong', () => {
    const random = seeded(seedOf(77))
    const outcomes = Array.from({ length: samples(160, 2000) }, () => {
      const hidden = cases[Math.floor(random() * cases.length)]!
      return playCase(oneAnswerOff(hidden, Math.floor(random() * 4), random), offered)
    })
    const share = (of: (outcome: (typeof outcomes)[number]) => boolean) =>
      outcomes.filter(of).length / outcomes.length
    expect(share(({ decided, right }) => decided && right)).toBeGreaterThanOrEqual(0.9)
    expect(share(({ decided, right }) => decided && !right)).toBeLessThanOrEqual(0.03)
  })

  it('who declines every live test is never sent the wrong way', () => {
    const wrong = cases
      .filter((_, index) => deep || index % 12 === 0)
      .filter((hidden) => {
        const { decided, right } = playCase(hidden, withoutLive)
        return decided && !right
      })
    expect(wrong.map(({ family, motorKind, cause }) => `${family} ${motorKind} ${cause}`)).toEqual([])
  })
})
