import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { convertRotation, wheelRotation } from '../rotation'
import { centreWheel, findBearing, fitShaft, swapSpeed } from '.'

describe('the blade kept at its old depth', () => {
  const base = {
    old: { mountToFaceMm: 12, faceToHubMm: 60 },
    new: { mountToFaceMm: 20, shaftLengthMm: 150 },
    hubGripMm: 28,
  }
  it('gives the mark, the grip and the cut', () => {
    expect(fitShaft(base)).toMatchObject({ markMm: 52, gripMm: 28, fits: true, cutMm: 55 })
    expect(fitShaft({ ...base, shaftEndClearanceMm: 80 }).cutMm).toBe(0)
  })
  it('does not fit without full grip, or inside the motor', () => {
    expect(fitShaft({ ...base, new: { mountToFaceMm: 20, shaftLengthMm: 70 } })).toMatchObject({
      gripMm: 18,
      fits: false,
    })
    expect(fitShaft({ ...base, new: { mountToFaceMm: 90, shaftLengthMm: 150 } })).toMatchObject({
      markMm: -18,
      fits: false,
    })
    expect(fitShaft({ ...base, new: { mountToFaceMm: 20, shaftLengthMm: 30 } }).gripMm).toBe(0)
  })
  it('keeps the hub where it was from the mounting plane, whatever the motor', () => {
    const mm = fc.integer({ min: 0, max: 200 })
    fc.assert(
      fc.property(mm, mm, mm, mm, (a, b, c, length) => {
        const { markMm } = fitShaft({
          old: { mountToFaceMm: a, faceToHubMm: b },
          new: { mountToFaceMm: c, shaftLengthMm: length },
          hubGripMm: 20,
        })
        expect(c + markMm).toBe(a + b)
      }),
    )
  })
})

describe('bearings', () => {
  it('by their sizes', () => {
    expect(findBearing({ boreMm: 8, outerMm: 22, widthMm: 7 }).designations).toEqual([
      { code: '608', boreMm: 8, outerMm: 22, widthMm: 7, exact: true },
    ])
    expect(findBearing({ boreMm: 8, outerMm: 23, widthMm: 7 }).designations[0]).toMatchObject({
      code: '608',
      exact: false,
    })
  })
  it('press, sliding or loose on the shaft', () => {
    expect(findBearing({ boreMm: 8, shaftMm: 8.003 }).fit).toBe('press')
    expect(findBearing({ boreMm: 8, shaftMm: 7.992 }).fit).toBe('sliding')
    expect(findBearing({ boreMm: 8, shaftMm: 7.97 }).fit).toBe('loose')
    expect(findBearing({ boreMm: 8, measuredBoreMm: 8.02, shaftMm: 8 }).fit).toBe('loose')
    expect(findBearing({ boreMm: 8 }).fit).toBeNull()
  })
})

describe('wheel and speed', () => {
  it('centres the wheel', () => {
    expect(centreWheel({ housingInsideMm: 200, wheelWidthMm: 180, hubOffsetMm: 4 })).toEqual({
      gapFrontMm: 16,
      gapBackMm: 4,
      moveMm: 6,
    })
  })
  it('asks 2.2 times the power from 825 to 1075', () => {
    const result = swapSpeed({ oldRpm: 825, newRpm: 1075, hp: 0.25 })
    expect(result.powerRatio).toBeCloseTo(2.21, 2)
    expect(result.ok).toBe(false)
    expect(swapSpeed({ oldRpm: 1075, newRpm: 1100, hp: 0.25 }).ok).toBe(true)
  })
})

describe('the turn', () => {
  it('is the other way from the other end', () => {
    expect(convertRotation({ direction: 'CW', viewedFrom: 'lead-end', wanted: 'shaft-end' }).direction).toBe(
      'CCW',
    )
    expect(convertRotation({ direction: 'CW', viewedFrom: 'lead-end', wanted: 'lead-end' }).direction).toBe(
      'CW',
    )
  })
  it('is the same fan seen from either side', () => {
    // Seen from behind, clockwise is counterclockwise and the slope toward the viewer is reversed twice.
    expect(
      wheelRotation({ fan: 'axial', bladeSlopesDownToward: 'clockwise', viewedFrom: 'discharge' }).direction,
    ).toBe('CW')
    expect(
      wheelRotation({ fan: 'axial', bladeSlopesDownToward: 'clockwise', viewedFrom: 'intake' }).direction,
    ).toBe('CCW')
  })
  it('scoops forward, leans backward', () => {
    expect(
      wheelRotation({
        fan: 'centrifugal',
        curve: 'forward',
        cupsOpenToward: 'clockwise',
        viewedFrom: 'inlet',
      }).direction,
    ).toBe('CW')
    expect(
      wheelRotation({
        fan: 'centrifugal',
        curve: 'backward',
        cupsOpenToward: 'clockwise',
        viewedFrom: 'inlet',
      }).direction,
    ).toBe('CCW')
  })
})
