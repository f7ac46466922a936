import { describe, expect, it } from 'vitest'
import { isolationNotes } from '../knowledge/isolationNotes'
import { proveChecks } from '../knowledge/proofChecks'
import { stopInfo } from '../knowledge/stops'
import { terms } from '../knowledge/terms'
import { termsFor } from './termsFor'
import { termsIn } from './termsIn'

const ids = (text: string) => termsIn(text).map(({ term }) => term.id)

describe('terms in a text', () => {
  it('are found as they stand, the longest first, in one and in many', () => {
    expect(ids('Empty the run capacitors of the dual can, then read µF')).toEqual(['capacitor', 'dual', 'uf'])
    expect(ids('Put the start capacitor aside')).toEqual(['start-capacitor'])
  })

  it('are no part of another word, and a short sign only as it is written', () => {
    expect(ids('a landmark, a capable clamp, a shortage')).toEqual([])
    expect(ids('olive oil; dc-dc')).toEqual([])
    expect(ids('The meter shows OL on DC')).toEqual(['tester', 'ol', 'ac-dc'].slice(1))
  })

  it('are none where an everyday word is meant', () => {
    expect(ids('Does anything else feed it? One tap can open a window; a solar panel leads to it.')).toEqual(
      [],
    )
    expect(ids('Read at the feed before the switch; it is below its window')).toEqual(['feed', 'window'])
  })

  it('have the letters that they stand for', () => {
    const text = 'Pull the disconnect out.'
    const [at] = termsIn(text)
    expect(text.slice(at?.from, at?.to)).toBe('disconnect')
  })

  it('are found in a long text in one pass', () => {
    expect(termsIn('breaker '.repeat(5000)).length).toBe(5000)
  })
})

describe('the glossary', () => {
  it('explains each term once, in short sentences, with words of its own', () => {
    expect(new Set(terms.map(({ id }) => id)).size).toBe(terms.length)
    const names = terms.flatMap(({ name, also, signs }) =>
      (signs ?? [name, ...also]).map((word) => word.toLowerCase()),
    )
    expect(new Set(names).size).toBe(names.length)
    for (const { id, name, says, where = '' } of terms) {
      for (const sentence of `${says} ${where}`.split(/(?<=[.!?])\s/))
        expect(sentence.split(' ').length, `${id}: ${sentence}`).toBeLessThanOrEqual(26)
      expect(says.toLowerCase().startsWith(`${name.toLowerCase()} `), id).toBe(false)
    }
  })

  it('has every word of the trade that the isolation notes, the stops and the checks use', () => {
    const texts = [
      ...Object.values(isolationNotes).flat(),
      ...Object.values(stopInfo).map(({ text }) => text),
      ...Object.values(proveChecks).flatMap((checks) => checks.map(({ act }) => act)),
    ]
    // Words that a first-timer asked for, wherever one of these texts has one.
    const asked =
      /\b(disconnect|contactor|neutral|single-pole|inducer|module|capacitor|bearing|set screw|union|relay|thermostat|breaker|damper|flue|winding|hub|refrigerant|limit switch|compressor|evaporator|condenser)s?\b/gi
    for (const text of texts)
      for (const [word] of text.matchAll(asked)) expect(ids(word).length, `${word} in: ${text}`).toBe(1)
  })
})

describe('a term that somebody looks for', () => {
  it('comes by its beginning, in any of its words, the named first', () => {
    expect(termsFor('contac').map(({ id }) => id)).toContain('contactor')
    expect(termsFor('earth').map(({ id }) => id)).toContain('ground')
    expect(termsFor('capac')[0]?.id).toBe('capacitor')
    expect(termsFor('winding')[0]?.id).toBe('winding')
  })

  it('is none for a letter, and at most five', () => {
    expect(termsFor('c')).toEqual([])
    expect(termsFor('sw').length).toBeLessThanOrEqual(5)
  })
})
