import { describe, expect, it } from 'vitest'
import type { StopRuleId } from '../../knowledge/vocabulary'
import { seeded } from '../../random'
import { readNotice } from '../notice'
import { read } from '../reader/read'
import { stemOf, windowsOf } from './features'
import { guessedBy, likelyIn } from './guess'
import { learn, probability } from './learn'
import { held } from './trainingSet.testing'

describe('a guess at a danger', () => {
  const dangers = held.filter(({ stop }) => stop !== null)
  const harmless = held.filter(({ stop }) => stop === null)

  it('finds, in sentences that nothing was learned from, half of the dangers that the rules do not hear', () => {
    const unheard = dangers.filter(({ text, stop }) => {
      const { stops, guessed } = readNotice({ text })
      return !stops.some((heard) => heard === stop && !guessed.includes(heard))
    })
    const found = unheard.filter(({ text, stop }) =>
      readNotice({ text }).guessed.some((each) => each === stop),
    )
    expect(unheard.length).toBeGreaterThan(10)
    expect(found.length / unheard.length).toBeGreaterThanOrEqual(0.4)
  })

  it('hears or asks about more than four fifths of the dangers, of the odd and the shortest ones', () => {
    const met = dangers.filter(({ text }) => readNotice({ text }).stops.length > 0)
    expect(met.length / dangers.length).toBeGreaterThanOrEqual(0.84)
  })

  it('asks about few of the harmless, though they were written with the words of dangers', () => {
    const asked = harmless.filter(({ text }) => readNotice({ text }).guessed.length > 0)
    expect(harmless.length).toBeGreaterThan(300)
    expect(asked.length / harmless.length).toBeLessThanOrEqual(0.06)
  })

  it('names no more than two kinds where only that it is a danger is likely', () => {
    const likely = (any: number, shares: [StopRuleId, number][]) => ({ any, kinds: new Map(shares) })
    const even: [StopRuleId, number][] = [
      ['arcing', 0.3],
      ['gas-smell', 0.4],
      ['fire-or-smoke', 0.5],
    ]
    expect(guessedBy(likely(0.99, even))).toEqual(['fire-or-smoke', 'gas-smell'])
    expect(guessedBy(likely(0.5, even))).toEqual([])
    expect(guessedBy(likely(0.99, [...even, ['co-or-soot', 0.99]]))).toEqual(['co-or-soot'])
  })

  it('is asked and never raised', () => {
    const { stops, asked, raised, guessed } = readNotice({ text: 'my aunt got walloped by the fan' })
    expect(guessed).toEqual(['electric-shock'])
    expect(asked).toEqual(guessed)
    expect(stops).toEqual(guessed)
    expect(raised).toEqual([])
  })

  it('is of no danger that is told or denied already', () => {
    const { guessed } = readNotice({ text: 'it gave me a shock on the metal cover, no smell of gas' })
    expect(guessed).toEqual([])
  })

  it('makes a question of a danger that the words name and hardly mean', () => {
    const { raised, asked, guessed } = readNotice({
      text: 'a flash flood came by but the basement stayed dry',
    })
    expect({ raised, asked, guessed }).toEqual({
      raised: [],
      asked: ['arcing'],
      guessed: ['arcing'],
    })
    // What is meant stays told.
    expect(readNotice({ text: 'a flash came out of the socket' }).raised).toEqual(['arcing'])
  })

  it('is none where the words tell how the breaker behaves', () => {
    const text = 'it tripped the fuse, another new fuse holds'
    expect(guessedBy(likelyIn(read(text)))).toContain('breaker-retrips')
    expect(readNotice({ text }).stops).not.toContain('breaker-retrips')
  })

  it('is not drowned by what is told beside it', () => {
    const beside =
      'The bath fan is twelve years old, it squeals on high and on low, and the grille is full of fluff. '
    expect(guessedBy(likelyIn(read(`${beside}My wife got whacked by the casing. ${beside}`)))).toContain(
      'electric-shock',
    )
  })
})

describe('what a text is weighed by', () => {
  it('is the same in any form of a word', () => {
    expect(['zap', 'zaps', 'zapped', 'zapping'].map(stemOf)).toEqual(['zap', 'zap', 'zap', 'zap'])
  })

  it('names concepts near each other in their order, and none that lie far apart', () => {
    const [near] = windowsOf(read('it nipped my thumb'))
    expect([...(near ?? [])]).toEqual(expect.arrayContaining(['jolt', 'body', 'jolt>body']))
    const far = windowsOf(read('it nipped and then for a very long while there was nothing until my thumb'))
    expect(far.some((window) => window.has('jolt>body'))).toBe(false)
  })

  it('grows with the length of the text and no faster', () => {
    const windows = (times: number) => windowsOf(read('the metal bit my hand and '.repeat(times))).length
    expect(windows(40)).toBeLessThanOrEqual(2 * windows(20) + 2)
  })
})

describe('learning', () => {
  const sample = (is: boolean, ...features: string[]) => ({ features: new Set(features), is, weight: 1 })

  it('tells apart what differs, and is the same for the same numbers', () => {
    const samples = [sample(true, 'a', 'c'), sample(true, 'a'), sample(false, 'b', 'c'), sample(false, 'c')]
    const course = { rounds: 60, shrink: 0.001 }
    const weights = learn(samples, { ...course, random: seeded(7) })
    expect(probability(weights, new Set(['a']))).toBeGreaterThan(0.8)
    expect(probability(weights, new Set(['b', 'c']))).toBeLessThan(0.2)
    expect(learn(samples, { ...course, random: seeded(7) })).toEqual(weights)
  })
})
