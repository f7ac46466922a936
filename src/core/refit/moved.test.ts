import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { wayBack } from '.'
import { movedBack } from './moved'
import type { RefitStep } from './types'

/** An inducer's way in, as somebody took it apart. */
const wayIn: RefitStep[] = [
  { id: 'panel', action: 'lift-off', part: 'front panel' },
  { id: 'plug', action: 'unplug', part: 'inducer plug' },
  { id: 'screws', action: 'unscrew', part: 'inducer', count: 4, cup: 'A' },
  { id: 'gasket', action: 'break-seal', part: 'inducer gasket' },
  { id: 'out', action: 'lift-off', part: 'inducer' },
]
const order = (moves: { from: string; after: string }[]) =>
  wayBack({ steps: wayIn, moves }).steps.map(({ from }) => from)
const problems = (moves: { from: string; after: string }[]) =>
  wayBack({ steps: wayIn, moves }).problems.map(({ code, from, text }) => ({ code, from, text }))

describe('a line of the way back that the person moves', () => {
  it('stands where it was put, and the rest keeps its order', () => {
    expect(order([])).toEqual(['gasket', 'out', 'screws', 'plug', 'panel'])
    expect(order([{ from: 'plug', after: 'out' }])).toEqual(['gasket', 'out', 'plug', 'screws', 'panel'])
    expect(order([{ from: 'plug', after: '' }])).toEqual(['plug', 'gasket', 'out', 'screws', 'panel'])
    expect(problems([{ from: 'plug', after: 'out' }])).toEqual([])
  })

  it.each([
    [
      { from: 'gasket', after: 'out' },
      'gasket',
      'The seal “inducer gasket” comes after “inducer”, which lies on it',
    ],
    [{ from: 'screws', after: '' }, 'screws', '“inducer” is fastened before it is on'],
    [
      { from: 'panel', after: 'screws' },
      'plug',
      '“front panel” closes before “inducer plug” is back behind it',
    ],
  ])('says what breaks with %j', (move, from, text) => {
    const told = problems([move])
    expect(told.map(({ code }) => code)).toContain('order')
    expect(told.find((problem) => problem.from === from)?.text).toContain(text)
  })

  it('names what `after` forbids', () => {
    const steps: RefitStep[] = [
      { id: 'a', action: 'unplug', part: 'first plug' },
      { id: 'b', action: 'unplug', part: 'second plug', after: ['a'] },
    ]
    const { problems } = wayBack({ steps, moves: [{ from: 'b', after: 'a' }] })
    expect(problems.map(({ text }) => text)).toEqual(['“second plug” goes back before “first plug”.'])
  })

  it('behind a line that is gone stands where it was worked out', () =>
    expect(order([{ from: 'plug', after: 'gone' }])).toEqual(order([])))

  it('never loses or doubles a line, and the last move stands', () => {
    const ids = ['a', 'b', 'c', 'd', 'e', 'f']
    const move = fc.record({ from: fc.constantFrom(...ids), after: fc.constantFrom('', 'gone', ...ids) })
    fc.assert(
      fc.property(fc.array(move, { maxLength: 12 }), (moves) => {
        const moved = movedBack(
          ids.map((from) => ({ from })),
          moves,
        ).map(({ from }) => from)
        expect([...moved].sort()).toEqual(ids)
        const last = moves.at(-1)
        if (last && last.after !== 'gone' && last.after !== last.from)
          expect(moved[moved.indexOf(last.from) - 1] ?? '').toBe(last.after)
      }),
    )
  })
})
