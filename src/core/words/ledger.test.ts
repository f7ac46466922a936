import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../sampling.testing'
import { readLine } from './ledger'

const read = (text: string, terminals?: string[]) => readLine({ text, ...(terminals ? { terminals } : {}) })

describe('a line of care', () => {
  it.each(['scrape the paint off the wheel', 'cleaned the blades', 'thaw the coil', 'wiped the hub dry'])(
    '“%s” takes nothing off',
    (text) => expect(readLine({ text }).action).toBe('note'),
  )

  it.each([
    ['scrape the old gasket off', 'break-seal'],
    ['vacuum line pulled', 'pull-hose'],
    ['pried the plug cap off the hidden screw', 'lift-off'],
  ] as const)('“%s” does', (text, action) => expect(readLine({ text }).action).toBe(action))
})

describe('the colour of a line', () => {
  it('is that of its own wire, and none where two wires are told', () => {
    const colour = (text: string) => readLine({ text, terminals: ['neutral', 'COOL'] }).colour
    expect(colour('white wire off at neutral, old one was brown')).toBe('white')
    expect(colour('pink and white wires off')).toBeUndefined()
    expect(colour('blue-white wire off COOL')).toBe('blue-white')
  })
})

describe('a line of taking apart, as people speak', () => {
  it('takes the figure of a terminal for its name, never for a number of wires', () => {
    expect(readLine({ text: 'blue wire off terminal 2' })).not.toHaveProperty('count')
    expect(readLine({ text: 'the brown wire off the post marked 4' })).not.toHaveProperty('count')
  })

  it.each([
    [
      'four quarter inch hex, long ones, cup C',
      { action: 'unscrew', count: 4, fastener: expect.stringContaining('1/4'), cup: 'C' },
    ],
    [
      'blue wire off the terminal marked 2',
      { action: 'disconnect', terminal: 'terminal marked 2', colour: 'blue' },
    ],
    ['green wire off the ground screw', { action: 'disconnect', colour: 'green' }],
    ['2 wires off terminal 3', { action: 'disconnect', count: 2, terminal: 'terminal 3' }],
    ['unplugged the two pin connector from the board', { action: 'unplug' }],
    ['pulled the drain hose off the inducer', { action: 'pull-hose' }],
    ['snipped a zip tie round the harness', { action: 'cut-tie' }],
    ['slid the drawer out', { action: 'slide-out' }],
    ['desoldered the black lead', { action: 'unsolder' }],
    ['unscrwed 3 torx from the sroud', { action: 'unscrew', count: 3 }],
    ['took a photo of the wiring', { action: 'photo' }],
  ])('"%s"', (text, expected) => expect(read(text)).toMatchObject(expected))

  it('a colour and a terminal are a wire that comes off', () =>
    expect(read('red off at R', ['R', 'C', 'G'])).toMatchObject({
      action: 'disconnect',
      colour: 'red',
      terminal: 'R',
    }))

  it('what says no act is kept as a note in the person’s words', () => {
    expect(read('there was soot round the collar')).toMatchObject({
      action: 'note',
      part: 'there was soot round the collar',
    })
    expect(read('hmm')).toMatchObject({ action: 'note' })
  })

  it('an amount and its unit are read', () =>
    expect(read('measured 12,5 ohms across the winding')).toMatchObject({
      action: 'measure',
      amount: { value: 12.5, unit: 'ohm' },
    }))

  it('the part keeps the words, and the count stands in its own field', () =>
    expect(read('6 screws of the front panel')).toMatchObject({
      count: 6,
      part: 'screws of the front panel',
    }))
})

describe('what is never bridged', () => {
  it.each([
    'jumpered the pressure switch',
    'put a paper clip across the rollout switch',
    'bridged the limit so it runs',
    'twisted the two wires of the float switch together',
    'taped the pressure switch down',
  ])('"%s" is refused', (text) => {
    const { refused, action } = read(text)
    expect(refused).toMatchObject({ code: 'forbidden-bypass' })
    expect(refused?.text).toMatch(/^[A-Z].*\.$/s)
    expect(action).toBe('bypass')
  })

  it.each([
    'taped the door switch in for a minute',
    'unplugged the pressure switch',
    'pulled the hose off the pressure switch',
  ])('"%s" is taken', (text) => expect(read(text).refused).toBeUndefined())
})

describe('a line of its usual parts', () => {
  it('keeps each of them in its own place', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(['two', 2] as const, ['six', 6] as const, ['ten', 10] as const),
        fc.constantFrom('quarter inch hex', '5/16 hex'),
        fc.constantFrom('panel', 'grille', 'blower housing'),
        fc.constantFrom('A', 'B', 'F'),
        ([word, count], fastener, part, cup) => {
          const line = readLine({ text: `${word} ${fastener} off the ${part}, cup ${cup}` })
          expect(line).toMatchObject({ action: 'unscrew', count, cup })
          expect(line.part).toContain(part)
          expect(line.fastener).toMatch(fastener.startsWith('quarter') ? /1\/4 hex/ : /5\/16 hex/)
        },
      ),
    ))
})

describe('whatever is typed', () => {
  it('is read without an error, and its words are not lost', () =>
    fc.assert(
      fc.property(fc.string({ maxLength: 200, unit: 'grapheme' }), (text) => {
        const line = readLine({ text })
        if (line.action === 'note') expect(line.part).toBe(text.trim().replace(/\s+/g, ' '))
        if (line.count !== undefined) expect(line.count).toBeGreaterThan(0)
      }),
      { numRuns: samples(300) },
    ))
})
