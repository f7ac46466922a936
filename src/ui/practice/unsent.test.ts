import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Act } from '@/core/plant'
import { resumed, type Waiting } from './unsent'

const waits = (minutes: number): Act => ({ act: 'wait', minutes })
const round = Array.from({ length: 6 }, (_, i) => waits(i + 1))
const from = (first: number, until: number): Waiting[] =>
  round.slice(first, until).map((act, i) => ({ nth: first + i, act }))

describe('acts of a practice round that a tab has not heard back of', () => {
  it('loses none that the server does not have, however many of them arrived while the page was loaded', () => {
    fc.assert(
      fc.property(fc.nat(6), fc.nat(6), fc.nat(6), (a, b, c) => {
        const [first = 0, arrived = 0, done = 0] = [a, b, c].sort()
        const { left, lost } = resumed(round.slice(0, arrived), from(first, done))
        expect(left).toEqual(from(arrived, done))
        expect(lost).toBe(0)
      }),
    )
  })
  it('takes an act for the same in whatever order its facts are written', () => {
    const stored: Act[] = [{ act: 'meter', range: 'ohm', red: 'l1', black: 'l2' }]
    const sent: Act = { black: 'l2', red: 'l1', range: 'ohm', act: 'meter' }
    expect(resumed(stored, [{ nth: 0, act: sent }, ...from(1, 2)])).toEqual({ left: from(1, 2), lost: 0 })
  })
  it('sends nothing that was done on top of a round with which another window has gone on', () => {
    const elsewhere = [...round.slice(0, 2), waits(99)]
    expect(resumed(elsewhere, from(1, 5))).toEqual({ left: [], lost: 3 })
  })
  it('sends nothing behind a gap: the machine would be another', () => {
    expect(resumed(round.slice(0, 2), [...from(2, 3), ...from(4, 6)])).toEqual({ left: from(2, 3), lost: 2 })
  })
})
