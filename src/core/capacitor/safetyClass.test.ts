import { describe, expect, it } from 'vitest'
import { classIn, classRemark } from './safetyClass'

describe('the class of safety on a label', () => {
  it.each([
    ['35+3 µF ±5% 450V~ 50/60Hz C P2', 'P2', 2],
    ['CBB65A 35+3uF 450VAC ±5% 50/60Hz 40/70/21 P0', 'P0', 0],
    ['12,5µF 400VDB P1 25/85/21', 'P1', 1],
    ['5 µF 450 V S3 EN 60252', 'S3', 2],
    ['P2 3000V 4 µF', 'P2', 2],
    ['s/n 1 P 2', 'P2', 2],
    ['PROTECTED 10000 AFC 45+5 MFD 440 VAC', '10,000 AFC', 2],
    ['10,000 A.F.C. protected'.replace(/\./g, ''), '10,000 AFC', 2],
  ])('%s', (label, printed, level) => expect(classIn(label)).toEqual({ printed, level }))

  it.each([
    ['nothing of it', '45+5 µF ±6 % 440 V'],
    ['what is longer', 'MODEL CBP25 SP20 P25'],
    ['a class that there is not', '4 µF P3 450 V'],
    ['a piece of a number', 'part XP2 4 µF'],
    ['a capacitance', 'S 2 µF 450 V'],
    ['volts', '1000 V'],
  ])('is not read out of %s', (_, label) => expect(classIn(label)).toBeNull())
})

describe('a new capacitor beside the old one', () => {
  it.each([
    ['4 µF P2', '4 µF P0', 'less'],
    ['4 µF P2', '4 µF S1', 'less'],
    ['4 µF P1', '4 µF P0', 'less'],
    ['4 µF P2', '4 µF', 'ask'],
    ['4 µF P2', '4 µF S3', null],
    ['4 µF P2', '4 µF 10000 AFC', null],
    ['4 µF P1', '4 µF', null],
    ['4 µF P0', '4 µF', null],
    ['4 µF', '4 µF P0', null],
  ] as const)('%s, then %s: %s', (old, fresh, remark) => expect(classRemark(old, fresh)).toBe(remark))
})
