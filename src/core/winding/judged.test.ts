import { describe, expect, it } from 'vitest'
import { judgeWinding } from '.'

const pair = (a: string, b: string, ohm: number | null) => ({ a, b, ohm })

describe('three phases of an electronic motor', () => {
  const phases = (...pairs: ReturnType<typeof pair>[]) =>
    judgeWinding({ leads: ['u', 'v', 'w'], motorKind: 'bldc', pairs })
  const agrees = 'The three phases agree within 10 %.'

  it('agree or differ once all three are read', () => {
    expect(phases(pair('u', 'v', 12), pair('v', 'w', 12.3), pair('u', 'w', 12.1)).notes).toContain(agrees)
    const apart = phases(pair('u', 'v', 12), pair('v', 'w', 15), pair('u', 'w', 12))
    expect(apart.faults.map(({ kind }) => kind)).toContain('inconsistent')
  })

  it('say nothing of each other while one is unread or over-range', () => {
    for (const result of [
      phases(pair('u', 'v', 12), pair('v', 'w', 12)),
      phases(pair('u', 'v', 12), pair('v', 'w', 12), pair('u', 'w', null)),
    ]) {
      expect(result.notes).not.toContain(agrees)
      expect(result.faults.filter(({ text }) => text.startsWith('The three phases differ'))).toEqual([])
    }
  })
})

describe('what is wrong is told of the leads that it is wrong with', () => {
  it('a short names the two that are one point, and not the first lead', () => {
    const { faults } = judgeWinding({
      leads: ['a', 'b', 'c'],
      motorKind: 'psc',
      pairs: [pair('a', 'b', 20), pair('a', 'c', 20), pair('b', 'c', 0.1)],
    })
    expect(faults.find(({ kind }) => kind === 'shorted')?.leads).toEqual(['b', 'c'])
  })

  it('readings that do not add up are told beside a lead that reads to the frame', () => {
    const kinds = judgeWinding({
      leads: ['a', 'b', 'c'],
      motorKind: 'psc',
      pairs: [pair('a', 'b', 20), pair('b', 'c', 40), pair('a', 'c', 95)],
      toFrame: [{ lead: 'a', ohm: 2000 }],
    }).faults.map(({ kind }) => kind)
    expect(kinds).toContain('grounded')
    expect(kinds).toContain('inconsistent')
  })

  it('a hot motor of which a whole winding hangs loose is open: no protector parts two leads from the rest', () => {
    const { verdict } = judgeWinding({
      leads: ['a', 'b', 'c', 'd'],
      caseTooHot: true,
      pairs: [
        pair('a', 'b', null),
        pair('a', 'c', null),
        pair('a', 'd', null),
        pair('b', 'c', null),
        pair('b', 'd', null),
        pair('c', 'd', 5),
      ],
    })
    expect(verdict).toBe('open')
    // Cut off one by one, a protector in the common may have done it.
    const cut = judgeWinding({
      leads: ['a', 'b', 'c'],
      caseTooHot: true,
      pairs: [pair('a', 'b', null), pair('a', 'c', null), pair('b', 'c', null)],
    })
    expect(cut.verdict).toBe('hot-retest')
  })
})
