import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readPlate } from '.'
import { makeCorpus, scoreFields } from './corpus.testing'

const values = (text: string, kind?: 'motor' | 'capacitor' | 'appliance') => {
  const result = readPlate({ text, ...(kind ? { kind } : {}) })
  return {
    kind: result.kind,
    unread: result.unread,
    ...Object.fromEntries(Object.entries(result.fields).map(([key, field]) => [key, field.value])),
  } as Record<string, unknown>
}

describe('a motor plate', () => {
  it('reads captions before their values', () => {
    expect(
      values('MARROWBY\nMOD MB-C-1112  HP 1/6\nV 208-230 HZ 60 PH 1\nRPM 825 A 1.1\nCAP 5 MFD 370V'),
    ).toMatchObject({
      kind: 'motor',
      manufacturer: 'MARROWBY',
      modelNumber: 'MB-C-1112',
      voltages: [208, 230],
      hz: [60],
      phase: 1,
      rpm: [825],
      amps: [1.1],
      capacitorUf: 5,
      capacitorVolts: 370,
      unread: [],
    })
  })

  it('reads a table of captions with a row of values', () => {
    expect(values('HP   V     HZ  RPM   A\n1/4  208-230  60  1075  1.6')).toMatchObject({
      hp: 0.25,
      voltages: [208, 230],
      hz: [60],
      rpm: [1075],
      amps: [1.6],
    })
  })

  it('takes a number on the same line before one on the line above', () => {
    expect(values('HP 1/6   V 208-230\nRPM 825')).toMatchObject({ voltages: [208, 230], rpm: [825] })
    expect(values('208-230 V\n825\nRPM')).toMatchObject({ voltages: [208, 230], rpm: [825] })
  })

  it('reads values run together', () => {
    expect(values('115V60HZ1PH1/4HP1075RPM1.6A')).toMatchObject({
      voltages: [115],
      hz: [60],
      phase: 1,
      hp: 0.25,
      rpm: [1075],
      amps: [1.6],
    })
  })

  it.each([
    ['RPM 1100/3SPD 115V', { rpm: [1100], speeds: 3 }],
    ['300-1300 RPM 120V MOTOR', { rpm: [1300, 300] }],
    ['1,500 RPM 1,15 A 230 V', { rpm: [1500], amps: [1.15] }],
    ['FLA 1.6 LRA 9.8 115 V 1075 RPM', { amps: [1.6] }],
    ['MOTOR MAX AMB 104°F 115V', { ambientCelsius: 40 }],
    ['MOTOR 0-40°C AMB CLASS F 30 MIN', { ambientCelsius: 40, insulationClass: 'F', duty: 'intermittent' }],
    ['NOT THERMALLY PROTECTED 1075 RPM', { thermalProtection: 'none' }],
    ['Z.P. 1550 RPM 115V', { thermalProtection: 'impedance' }],
    ['Z.P.   .25 HP 115V', { hp: 0.25, thermalProtection: 'impedance' }],
    ['CWLE 1075 RPM', { rotation: 'CW', rotationViewedFrom: 'lead-end' }],
    ['INTERCHANGE YELLOW AND PURPLE TO REVERSE 825 RPM', { rotation: 'reversible' }],
    ['PSC 1075/950/825 RPM 115V', { motorKind: 'psc-multispeed', speeds: 3 }],
    ['0.09 KW 1350 min-1 230 V', { watts: 90, rpm: [1350] }],
    ['MOTOR 12 V DC 2.1 A 3400 RPM', { voltages: [12] }],
  ])('%s', (text, expected) => {
    expect(values(text)).toMatchObject(expected)
  })

  it('never guesses what is not there', () => {
    const read = values('MOTOR 12 V DC 2.1 A 3400 RPM')
    expect(read).not.toHaveProperty('hz')
    expect(read).not.toHaveProperty('phase')
    expect(values('1075 RPM 115V TEMP RISE 55°C')).not.toHaveProperty('ambientCelsius')
    expect(values('1550 RPM 115V LAMP 40W MAX')).not.toHaveProperty('watts')
  })

  it('quotes the text each field came from, with its place', () => {
    const text = 'QUILLFEN\n115 V  60 Hz  1075 RPM'
    const { fields } = readPlate({ text })
    expect(fields.rpm!.raw).toEqual({ text: '1075 RPM', start: text.indexOf('1075'), end: text.length })
    expect(text.slice(fields.voltages!.raw.start, fields.voltages!.raw.end)).toBe('115 V')
  })

  it('trusts a figure less when a letter stood for a digit', () => {
    const { fields, warnings } = readPlate({ text: 'MOTOR 1O75 RPM 60 Hz' })
    expect(fields.rpm!.value).toEqual([1075])
    expect(fields.rpm!.confidence).toBeLessThan(fields.hz!.confidence)
    expect(warnings.join()).toMatch(/rpm/)
  })
})

describe('a capacitor and an appliance', () => {
  it('keep three sections apart from a climate', () => {
    expect(values('4.5/5/10 MFD 250V CAPACITOR')).toMatchObject({
      sections: [{ uF: 4.5 }, { uF: 5 }, { uF: 10 }],
    })
    expect(values('5 MFD 25/85/21 CAPACITOR')).toMatchObject({ temperatureCelsius: { min: -25, max: 85 } })
  })

  it('tells them apart and reads them', () => {
    expect(values('35+5 uF ±6% 440 VAC 50/60Hz')).toMatchObject({
      kind: 'capacitor',
      volts: 440,
      sections: [
        { section: 'HERM', uF: 35 },
        { section: 'FAN', uF: 5 },
      ],
    })
    expect(values('130-156 MFD 250VAC 0/+20%')).toMatchObject({
      kind: 'capacitor',
      duty: 'start',
      tolerancePercent: { minus: 0, plus: 20 },
    })
    expect(
      values('Ivenholm Heating\nMODEL NO. F90-2 SERIAL NO. 4471 NATURAL GAS 120V 60HZ 8.5A'),
    ).toMatchObject({
      kind: 'appliance',
      modelNumber: 'F90-2',
      serialNumber: '4471',
      fuelType: 'natural-gas',
      amps: [8.5],
    })
  })
})

describe('volts, letters and numbers on the label of a capacitor', () => {
  it.each<[string, object]>([
    ['8 MFD 250 V~ 630 V DC', { volts: 250, dcVolts: 630 }],
    ['CAPACITOR 6 uF 440 V P2 3000V', { volts: 440 }],
    ['20 MFD K 330 VAC', { tolerancePercent: { minus: 10, plus: 10 }, volts: 330 }],
    ['12uFJ 450VAC', { tolerancePercent: { minus: 5, plus: 5 }, sections: [{ section: 'single', uF: 12 }] }],
    [
      'C1:1.5uF C2:2.5uF 250VAC',
      {
        sections: [
          { section: 'single', uF: 1.5 },
          { section: 'single', uF: 2.5 },
        ],
      },
    ],
    ['5uF 450V 47x18x34 mm', { sections: [{ section: 'single', uF: 5 }], volts: 450 }],
  ])('%s', (text, wanted) => {
    expect(values(text, 'capacitor')).toMatchObject(wanted)
  })

  it('of direct voltage alone are none for alternating', () => {
    const read = values('MKP 4 uF 400VDC', 'capacitor')
    expect(read).toMatchObject({ dcVolts: 400 })
    expect(read).not.toHaveProperty('volts')
  })
})

describe('a corpus of made-up plates', () => {
  const corpus = makeCorpus()
  const scores = corpus.map((plate) => ({
    plate,
    ...scoreFields(plate.truth, readPlate({ text: plate.text, kind: plate.kind }).fields),
  }))
  const sum = (list: typeof scores) =>
    list.reduce(
      (all, each) => ({
        right: all.right + each.right,
        wrong: all.wrong + each.wrong,
        total: all.total + each.total,
      }),
      { right: 0, wrong: 0, total: 0 },
    )
  const faults = (list: typeof scores) =>
    list
      .filter((each) => each.faults.length > 0)
      .slice(0, 12)
      .map((each) => `${each.faults.join('; ')}\n${each.plate.text}`)
      .join('\n---\n')

  it('has at least 120, a third damaged', () => {
    expect(corpus.length).toBeGreaterThanOrEqual(120)
    expect(corpus.filter((plate) => plate.damaged).length).toBeGreaterThanOrEqual(40)
  })

  it('is read right to 97 % where clean', () => {
    const clean = scores.filter(({ plate }) => !plate.damaged)
    const { right, total } = sum(clean)
    expect(right / total, faults(clean)).toBeGreaterThan(0.97)
  })

  it('is read right to 90 % where damaged', () => {
    const damaged = scores.filter(({ plate }) => plate.damaged)
    const { right, total } = sum(damaged)
    expect(right / total, faults(damaged)).toBeGreaterThan(0.9)
  })

  it('is read wrong in fewer than 3 % of fields', () => {
    const { wrong, total } = sum(scores)
    expect(wrong / total, faults(scores.filter((each) => each.wrong > 0))).toBeLessThan(0.03)
  })
})

describe('any text', () => {
  it('is read without falling over, places inside it', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => {
        const { fields } = readPlate({ text })
        for (const field of Object.values(fields)) {
          expect(field.raw.start).toBeGreaterThanOrEqual(0)
          expect(field.raw.end).toBeLessThanOrEqual(text.length)
        }
      }),
    )
  })
})
