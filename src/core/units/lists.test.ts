import { describe, expect, it } from 'vitest'
import { typedList } from './lists'

describe('the numbers of a list', () => {
  it.each([
    ['1075/950/825', [1075, 950, 825]],
    ['1075, 950; 825', [1075, 950, 825]],
    ['1075-950', [1075, 950]],
    ['none', []],
  ] as const)('“%s” are %j', (typed, values) => {
    expect(typedList(typed, 'rpm')).toEqual(values)
  })

  it.each([
    ['208-230', [208, 230]],
    ['115/230', [115, 230]],
    ['115/60/1', [115]],
    ['115-60-1', [115]],
    ['208-230/1/60', [208, 230]],
    ['208/230/60/1', [208, 230]],
    ['120 V 60 Hz', [120]],
    ['120V 60Hz 1PH', [120]],
    ['230V~50Hz', [230]],
    ['230 V, 50/60 Hz', [230]],
    ['220-240V 50Hz', [220, 240]],
    ['115 V single phase', [115]],
    ['12', [12]],
    ['48/60', [48, 60]],
    ['120 V', [120]],
  ] as const)('of volts, “%s”, are %j: frequency and phase are no voltage', (typed, values) => {
    expect(typedList(typed, 'volts')).toEqual(values)
  })

  it('of frequencies stay what they are', () => {
    expect(typedList('50/60', 'hz')).toEqual([50, 60])
  })
})
