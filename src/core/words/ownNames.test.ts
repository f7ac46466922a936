import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readNotice } from './notice'
import { nameToLearn, type OwnName, ownNameIn, ownNameProblem, plainName } from './ownNames'

const names: OwnName[] = [
  { words: 'chimney blower', family: 'draft-inducer', machineId: null },
  { words: 'big bertha', family: 'attic-vent-fan', machineId: 'm1' },
  { words: 'bertha', family: 'ceiling-fan', machineId: null },
]

describe('a household’s own names', () => {
  it.each([
    ['the Chimney Blower rattles', 'draft-inducer'],
    ['Big Bertha hums and will not start', 'attic-vent-fan'],
    ['bertha is slow', 'ceiling-fan'],
    ['berthas sister is slow', null],
    ['nothing of the kind', null],
  ])('are found as whole words, the longest first: %s', (text, family) => {
    expect(ownNameIn(text, names)?.family ?? null).toBe(family)
  })

  it.each([
    ['my chimney blower rattles', 'chimney blower'],
    ['Big Bertha hums and will not start', 'big bertha'],
    ['the snail by the boiler squeals', 'snail'],
    ['hums', ''],
    ['', ''],
  ])('are proposed from what no finding used: %s', (text, name) => {
    expect(nameToLearn(text, readNotice({ text }))).toBe(name)
  })

  it('once learned are found in the sentence that taught them', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^[a-z]{3,9}( [a-z]{3,9})?$/), (words) => {
        fc.pre(ownNameProblem(words, 'ceiling-fan') === null)
        expect(
          ownNameIn(`the ${words} hums`, [
            { words: plainName(words), family: 'ceiling-fan', machineId: null },
          ]),
        ).not.toBeNull()
      }),
    )
  })

  it.each([
    ['ab', 'ceiling-fan', 'three letters'],
    ['x'.repeat(60), 'ceiling-fan', 'at most'],
    ['snail', 'toString', 'what kind of fan'],
  ])('that cannot be kept say what to do: %s', (words, family, told) => {
    expect(ownNameProblem(words, family)).toContain(told)
  })
})
