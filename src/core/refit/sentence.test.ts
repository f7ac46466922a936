import { describe, expect, it } from 'vitest'
import { lineFromSentence } from '.'

describe('one short sentence as a line', () => {
  it.each([
    ['4 hex 1/4 long, cup B', { action: 'unscrew', count: 4, fastener: 'hex 1/4 long', cup: 'B' }],
    [
      'unscrew 3 screws of the panel, cup a',
      { action: 'unscrew', count: 3, fastener: 'screws', part: 'panel', cup: 'A' },
    ],
    ['disconnect black wire from COOL', { action: 'disconnect', part: 'black wire', terminal: 'COOL' }],
    ['unplug motor plug', { action: 'unplug', part: 'motor plug' }],
    ['pull drain hose', { action: 'pull-hose', part: 'drain hose' }],
    ['photo of the board', { action: 'photo', part: 'the board' }],
    ['lift off grille', { action: 'lift-off', part: 'grille' }],
    ['something odd', { action: 'unscrew', part: 'something odd', count: null }],
  ])('%s', (sentence, expected) => {
    expect(lineFromSentence(sentence)).toMatchObject(expected)
  })
})
