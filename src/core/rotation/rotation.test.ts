import { describe, expect, it } from 'vitest'
import { convertRotation, wheelRotation } from '.'

describe('rotation', () => {
  it.each([
    ['CW', 'shaft-end', 'lead-end', 'CCW'],
    ['CCW', 'lead-end', 'shaft-end', 'CW'],
    ['CW', 'lead-end', 'lead-end', 'CW'],
  ] as const)('%s from the %s is, from the %s, %s', (direction, viewedFrom, wanted, then) => {
    expect(convertRotation({ direction, viewedFrom, wanted })).toEqual({ direction: then })
  })

  it.each([
    ['clockwise', 'discharge', 'CW'],
    ['counterclockwise', 'discharge', 'CCW'],
    ['clockwise', 'intake', 'CCW'],
    ['counterclockwise', 'intake', 'CW'],
  ] as const)(
    'a blade sloping down %s seen from the %s turns %s',
    (bladeSlopesDownToward, viewedFrom, direction) => {
      expect(wheelRotation({ fan: 'axial', bladeSlopesDownToward, viewedFrom })).toMatchObject({
        direction,
        viewedFrom,
      })
    },
  )

  it('is the same turn for one blade seen from either side', () => {
    // Seen from behind, the same surface slopes down the same way round, and the turn is mirrored.
    const front = wheelRotation({ fan: 'axial', bladeSlopesDownToward: 'clockwise', viewedFrom: 'discharge' })
    const behind = wheelRotation({ fan: 'axial', bladeSlopesDownToward: 'clockwise', viewedFrom: 'intake' })
    expect(front.direction).not.toBe(behind.direction)
  })

  it.each([
    ['forward', 'clockwise', 'CW'],
    ['backward', 'clockwise', 'CCW'],
    ['forward', 'counterclockwise', 'CCW'],
    ['backward', 'counterclockwise', 'CW'],
  ] as const)('a %s-curved wheel with cups open %s turns %s', (curve, cupsOpenToward, direction) => {
    const turned = wheelRotation({ fan: 'centrifugal', curve, cupsOpenToward, viewedFrom: 'inlet' })
    expect(turned.direction).toBe(direction)
    expect(turned.text).toMatch(/still blows forward/)
  })
})
