import { describe, expect, it } from 'vitest'
import { readPlate } from '.'

const read = (text: string) =>
  Object.fromEntries(Object.entries(readPlate({ text }).fields).map(([key, { value }]) => [key, value]))

/** Lines as a recogniser of pictures gives them: it loses the blanks between words. */
describe('print that runs together', () => {
  it.each([
    ['Brushless,class E,IP54   12VDC', { insulationClass: 'E', enclosure: 'IP54' }],
    [
      '115V60HZ CWROTATION WHENVIEWED FROM SHAFT END',
      { rotation: 'CW', rotationViewedFrom: 'shaft-end', voltages: [115], hz: [60] },
    ],
    ['n=24501/min U=230V~f=50Hz', { rpm: [2450], voltages: [230], hz: [50] }],
    ['RPM:H980 M860 L720   HP1/4', { rpm: [980, 860, 720], hp: 0.25 }],
    ['INSE   1075RPM   CAP 4uF/450V', { insulationClass: 'E', capacitorUf: 4, capacitorVolts: 450 }],
    ['NORDIGUE INC.-MADE IN CANADA\n120V 60HZ 1.2A 1550RPM', { manufacturer: 'NORDIGUE INC' }],
  ])('%s', (text, says) => {
    expect(read(text)).toMatchObject(says)
  })

  it.each([
    ['MKP8,0µF±10%   470V~', { sections: [{ section: 'single', uF: 8 }] }],
    ['C=2,0µF±5%U=400Vac\nf=50-60Hzt=-40°C...+85°C', { hz: [50, 60], volts: 400 }],
  ])('%s', (text, says) => {
    expect(read(text)).toMatchObject(says)
  })

  it('says the duty of a capacitor whose caption stands alone above its figure', () => {
    expect(read('MARROWBY CO\nRUN CAPACITOR\n5 MFD 370 V AC\nTOL ±6%  60Hz  OVAL')).toMatchObject({
      duty: 'run',
      shape: 'oval',
      sections: [{ section: 'single', uF: 5 }],
    })
  })

  it('makes no figure of the number of a part', () => {
    expect(read('TYPE RV190   V 230   HZ 50').voltages).toEqual([230])
    expect(read('FAN MOTOR TB120   60 HZ').voltages).toBeUndefined()
  })
})
