import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { framedPixels, isWhole, WHOLE } from './frame'

const percent = fc.double({ min: 0, max: 100, noNaN: true })

describe('a frame drawn on a photo', () => {
  it('always lies inside it and holds at least some print', () => {
    fc.assert(
      fc.property(
        fc.record({ x: percent, y: percent, width: percent, height: percent }),
        fc.integer({ min: 30, max: 4000 }),
        fc.integer({ min: 30, max: 4000 }),
        (frame, width, height) => {
          const cut = framedPixels(frame, width, height)
          expect(cut.x).toBeGreaterThanOrEqual(0)
          expect(cut.y).toBeGreaterThanOrEqual(0)
          expect(cut.x + cut.width).toBeLessThanOrEqual(width)
          expect(cut.y + cut.height).toBeLessThanOrEqual(height)
          expect(Math.min(cut.width, cut.height)).toBeGreaterThanOrEqual(24)
        },
      ),
    )
  })

  it('is the whole photo where it is only a tap', () => {
    expect(framedPixels({ x: 40, y: 40, width: 0.5, height: 0.5 }, 800, 600)).toEqual({
      x: 0,
      y: 0,
      width: 800,
      height: 600,
    })
  })

  it('that cuts nothing off is told from one that does', () => {
    expect(isWhole(WHOLE)).toBe(true)
    expect(isWhole({ ...WHOLE, width: 90 })).toBe(false)
  })
})
