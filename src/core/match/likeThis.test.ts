import { describe, expect, it } from 'vitest'
import { familyIds } from '../knowledge/vocabulary'
import { likeThis, platesLike } from './likeThis'
import { dataFieldError, motorData } from './motorData'

const here = { region: 'north-america' } as const
const abroad = { region: 'europe' } as const

describe('what an empty field shows', () => {
  it.each(familyIds)('for %s is a figure that the field itself would take', (family) => {
    for (const household of [here, abroad])
      for (const field of motorData) {
        const { placeholder } = likeThis(field, { family }, household)
        if (placeholder)
          expect([field.field, placeholder, dataFieldError(field, placeholder)]).toEqual([
            field.field,
            placeholder,
            null,
          ])
      }
  })

  it('is of this kind of machine, on these mains', () => {
    expect(platesLike({ family: 'bath-exhaust-fan' }, here)).toMatchObject({
      voltages: '120',
      hz: '60',
      rpm: '1500',
      amps: '0.7',
    })
    expect(platesLike({ family: 'bath-exhaust-fan' }, abroad)).toMatchObject({
      voltages: '230',
      hz: '50',
      rpm: '1260',
      amps: '0.35',
    })
    expect(platesLike({ family: 'outdoor-unit-fan' }, here).voltages).toBe('208-230')
    expect(platesLike({ family: 'outdoor-unit-fan' }, abroad)).toMatchObject({ voltages: '230', amps: '1.1' })
  })

  it('on direct current is the same everywhere', () => {
    const family = 'rv-furnace-blower'
    expect(platesLike({ family }, abroad)).toEqual(platesLike({ family }, here))
    expect(platesLike({ family }, here).voltages).toBe('12')
  })
})
