import { describe, expect, it } from 'vitest'
import { readPlate } from '.'
import { supplyOf } from './supply'

const told = (text: string) => {
  const { fields } = readPlate({ text, kind: 'motor' })
  return { volts: fields.voltages?.value, phase: fields.phase?.value, hz: fields.hz?.value }
}

describe('a supply printed in one run', () => {
  it.each([
    ['208-230/1/60', { volts: [208, 230], phase: 1, hz: [60] }],
    ['115/60/1   1/3 HP', { volts: [115], phase: 1, hz: [60] }],
    ['V/PH/HZ: 460/3/60', { volts: [460], phase: 3, hz: [60] }],
    ['VOLTS-PHASE-HZ 230-1-50', { volts: [230], phase: 1, hz: [50] }],
    ['2O8-23O/1/6O', { volts: [208, 230], phase: 1, hz: [60] }],
  ])('%s', (text, says) => {
    expect(told(text)).toEqual(says)
  })

  it.each([
    [
      ['25', '85', '21'],
      ['/', '/'],
    ],
    [['1075', '3'], ['/']],
    [
      ['1290', '1080', '860'],
      ['/', '/'],
    ],
    [['208', '230'], ['-']],
    [
      ['115', '2', '60'],
      ['/', '/'],
    ],
  ])('is not %j', (numbers, signs) => {
    expect(supplyOf({ numbers, signs })).toBeNull()
  })
})
