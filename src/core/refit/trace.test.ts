import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { agrees, type FastenerLook, headNames, lookOf } from './fastenerLook'
import { type TracedRow, traceFastener } from './trace'
import { wayBack } from './wayBack'

describe('what a fastener looks like', () => {
  it.each([
    ['1/4 hex long', 'hex', '1/4', 'long'],
    ['Phillips, long', 'cross', '', 'long'],
    ['T20', 'star', 't20', ''],
    ['torx t 15', 'star', 't15', ''],
    ['wing nut', 'nut', '', ''],
    ['small hex, long key', 'socket', '', 'short'],
    ['1/8 allen', 'socket', '1/8', ''],
    ['M4 pozidriv', 'cross', '4 mm', ''],
    ['screw', '', '', ''],
    ['short screw', '', '', 'short'],
    ['cap screw 5 mm', '', '5 mm', ''],
  ])('“%s” is read as it is said', (words, head, size, length) => {
    expect(lookOf(words)).toEqual({ head, size, length })
  })

  it('of one that differs in what both tell is another one, in any order of asking', () => {
    const look = fc.record({
      head: fc.constantFrom(...(['', ...Object.keys(headNames)] as FastenerLook['head'][])),
      size: fc.constantFrom('', '1/4', 't20'),
      length: fc.constantFrom('' as const, 'short' as const, 'long' as const),
    })
    fc.assert(
      fc.property(look, look, (one, two) => {
        expect(agrees(one, two)).toBe(agrees(two, one))
        expect(agrees(one, one)).not.toBeNull()
        expect(agrees(one, { head: '', size: '', length: '' })).toBe(0)
      }),
    )
  })
})

/** A cover, behind it a bracket, behind it the motor: three kinds of screw. */
const steps = [
  { id: 'cover', action: 'unscrew', part: 'rear cover', fastener: '1/4 hex', cup: 'A', count: 5 },
  { id: 'off', action: 'lift-off', part: 'rear cover' },
  { id: 'bracket', action: 'unscrew', part: 'fan bracket', fastener: '1/4 hex', cup: 'B', count: 3 },
  { id: 'out', action: 'lift-off', part: 'fan bracket' },
  { id: 'motor', action: 'unscrew', part: 'motor', fastener: 'nut', cup: 'C', count: 2 },
] as const

const rows = (...backDone: string[]): TracedRow[] =>
  steps.map((step) => ({
    fastener: '',
    cup: '',
    count: null,
    ...step,
    backDone: backDone.includes(step.id),
  }))
const traced = (seen: string, ...backDone: string[]) =>
  traceFastener(wayBack({ steps: [...steps] }).steps, rows(...backDone), lookOf(seen))

describe('a screw in the hand at the end', () => {
  it('is offered the lines of its look alone', () => {
    expect(traced('1/4 hex').map(({ part }) => part)).toEqual(['fan bracket', 'rear cover'])
    expect(traced('nut').map(({ part }) => part)).toEqual(['motor'])
    expect(traced('T20')).toEqual([])
  })

  it('is looked for first where nothing has to come off again', () => {
    const found = traced('1/4 hex', 'motor', 'out', 'bracket', 'off', 'cover')
    expect(found.map(({ part, reopen }) => [part, reopen])).toEqual([
      ['rear cover', []],
      ['fan bracket', ['rear cover']],
    ])
  })

  it('belongs rather to a line that is still open than to one that is closed', () => {
    expect(traced('1/4 hex', 'motor', 'out', 'bracket')[0]).toMatchObject({ part: 'rear cover', back: false })
  })

  it('is told which covers come off again, the outermost first and each once', () => {
    const order = [
      { from: 'motor', action: 'screw' as const, part: 'motor' },
      ...['bracket', 'inner panel', 'inner panel', 'door'].map((part, place) => ({
        from: `c${place}`,
        action: place === 2 ? ('clip' as const) : ('set-on' as const),
        part,
      })),
    ]
    const all = order.map(({ from, part, action }) => ({
      id: from,
      part,
      action,
      fastener: from === 'motor' ? 'nut' : '',
      cup: '',
      count: 1,
      backDone: true,
    }))
    expect(traceFastener(order, all, lookOf('nut'))[0]?.reopen).toEqual(['door', 'inner panel', 'bracket'])
  })

  it('is not looked for first where nobody said what the screws look like', () => {
    const plain = {
      id: 'box',
      part: 'box',
      action: 'unscrew',
      fastener: 'screw',
      cup: 'D',
      count: 1,
      backDone: true,
    }
    const order = [
      ...wayBack({ steps: [...steps] }).steps,
      { from: 'box', action: 'screw' as const, part: 'box' },
    ]
    const all = [...rows('motor', 'out', 'bracket', 'off', 'cover'), plain]
    expect(traceFastener(order, all, lookOf('1/4 hex')).map(({ part }) => part)).toEqual([
      'rear cover',
      'fan bracket',
      'box',
    ])
  })

  it('of which nothing is said may belong to any line with a fastener, each once', () => {
    expect(
      traced('')
        .map(({ lineId }) => lineId)
        .sort(),
    ).toEqual(['bracket', 'cover', 'motor'])
  })
})
