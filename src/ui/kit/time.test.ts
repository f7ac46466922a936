import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ago, clock, minutesSince } from './time'

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
  it('has two figures each, and is empty where nothing happened', () => {
    expect(clock('2026-03-02T08:05:59Z')).toMatch(/^\d\d:05$/)
    expect(clock(null)).toBe('')
  })
})
