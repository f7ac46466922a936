import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { chainFrom } from './chain'
import { chainDepths } from './motor'

const link = (from: string, to: string, by = 'a list') => ({ from, to, by })
const numbers = (old: string, links: ReturnType<typeof link>[]) => chainFrom(old, links).map(({ to }) => to)

describe('a chain of numbers', () => {
  it('is followed to its end, whoever says each step', () =>
    expect(chainFrom('MB-1', [link('mb1', 'MB-2', 'the counter'), link('MB-2', 'MB-3')])).toEqual([
      link('mb1', 'MB-2', 'the counter'),
      link('MB-2', 'MB-3'),
    ]))
  it('takes the way that leads further where two numbers replace one', () =>
    expect(numbers('A', [link('A', 'X'), link('A', 'B'), link('B', 'C')])).toEqual(['B', 'C']))
  it('ends where it would run in a circle', () =>
    expect(numbers('A', [link('A', 'B'), link('B', 'A')])).toEqual(['B']))
  it('is empty where nobody declares anything', () => expect(numbers('A', [link('B', 'C')])).toEqual([]))
  it('never hangs and never names one number twice', () => {
    const number = fc.constantFrom('A', 'B', 'C', 'D', 'E')
    fc.assert(
      fc.property(fc.array(fc.tuple(number, number), { maxLength: 14 }), (pairs) => {
        const seen = [
          'A',
          ...numbers(
            'A',
            pairs.map(([from, to]) => link(from, to)),
          ),
        ]
        expect(new Set(seen).size).toBe(seen.length)
      }),
    )
  })
})

describe('how far a part stands from the old number', () => {
  const parts = [
    { id: 'newest', partNumber: 'C-3', replaces: ['B-2'] },
    { id: 'other', partNumber: 'X-9' },
  ]
  const old = { id: 'old', partNumber: 'a 1' }

  it('counts a number that somebody named and nobody sells as a step', () => {
    const depths = chainDepths({ old, candidates: parts, recorded: [{ from: 'A1', to: 'b-2' }] })
    expect(depths.get('newest')).toBe(2)
    expect(depths.has('other')).toBe(false)
  })

  it('is nothing where nobody names a step', () => {
    expect(chainDepths({ old, candidates: parts }).size).toBe(0)
  })
})
