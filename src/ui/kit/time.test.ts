import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ago, clockIn, minutesSince } from './time'

const NOW = Date.parse('2026-03-02T10:00:00Z')
const past = (seconds: number) => new Date(NOW - seconds * 1000).toISOString()

describe('how long ago', () => {
  it.each([
    [0, 'just now'],
    [59, 'just now'],
    [60, '1 minute ago'],
    [59 * 60, '59 minutes ago'],
    [3600, '1 hour ago'],
    [23.9 * 3600, '23 hours ago'],
    [86_400, 'yesterday'],
    [29 * 86_400, '29 days ago'],
    [30 * 86_400, 'last month'],
    [364 * 86_400, '12 months ago'],
    [366 * 86_400, 'last year'],
  ])('%d seconds: %s', (seconds, words) => {
    expect(ago(past(seconds), NOW)).toBe(words)
  })

  it('never says that something is still to come, even where two clocks disagree', () => {
    fc.assert(
      fc.property(fc.integer({ min: -600, max: 40_000_000 }), (seconds) => {
        expect(ago(past(seconds), NOW)).not.toMatch(/^in |tomorrow|next/)
      }),
    )
    expect(minutesSince(past(-30), NOW)).toBe('just now')
    expect(minutesSince(past(125), NOW)).toBe('2 min ago')
  })
})

describe('the clock', () => {
  const at = '2026-03-02T23:05:59Z'
  it('tells the time of the zone, with two figures each, and nothing where nothing happened', () => {
    expect(clockIn('UTC').clock(at)).toBe('23:05')
    expect(clockIn('Pacific/Auckland').clock(at)).toBe('12:05')
    expect(clockIn('UTC').clock(null)).toBe('')
  })

  it('tells the day of the zone, and a day instead of the hour where that is long past', () => {
    expect(clockIn('UTC').day(at)).toBe('2 Mar 2026')
    expect(clockIn('Pacific/Auckland').day(at)).toBe('3 Mar 2026')
    const { clockOrDay, when } = clockIn('UTC')
    expect(when(at, Date.parse(at) + 19 * 3_600_000)).toBe('23:05')
    expect(when(at, Date.parse(at) + 4 * 24 * 3_600_000)).toBe('2 Mar, 23:05')
    expect(when(null, 0)).toBe('')
    expect(clockOrDay(at, Date.parse(at) + 19 * 3_600_000)).toBe('23:05')
    expect(clockOrDay(at, Date.parse(at) + 21 * 3_600_000)).toBe('2 Mar')
  })

  it('goes by the machine where the zone is not known', () => {
    expect(clockIn('Nowhere/There').clock(at)).toMatch(/^\d\d:\d\d$/)
  })
})
