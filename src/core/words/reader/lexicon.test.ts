import { describe, expect, it } from 'vitest'
import { meantInstead } from '../../knowledge/meantInstead'
import { isStopRule, vocabulary } from '../../knowledge/vocabulary'
import { dangerRules } from '../../knowledge/words/dangerRules'
import { factRules } from '../../knowledge/words/factRules'
import { classes, solidClasses } from '../../knowledge/words/lexicon'

const known = new Set(Object.keys(classes))

describe('the tables of words', () => {
  it('name only classes that there are, where a class stops a rule', () => {
    for (const { unless = [] } of [...factRules, ...dangerRules])
      for (const name of unless) expect(known.has(name), name).toBe(true)
    for (const { askedWith = [] } of dangerRules)
      for (const name of askedWith) expect(known.has(name), name).toBe(true)
    for (const { mended = [] } of factRules)
      for (const name of mended) expect(known.has(name), name).toBe(true)
    for (const name of solidClasses) expect(known.has(name), name).toBe(true)
  })

  it('have no phrase with a bracket that is left open', () => {
    for (const [name, phrases] of Object.entries(classes))
      for (const phrase of phrases.split(','))
        expect(phrase.split('(').length, `${name}: ${phrase}`).toBe(phrase.split(')').length)
  })

  it('have a way of saying each danger, and what is often meant instead of it', () => {
    for (const rule of Object.keys(vocabulary.stopRules)) {
      expect(
        dangerRules.some(({ stop }) => stop === rule),
        rule,
      ).toBe(true)
      if (isStopRule(rule)) expect(meantInstead[rule].length, rule).toBeGreaterThan(0)
    }
  })

  it('say what was meant in sentences that the record takes', () => {
    for (const text of Object.values(meantInstead).flat()) expect(text.length).toBeGreaterThan(6)
  })
})
