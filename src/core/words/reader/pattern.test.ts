import { describe, expect, it } from 'vitest'
import { lexiconOf, spansIn } from './classes'
import { matchesOf, patternsOf, readingOf } from './pattern'
import { tokensOf } from './tokens'

const classes = {
  neg: 'not, no, never',
  run: 'turn*, run*',
  fan: 'fan, blower',
  light: 'light',
  dry: 'dry',
}
const lexicon = lexiconOf(classes, ['light'])

const matches = (text: string, ways: string, ofFan = false) => {
  const tokens = tokensOf(text, (word) => word)
  const reading = readingOf(tokens, spansIn(tokens, lexicon), (name) => name === 'light')
  return patternsOf(ways, new Set(Object.keys(classes))).flatMap((pattern) =>
    matchesOf(pattern, reading, ofFan).map(({ from, to }) =>
      tokens
        .slice(from, to)
        .map((token) => token.text)
        .join(' '),
    ),
  )
}

describe('a way of saying something', () => {
  it.each([
    ['the fan does not turn', '{neg} _ {run}', ['not turn']],
    ['the fan does not want to turn', '{neg} _ {run}', []],
    ['the fan in the upper hall turns', '{fan} .. {run}', ['fan in the upper hall turns']],
    ['fan, it turns', '{fan} .. {run}', []],
    ['fan, it turns', '{fan} ... {run}', ['fan , it turns']],
    ['fan. it turns', '{fan} ... {run}', []],
    ['fan. it turns', '{fan} .... {run}', ['fan . it turns']],
    ['fan stands', '{fan} stands $', ['fan stands']],
    ['fan stands there', '{fan} stands $', []],
    ['well, fan stands', '^ {fan}', ['fan']],
    ['dry fan', '{fan} ~ {dry}', ['dry fan']],
    ['fan now dry', '{fan} now? {dry}', ['fan now dry']],
    ['fan dry', '{fan} now? {dry}', ['fan dry']],
    ['fan quickly dry', '{fan} now/quickly {dry}', ['fan quickly dry']],
    ['fan but dry', '{fan} .. {dry}', []],
  ])('“%s” by `%s`', (text, ways, expected) => {
    expect(matches(text, ways)).toEqual(expected)
  })

  it('never reaches over a denial that it does not name', () => {
    expect(matches('fan does not turn', '{fan} .. {run}')).toEqual([])
  })

  it('of the fan does not reach over a thing that does not turn, unless that only says where', () => {
    expect(matches('fan and light turn', '{fan} .. {run}', true)).toEqual([])
    expect(matches('fan by the light turns', '{fan} .. {run}', true)).toEqual(['fan by the light turns'])
  })
})
