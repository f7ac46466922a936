import { describe, expect, it } from 'vitest'
import { dayIn } from './days'

describe('the day of an instant', () => {
  const late = Date.parse('2026-03-01T23:30:00Z')
  it.each([
    ['Pacific/Auckland', '2026-03-02'],
    ['America/Denver', '2026-03-01'],
    ['Europe/Berlin', '2026-03-02'],
    ['UTC', '2026-03-01'],
  ])('is what the calendar shows in %s', (zone, day) => expect(dayIn(late, zone)).toBe(day))

  it('is the system’s own where nobody knows the zone', () => {
    expect(dayIn(late, 'Nowhere/<script>')).toBe(dayIn(late, undefined))
    expect(dayIn(late, undefined)).toMatch(/^2026-03-0[12]$/)
  })
})
