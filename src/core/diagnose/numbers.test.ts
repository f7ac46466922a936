import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { observationIds, observationInfo } from '../knowledge/vocabulary'
import { capacitorVerdictToValue, mapObservations } from '.'

const plate = {
  volts: 240,
  controlVolts: 24,
  fanUf: 5,
  otherUf: 35,
  tolerancePercent: { minus: 6, plus: 6 },
  brushNewMm: 12,
}
const mapped = (observation: string, reading: number | null, of: typeof plate | object = plate) => {
  const { findings, unmapped } = mapObservations({ [observation]: reading }, of)
  return findings[observation as 'sound'] ?? `needs ${unmapped[0]?.needs}`
}

describe('volts against the plate', () => {
  it.each([
    [0, 'none'],
    [23.9, 'none'],
    [24, 'low'],
    [215.9, 'low'],
    [216, 'normal'],
    [240, 'normal'],
    [264, 'normal'],
    [264.1, 'high'],
  ])('%d V at the supply of 240 V is %s', (volts, value) => {
    expect(mapped('supply-voltage', volts)).toBe(value)
  })

  it('have no high at the motor: what is too high there is too high at the supply', () => {
    expect(mapped('motor-voltage', 300)).toBe('normal')
    expect(mapped('contactor-output', 300)).toBe('normal')
  })

  it.each([
    [26, 'present'],
    [18, 'present'],
    [17.9, 'low'],
    [5, 'low'],
    [4.9, 'none'],
    [0, 'none'],
  ])('%d V of a 24 V call is %s', (volts, value) => {
    expect(mapped('control-voltage', volts)).toBe(value)
  })

  it('of a 12 V call are judged in proportion', () => {
    expect(mapped('control-voltage', 9, { controlVolts: 12 })).toBe('present')
    expect(mapped('control-voltage', 8, { controlVolts: 12 })).toBe('low')
    expect(mapped('control-voltage', 2, { controlVolts: 12 })).toBe('none')
  })
})

describe('other numbers', () => {
  it.each([
    ['capacitor-fan-reading', 5, 'within'],
    ['capacitor-fan-reading', 3.1, 'low'],
    ['capacitor-fan-reading', 6.2, 'above'],
    ['capacitor-fan-reading', 0.01, 'open'],
    ['capacitor-fan-reading', null, 'short'],
    ['capacitor-other-reading', 34.5, 'within'],
    ['capacitor-other-reading', 22, 'low'],
    ['to-frame', null, 'clear'],
    ['to-frame', 50e6, 'clear'],
    ['to-frame', 5e6, 'doubtful'],
    ['to-frame', 900e3, 'leaks'],
    ['contactor-coil', 12, 'good'],
    ['contactor-coil', 0.6, 'shorted'],
    ['contactor-coil', null, 'open'],
    ['brush-length', 3.9, 'worn-short'],
    ['brush-length', 4.1, 'long'],
  ] as const)('%s of %s is %s', (observation, reading, value) => {
    expect(mapped(observation, reading)).toBe(value)
  })

  it('on the very edge of the window, inside the meter’s own doubt, are not used and say so', () => {
    expect(mapped('capacitor-fan-reading', 4.7)).toMatch(/needs another meter/)
  })

  it.each([
    ['supply-voltage', 230, 'plate.volts'],
    ['control-voltage', 24, 'plate.controlVolts'],
    ['capacitor-fan-reading', 5, 'plate.fanUf'],
    ['capacitor-other-reading', 35, 'plate.otherUf'],
    ['brush-length', 5, 'plate.brushNewMm'],
  ] as const)('%s without its plate figure is left out and named', (observation, reading, needs) => {
    expect(mapObservations({ [observation]: reading }, {})).toEqual({
      findings: {},
      unmapped: [{ observation, needs }],
    })
  })

  it('become values of the vocabulary, whatever the number, or are named as unused', () => {
    const measured = observationIds.filter((id) => observationInfo(id).measure)
    fc.assert(
      fc.property(
        fc.constantFrom(...measured),
        fc.option(fc.double({ min: 0, max: 1e8, noNaN: true }), { nil: null }),
        (observation, reading) => {
          const { findings, unmapped } = mapObservations({ [observation]: reading }, plate)
          const value = findings[observation]
          if (value === undefined) expect(unmapped).toHaveLength(1)
          else expect(observationInfo(observation).values).toContain(value)
        },
      ),
    )
  })
})

describe('a capacitor’s verdict as a finding', () => {
  it('is none where it is borderline or told by eye', () => {
    expect(capacitorVerdictToValue.borderline).toBeNull()
    expect(capacitorVerdictToValue['failed-by-look']).toBeNull()
    expect(capacitorVerdictToValue).toMatchObject({
      weak: 'low',
      high: 'above',
      shorted: 'short',
      good: 'within',
      open: 'open',
    })
  })
})

describe('a plate with several voltages', () => {
  it.each([
    [188, 'normal'],
    [187, 'low'],
    [252, 'normal'],
    [254, 'high'],
    [20, 'none'],
  ])('208/230 V: %d V is %s', (reading, value) => {
    const { findings } = mapObservations({ 'supply-voltage': reading }, { volts: [208, 230] })
    expect(findings['supply-voltage']).toBe(value)
  })
})
