import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ranked, sieved, workCost } from './rank'
import type { MatchResult, WorkKind } from './types'

const result = (
  id: string,
  verdict: MatchResult['verdict'],
  work: WorkKind[] = [],
  open: string[] = [],
): MatchResult => ({
  id,
  verdict,
  score: 0,
  rules: [
    ...open.map((rule) => ({ rule, verdict: 'unknown' as const, old: '?', new: '1', text: '' })),
    ...(verdict === 'no' ? [{ rule: 'power', verdict: 'no' as const, old: '1', new: '2', text: '' }] : []),
  ],
  work: work.map((kind) => ({ kind, text: kind })),
  open,
})
const offers: Record<string, { price: number | null; own: boolean }> = {
  shelf: { price: null, own: true },
  dear: { price: 120, own: false },
  cheap: { price: 60, own: false },
}
const offerOf = (id: string) => offers[id] ?? { price: null, own: false }
const order = (results: MatchResult[]) => ranked(results, offerOf).map(({ id }) => id)

describe('the order in which parts are offered', () => {
  it('begins with what lies on the shelf, as long as it can serve at all', () => {
    expect(order([result('dear', 'drop-in'), result('shelf', 'fits-with-work', ['cut-shaft'])])).toEqual([
      'shelf',
      'dear',
    ])
    expect(order([result('shelf', 'no'), result('dear', 'drop-in')])).toEqual(['dear', 'shelf'])
  })

  it('puts what drops in before what takes work, and what is known before what is not', () =>
    expect(
      order([
        result('b', 'fits-with-work', ['cut-shaft']),
        result('c', 'drop-in', [], ['rotation']),
        result('a', 'drop-in'),
      ]),
    ).toEqual(['a', 'c', 'b']))

  it('counts the work in minutes and money before the price', () =>
    expect(
      order([
        result('cheap', 'fits-with-work', ['cut-shaft', 'change-band', 'extend-leads']),
        result('dear', 'fits-with-work', ['cap-unused-leads']),
      ]),
    ).toEqual(['dear', 'cheap']))

  it('and the price where the work is the same', () =>
    expect(order([result('dear', 'drop-in'), result('cheap', 'drop-in')])).toEqual(['cheap', 'dear']))

  it('begins with what is declared to replace the old number, the newest first, whatever it costs', () => {
    const declared = (id: string, open: string[] = []): MatchResult => {
      const part = result(id, 'drop-in', [], open)
      return {
        ...part,
        rules: [...part.rules, { rule: 'part-number', verdict: 'ok', old: 'A', new: 'B', text: '' }],
      }
    }
    expect(
      order([
        declared('dear', ['rotation']),
        declared('cheap', ['rotation']),
        result('other', 'drop-in'),
        result('shelf', 'drop-in'),
      ]),
    ).toEqual(['shelf', 'dear', 'cheap', 'other'])
  })

  it('loses and doubles nothing', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.constantFrom('drop-in', 'fits-with-work', 'no' as const),
            fc.subarray<WorkKind>(['cut-shaft', 'bush-shaft', 'buy-capacitor']),
          ),
        ),
        (drawn) => {
          const all = drawn.map(([verdict, work], index) => result(`p${index}`, verdict as 'no', work))
          expect(order(all).sort()).toEqual(all.map(({ id }) => id).sort())
        },
      ),
    ))

  it('adds the minutes and the money up', () =>
    expect(workCost([{ kind: 'cut-shaft' }, { kind: 'change-band' }])).toEqual({ minutes: 35, money: 14 }))
})

describe('what a person asks for', () => {
  const all = [
    result('a', 'drop-in'),
    result('b', 'drop-in', [], ['rotation']),
    result('c', 'fits-with-work', ['cut-shaft']),
    result('d', 'no'),
  ]
  const asked = (sieve: Partial<Parameters<typeof sieved>[1]>) =>
    sieved(all, { text: '', verdict: 'usable', rule: '', ...sieve }, (id) => `number ${id} of Quillfen`).map(
      ({ id }) => id,
    )

  it('is all that can serve where nothing is asked', () => expect(asked({})).toEqual(['a', 'b', 'c']))
  it('is a part by its number, also one that cannot serve: why not is told', () =>
    expect(asked({ text: 'd number' })).toEqual(['d']))
  it.each([
    ['serves', ['a']],
    ['untold', ['b']],
    ['work', ['c']],
    ['no', ['d']],
    ['all', ['a', 'b', 'c', 'd']],
  ] as const)('is those of one verdict: %s', (verdict, ids) => expect(asked({ verdict })).toEqual(ids))
  it('is those that one rule stands against or leaves open', () => {
    expect(asked({ rule: 'rotation' })).toEqual(['b'])
    expect(asked({ rule: 'power', verdict: 'all' })).toEqual(['d'])
  })
})
