import { describe, expect, it } from 'vitest'
import { lexiconOf, spansIn } from './classes'
import { tokensOf } from './tokens'

const spans = (text: string, classes: Record<string, string>, solid: string[] = []) => {
  const tokens = tokensOf(text, (word) => word)
  return spansIn(tokens, lexiconOf(classes, solid)).map(
    ({ name, from, to }) =>
      `${name}: ${tokens
        .slice(from, to)
        .map((token) => token.text)
        .join(' ')}`,
  )
}

describe('classes of words', () => {
  it.each([
    ['stuck fast', 'stuck fast', 'seized: stuck fast'],
    ['it is jammed', 'jam*', 'seized: jammed'],
    ['locked up now', 'lock* (up|solid)', 'seized: locked up'],
    ['worn out', 'worn (down|out)?', 'seized: worn out'],
    ['worn', 'worn (down|out)?', 'seized: worn'],
    ['3 flashes', '# flashes', 'seized: 3 flashes'],
    ['two flashes', '# flashes', 'seized: two flashes'],
    ['does not clear the steam', 'not .* steam', 'seized: not clear the steam'],
    ['so (very) hot', 'very', 'seized: very'],
    ['runs like new again', 'runs (fine|like (new|a top)) again?', 'seized: runs like new again'],
  ])('“%s” holds `%s`', (text, phrase, expected) => {
    expect(spans(text, { seized: phrase })).toEqual([expected])
  })

  it('a longer phrase of a solid class swallows what lies within it', () => {
    const classes = { smoke: 'smoke', alarm: 'smoke detector' }
    expect(spans('a smoke detector', classes, ['alarm'])).toEqual(['alarm: smoke detector'])
    expect(spans('a smoke detector', classes)).toEqual(['alarm: smoke detector', 'smoke: smoke'])
  })

  it('a gap ends where the sentence does', () => {
    expect(spans('not. steam', { a: 'not .* steam' })).toEqual([])
  })
})
