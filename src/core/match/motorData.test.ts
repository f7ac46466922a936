import { describe, expect, it } from 'vitest'
import { dataFieldError, motorData, motorSpecFrom } from './motorData'

const spec = (typed: Record<string, string>) => motorSpecFrom('old', (field) => typed[field] ?? '', {})
const ampsField = motorData.find(({ field }) => field === 'amps')!

describe('the speeds on a plate', () => {
  it('are as many as stand there', () => {
    expect(spec({ rpm: '1075/950/825', hz: '60' })).toMatchObject({ rpm: [1075, 950, 825], speeds: 3 })
    expect(spec({ rpm: '1650/900', hz: '50/60' }).speeds).toBe(2)
  })

  it('are one where two frequencies stand beside two figures', () => {
    expect(spec({ rpm: '1380/1650', hz: '50/60' })).toMatchObject({ rpm: [1650, 1380] })
    expect(spec({ rpm: '1380/1650', hz: '50/60' }).speeds).toBeUndefined()
  })
})

describe('the current on a plate', () => {
  it.each([
    ['1.1', 1.1],
    ['5.6 A', 5.6],
    ['1,15', 1.15],
    ['500 mA', 0.5],
    ['8.2/7.1/5.8/4.6', 8.2],
    ['1.9-1.4-1.1', 1.9],
    ['0,85/0,78', 0.85],
  ])('%s is %d A at full load', (typed, amps) => {
    expect(spec({ amps: typed }).amps).toBeCloseTo(amps, 6)
    expect(dataFieldError(ampsField, typed)).toBeNull()
  })

  it('of two connections is not known: which of them holds here, the plate does not say', () => {
    expect(spec({ voltages: '115/230', amps: '8.4/4.2' }).amps).toBeUndefined()
    expect(spec({ voltages: '208-230', amps: '1.1/1.0' }).amps).toBe(1.1)
    expect(spec({ voltages: '115/230', amps: '8.4' }).amps).toBe(8.4)
  })

  it('that is no number is an error that says what to type', () => {
    expect(dataFieldError(ampsField, 'much')).toMatch(/for example 1.1/)
  })
})
