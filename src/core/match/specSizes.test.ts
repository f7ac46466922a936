import { describe, expect, it } from 'vitest'
import { typedValue } from '../units'
import { canSizesIn, type SpecSize, sizesIn } from './specSizes'

/** Sizes in millimetres to a tenth, by the field they go into. */
const asRead = (sizes: SpecSize[]) =>
  Object.fromEntries(
    sizes.map(({ field, typed }) => [field, Math.round((typedValue(typed, 'mm') ?? -1) * 10) / 10]),
  )
const read = (text: string) => asRead(sizesIn(text).sizes)

describe('the size of a can on a seller’s page', () => {
  it.each([
    ['round 50 x 95 mm', { diameterMm: 50, heightMm: 95 }],
    ['Ø30 × 60mm, 4 tabs', { diameterMm: 30, heightMm: 60 }],
    ['2" dia x 4-1/2" high', { diameterMm: 50.8, heightMm: 114.3 }],
    ['can height: 105 mm, diameter 55 mm', { heightMm: 105, diameterMm: 55 }],
    ['3.5 in tall', { heightMm: 88.9 }],
  ] as const)('“%s” is %j', (text, sizes) => expect(asRead(canSizesIn(text).sizes)).toEqual(sizes))

  it.each(['35+5 µF 440 V', '50 x 95', 'box 120 x 80 x 60 mm', '4 x tabs', '50/60 Hz'])(
    '“%s” tells none',
    (text) => expect(canSizesIn(text).sizes).toEqual([]),
  )
})

describe('the sizes of a seller’s page', () => {
  it.each([
    ['SHAFT 5/16" dia x 2.25" L', { shaftDiameterMm: 7.9, shaftLengthMm: 57.2 }],
    ['SHAFT 5/16 x 3', { shaftDiameterMm: 7.9, shaftLengthMm: 76.2 }],
    ['Shaft Diameter: 1/2"\nShaft Length: 5"', { shaftDiameterMm: 12.7, shaftLengthMm: 127 }],
    ['Shaft: 1/2 in. dia. x 6 in. long, with flat', { shaftDiameterMm: 12.7, shaftLengthMm: 152.4 }],
    ['1/2" x 4-3/4" shaft', { shaftDiameterMm: 12.7, shaftLengthMm: 120.7 }],
    ['shaft 8mm x 50mm', { shaftDiameterMm: 8, shaftLengthMm: 50 }],
    ['Shaft 8 x 50 mm', { shaftDiameterMm: 8, shaftLengthMm: 50 }],
    ['Ø 12 mm shaft, 90 mm long shaft', { shaftDiameterMm: 12, shaftLengthMm: 90 }],
    ['5/8” shaft dia', { shaftDiameterMm: 15.9 }],
    ['keyed 3/4" shaft', { shaftDiameterMm: 19 }],
    ['shaft length 4 1/2"', { shaftLengthMm: 114.3 }],
    ['5-5/8" dia motor body', { diameterMm: 142.9 }],
    ['Motor diameter: 3.3 inches; body length 4 in', { diameterMm: 83.8, bodyLengthMm: 101.6 }],
    ['Frame dia. 5.6", lead length 36"', { diameterMm: 142.2, leadLengthMm: 914.4 }],
    ['Gehäuse Ø 92 mm, Welle Ø 8 mm', { diameterMm: 92, shaftDiameterMm: 8 }],
    ['wellenlänge 35mm', { shaftLengthMm: 35 }],
    ['leads 24 in', { leadLengthMm: 609.6 }],
    ['Shaft Dimensions: 1/2" Diameter x 5" Length', { shaftDiameterMm: 12.7, shaftLengthMm: 127 }],
    ['1/2-inch x 5-inch shaft', { shaftDiameterMm: 12.7, shaftLengthMm: 127 }],
    ['shaft size 5/16"', { shaftDiameterMm: 7.9 }],
    ['motor OD 5.6 in', { diameterMm: 142.2 }],
    ['Shaft (dia x length): 1/2" x 4.5"', { shaftDiameterMm: 12.7, shaftLengthMm: 114.3 }],
    ['5" motor, 1/2" x 3-1/2" Long Shaft', { shaftDiameterMm: 12.7, shaftLengthMm: 88.9 }],
    ['fan motor 2-1/2 in dia, bracket mount', { diameterMm: 63.5 }],
    ['3.3" diameter, CW', { diameterMm: 83.8 }],
    ['shaft 3/16 x 1 in 2-1/2 in dia', { shaftDiameterMm: 4.8, shaftLengthMm: 25.4, diameterMm: 63.5 }],
  ] as const)('“%s” are %j', (text, sizes) => {
    expect(read(text)).toEqual(sizes)
  })

  it.each([
    // No unit, and no fraction that only inches have.
    'Shaft 8 x 50',
    'shaft diameter .5',
    // Another thing of the motor, or of the page.
    'CW FACING SHAFT END',
    'DOUBLE SHAFT 1075 RPM',
    'box 12 x 12 x 8 in',
    '1/2 HP 1075 RPM 208-230V',
    'overall length 9"',
    // No shaft is as thick as that, no body as thin.
    'shaft 5"',
    'motor diameter 3 mm',
    // It may be the shaft, or the wheel.
    '1/2 in dia',
    '8 in dia blade',
    '10" diameter fan blade',
    // Two shafts: which of both is meant nobody knows.
    'shaft 1/2" or 5/8"',
  ])('“%s” tells none', (text) => {
    expect(read(text)).toEqual({})
  })

  it('leaves the rest of the text as it was, without what was read', () => {
    const { rest } = sizesIn('VX-310 115V 60Hz\nSHAFT 5/16" dia x 2.25" L  BALL BRG')
    expect(rest).toContain('VX-310 115V 60Hz')
    expect(rest).toContain('BALL BRG')
    expect(rest).not.toMatch(/SHAFT|5\/16/)
  })

  it('takes the first where one is told twice', () => {
    expect(read('shaft dia 1/2"\nshaft dia 5/8"')).toEqual({ shaftDiameterMm: 12.7 })
  })
})
