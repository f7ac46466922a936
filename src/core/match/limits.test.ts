import { describe, expect, it } from 'vitest'
import { type CapSpec, type MotorMatchInput, type MotorSpec, matchCapacitors, matchMotors } from '.'

const old: MotorSpec = {
  id: 'old',
  motorKind: 'psc',
  voltages: [208, 230],
  hz: [60],
  phase: 1,
  hp: 1 / 6,
  rpm: [825],
  speeds: 1,
  amps: 1.1,
  rotation: { direction: 'CW', viewedFrom: 'lead-end' },
  capacitor: { uF: 5, volts: 440 },
}
const rule = (
  name: string,
  was: Partial<MotorSpec>,
  is: Partial<MotorSpec>,
  more: Partial<MotorMatchInput> = {},
) =>
  matchMotors({
    old: { ...old, ...was },
    candidates: [{ ...old, ...is, id: 'new' }],
    ...more,
  }).results[0]?.rules.find((each) => each.rule === name)

const verdict = (...args: Parameters<typeof rule>) => rule(...args)?.verdict

describe('the kind of a motor', () => {
  it.each([
    ['psc', 'psc', 'ok'],
    ['psc', 'psc-multispeed', 'ok'],
    ['psc-multispeed', 'psc', 'ok'],
    ['shaded-pole', 'psc', 'unknown'],
    ['psc', 'shaded-pole', 'unknown'],
    ['split-phase', 'psc', 'unknown'],
    ['psc', 'capacitor-start', 'unknown'],
    ['shaded-pole', 'shaded-pole', 'ok'],
    ['brushed-dc', 'psc', 'no'],
    ['psc', 'brushed-dc', 'no'],
    ['ecm', 'psc', 'no'],
    ['psc', 'ecm', 'no'],
    ['psc', 'bldc', 'no'],
    ['ecm', 'ecm', 'unknown'],
  ] as const)('%s by %s is %s', (was, is, expected) => {
    expect(verdict('kind', { motorKind: was }, { motorKind: is })).toBe(expected)
  })

  it('is open where one of them is not known, and asked for', () => {
    expect(verdict('kind', { motorKind: undefined }, {})).toBe('unknown')
    expect(verdict('kind', {}, { motorKind: undefined })).toBe('unknown')
  })

  it('counts less than a declared number, but for brushes it is asked nothing', () => {
    const declared = { partNumber: 'B', replaces: ['A'] }
    expect(verdict('kind', { partNumber: 'A', motorKind: 'ecm' }, { ...declared, motorKind: 'ecm' })).toBe(
      'ok',
    )
    expect(verdict('kind', { partNumber: 'A', motorKind: 'shaded-pole' }, declared)).toBe('ok')
  })
})

describe('the volts of a motor', () => {
  it.each([
    [[115], [115], 'ok'],
    [[110], [120], 'ok'],
    [[115], [230], 'no'],
    [[230], [115], 'no'],
    [[220], [240], 'ok'],
    [[208], [208, 230], 'ok'],
    [[240], [208, 230], 'ok'],
    [[208, 230], [230], 'unknown'],
    [[277], [277], 'ok'],
    [[277], [264], 'ok'],
    [[277], [262], 'no'],
    [[109], [115], 'no'],
    [[121], [115], 'ok'],
    [[122], [115], 'no'],
    [[219], [208, 230], 'ok'],
    [[241], [208, 230], 'ok'],
    [[243], [208, 230], 'no'],
    [[207], [208, 230], 'ok'],
    [[180], [208, 230], 'no'],
  ] as const)('made for %j, a motor of %j is %s', (supply, marked, expected) => {
    expect(verdict('voltage', { voltages: [...supply] }, { voltages: [...marked] })).toBe(expected)
  })

  it('are judged by the supply that was measured, and asked for where nobody knows them', () => {
    expect(verdict('voltage', { voltages: [115] }, { voltages: [230] }, { supplyVolts: 236 })).toBe('ok')
    expect(verdict('voltage', { voltages: undefined }, {})).toBe('unknown')
    expect(verdict('voltage', {}, { voltages: undefined })).toBe('unknown')
    expect(verdict('voltage', { voltages: [] }, {})).toBe('unknown')
  })

  it('below sixty are asked about where a board may feed them', () => {
    const board = { boardMayFeed: true }
    expect(verdict('voltage', { voltages: [120] }, { voltages: [12] }, board)).toBe('unknown')
    expect(verdict('voltage', { voltages: [120] }, { voltages: [60] }, board)).toBe('no')
    expect(verdict('voltage', { voltages: [120] }, { voltages: [12] })).toBe('no')
  })
})

describe('the capacitor that a motor asks for', () => {
  const fitted = (uF: number, volts?: number) => ({ capacitor: { uF, ...(volts ? { volts } : {}) } })
  it.each([
    [fitted(5, 440), fitted(5, 440), 'ok'],
    [fitted(5, 440), fitted(5, 370), 'ok'],
    [fitted(5, 370), fitted(5, 440), 'work'],
    [fitted(5, 360), fitted(5, 450), 'work'],
    [fitted(5, 439), fitted(5, 440), 'work'],
    [fitted(5), fitted(5, 440), 'ok'],
    [fitted(5, 370), fitted(5), 'ok'],
    [fitted(5, 440), fitted(7.5, 440), 'work'],
    [fitted(5.04, 440), fitted(5, 440), 'ok'],
    [fitted(5.06, 440), fitted(5, 440), 'work'],
    [{ capacitor: null }, fitted(5, 440), 'work'],
    [fitted(5, 440), { capacitor: null }, 'ok'],
    [{ capacitor: undefined }, fitted(5, 440), 'unknown'],
    [fitted(5, 440), { capacitor: undefined }, 'unknown'],
  ] satisfies [Partial<MotorSpec>, Partial<MotorSpec>, string][])(
    '%j beside %j is %s',
    (was, is, expected) => {
      expect(verdict('capacitor', was, is)).toBe(expected)
    },
  )

  it('is bought with both its figures', () => {
    expect(rule('capacitor', fitted(5, 370), fitted(7.5, 440))?.text).toBe(
      'Buy a 7.5 µF 440 V run capacitor.',
    )
  })
})

describe('speed, power, current, frequency, phases, count of speeds', () => {
  it.each([
    ['speed', { rpm: [1000] }, { rpm: [1050] }, 'ok'],
    ['speed', { rpm: [1000] }, { rpm: [1051] }, 'no'],
    ['speed', { rpm: [1000] }, { rpm: [950] }, 'ok'],
    ['speed', { rpm: [1000] }, { rpm: [949] }, 'no'],
    ['speed', { rpm: undefined }, {}, 'unknown'],
    ['power', { hp: 1 / 4 }, { hp: 1 / 6 }, 'no'],
    ['power', { hp: 1 / 6 }, { hp: 1 / 6 }, 'ok'],
    ['power', { hp: 1 / 6 }, { hp: 1 / 4 }, 'ok'],
    ['power', { hp: 1 / 8 }, { hp: 1 / 2 }, 'no'],
    ['power', { hp: undefined, inputWatts: 100 }, { hp: undefined, inputWatts: 100 }, 'ok'],
    ['power', { hp: undefined, inputWatts: 100 }, { hp: 1 / 6 }, 'unknown'],
    ['power', { hp: undefined, outputWatts: 124 }, { hp: 1 / 6 }, 'ok'],
    ['current', { amps: 1.1 }, { amps: 1.1 }, 'ok'],
    ['current', { amps: 1.1 }, { amps: 1.2 }, 'unknown'],
    ['current', { amps: undefined }, { amps: 1 }, 'unknown'],
    ['current', { amps: 1 }, { amps: undefined }, 'unknown'],
    ['frequency', { hz: [60] }, { hz: [50] }, 'no'],
    ['frequency', { hz: [60] }, { hz: [50, 60] }, 'ok'],
    ['frequency', { hz: [50, 60] }, { hz: [60] }, 'unknown'],
    ['frequency', { hz: undefined }, { hz: [60] }, 'unknown'],
    ['phase', { phase: 1 }, { phase: 3 }, 'no'],
    ['phase', { phase: 1 }, { phase: 1 }, 'ok'],
    ['speed-count', { speeds: 3 }, { speeds: 2 }, 'no'],
    ['speed-count', { speeds: 3 }, { speeds: 3 }, 'ok'],
    ['speed-count', { speeds: 2 }, { speeds: 4 }, 'work'],
    ['speed-count', { speeds: undefined, rpm: undefined }, { speeds: 2 }, 'unknown'],
  ] satisfies [string, Partial<MotorSpec>, Partial<MotorSpec>, string][])(
    '%s %j beside %j is %s',
    (name, was, is, expected) => {
      expect(verdict(name, was, is)).toBe(expected)
    },
  )

  it('current is judged by what the control may switch, where that is known', () => {
    expect(verdict('current', {}, { amps: 1.5 }, { controlAmps: 1.5 })).toBe('ok')
    expect(verdict('current', {}, { amps: 1.6 }, { controlAmps: 1.5 })).toBe('no')
  })

  it('spare speeds are capped, as many as there are', () => {
    expect(rule('speed-count', { speeds: 2 }, { speeds: 3 })?.text).toMatch(/^Cap 1 unused speed lead,/)
    expect(rule('speed-count', { speeds: 1 }, { speeds: 3 })?.text).toMatch(/^Cap 2 unused speed leads,/)
  })
})

describe('the turn of a motor, seen from its shaft end', () => {
  const turn = (direction: 'CW' | 'CCW', viewedFrom: 'shaft-end' | 'lead-end', reversible = false) => ({
    rotation: { direction, viewedFrom, reversible },
  })
  it.each([
    [turn('CW', 'shaft-end'), turn('CCW', 'lead-end'), 'ok'],
    [turn('CW', 'shaft-end'), turn('CW', 'lead-end'), 'no'],
    [turn('CW', 'shaft-end'), turn('CW', 'lead-end', true), 'work'],
    [{ rotation: undefined }, turn('CW', 'shaft-end', true), 'unknown'],
    [{ rotation: undefined }, turn('CW', 'shaft-end'), 'unknown'],
    [turn('CW', 'shaft-end'), { rotation: undefined }, 'unknown'],
    [turn('CW', 'shaft-end'), { rotation: { reversible: true } }, 'unknown'],
  ] satisfies [Partial<MotorSpec>, Partial<MotorSpec>, string][])(
    '%j beside %j is %s',
    (was, is, expected) => {
      expect(verdict('rotation', was, is)).toBe(expected)
    },
  )
})

describe('a capacitor for another', () => {
  const single: CapSpec & { sections: { section: 'single'; uF: number }[] } = {
    id: 'c',
    sections: [{ section: 'single', uF: 5 }],
    volts: 370,
    duty: 'run',
    tolerancePercent: { minus: 6, plus: 6 },
    diameterMm: 40,
    heightMm: 70,
    shape: 'round',
    tabs: 2,
    temperatureCelsius: { max: 85 },
  }
  const { id: _, ...was } = single
  const judge = (change: Partial<CapSpec>, motorNeeds?: { uF: number; volts?: number }, before = {}) =>
    matchCapacitors({
      old: { ...was, ...before },
      ...(motorNeeds ? { motorNeeds } : {}),
      candidates: [{ ...single, ...change }],
    }).results[0]
  const told = (name: string, ...args: Parameters<typeof judge>) =>
    judge(...args)?.rules.find((each) => each.rule === name)?.verdict

  it('drops in where it is the same', () => {
    expect(judge({})).toMatchObject({ verdict: 'drop-in', open: [] })
  })

  it('has at least the volts of the label, and of the motor where that asks for more', () => {
    expect(told('voltage', { volts: 370 })).toBe('ok')
    expect(told('voltage', { volts: 440 })).toBe('ok')
    expect(told('voltage', { volts: 369 })).toBe('no')
    expect(told('voltage', { volts: 300 })).toBe('no')
    expect(told('voltage', { volts: 370 }, { uF: 5, volts: 440 })).toBe('no')
    expect(told('voltage', { volts: 440 }, { uF: 5, volts: 440 })).toBe('ok')
    expect(told('voltage', { volts: 370 }, { uF: 5, volts: 250 })).toBe('ok')
    expect(told('voltage', { volts: 300 }, { uF: 5, volts: 250 })).toBe('no')
    expect(told('voltage', { volts: undefined })).toBe('unknown')
    expect(told('voltage', {}, undefined, { volts: undefined })).toBe('unknown')
    expect(told('voltage', {}, { uF: 5, volts: 440 }, { volts: undefined })).toBe('no')
  })

  it('is within the tolerance of the label', () => {
    const uF = (value: number) => told('capacitance', { sections: [{ section: 'single', uF: value }] })
    expect([4.69, 4.71, 5.29, 5.31].map(uF)).toEqual(['no', 'ok', 'ok', 'no'])
  })

  it('is a run capacitor for a run capacitor', () => {
    expect(told('duty', { duty: 'start' })).toBe('no')
    expect(told('duty', { duty: undefined })).toBe('unknown')
    expect(told('duty', {}, undefined, { duty: 'start' })).toBe('no')
    expect(told('duty', {}, undefined, { duty: undefined })).toBe('ok')
  })

  it('is as close as the label says', () => {
    expect(told('tolerance', { tolerancePercent: { minus: 5, plus: 5 } })).toBe('ok')
    expect(told('tolerance', { tolerancePercent: { minus: 6, plus: 10 } })).toBe('unknown')
    expect(told('tolerance', { tolerancePercent: { minus: 10, plus: 6 } })).toBe('unknown')
    expect(told('tolerance', { tolerancePercent: undefined })).toBe('unknown')
  })

  it('fits the strap, or the space is measured', () => {
    expect(told('size', { diameterMm: 41 })).toBe('ok')
    expect(told('size', { diameterMm: 42 })).toBe('work')
    expect(told('size', { heightMm: 71 })).toBe('ok')
    expect(told('size', { heightMm: 72 })).toBe('work')
    expect(told('size', { diameterMm: undefined })).toBe('unknown')
  })
})
