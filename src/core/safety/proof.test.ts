import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { proofText, proofVerdict } from './proof'

describe('a proof reading', () => {
  it('is never dead at five volts of mains or one volt of battery, and never only doubtful over thirty', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 600, noNaN: true }), (volts) => {
        const mains = proofVerdict(volts, 'mains')
        expect(mains === 'dead').toBe(volts < 5)
        expect(mains === 'live').toBe(volts > 30)
        expect(proofVerdict(volts, 'battery')).toBe(volts < 1 ? 'dead' : 'live')
      }),
    )
  })

  it('has no induced band on a battery: nothing between dead and live', () => {
    for (const volts of [0, 0.99, 1, 4, 12, 29]) expect(proofVerdict(volts, 'battery')).not.toBe('not-proven')
  })

  it('never calls anything safe', () => {
    for (const text of Object.values(proofText)) expect(text).not.toMatch(/\bsafe/i)
  })
})
