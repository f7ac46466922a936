import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples, seedOf } from '../../sampling.testing'
import {
  type AskLine,
  askForCapacitor,
  askForMotor,
  type CapSpec,
  type MotorSpec,
  matchCapacitors,
  matchMotors,
} from '.'
import { accepts } from './rules/electrical'

/** What a part says in this field; a section goes by its name. */
function told(part: object, field: string): unknown {
  const section = /^sections\.(.+)\.uF$/.exec(field)?.[1]
  if (section !== undefined) {
    // Whoever tells the sections tells that there is no other.
    const sections = (part as CapSpec).sections
    return sections && (sections.find((each) => each.section === section)?.uF ?? Number.NaN)
  }
  return field
    .split('.')
    .reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], part)
}

/** A line read as its contract says it, apart from the code that made it: broken only by what is told. */
function isBroken(part: object, line: AskLine): boolean {
  if (line.anyOf) return line.anyOf.every((lines) => lines.some((each) => isBroken(part, each)))
  const value = told(part, line.field ?? '')
  if (value === undefined || value === null || (Array.isArray(value) && value.length === 0)) return false
  if (line.covers) return !line.covers.every((each) => covered(line.field ?? '', value as number[], each))
  if (line.oneOf) {
    const values = Array.isArray(value) ? value : [value]
    return !values.some((each) => line.oneOf?.includes(each as string))
  }
  const figure = value as number
  if (Number.isNaN(figure)) return true
  const hair = 1e-9 * (1 + Math.abs(figure))
  return (
    figure < (line.min ?? Number.NEGATIVE_INFINITY) - hair ||
    figure > (line.max ?? Number.POSITIVE_INFINITY) + hair
  )
}

const covered = (field: string, marked: number[], wanted: number) =>
  field === 'hz' ? marked.includes(wanted) : accepts(marked, wanted)

const kinds = ['shaded-pole', 'psc', 'psc-multispeed', 'ecm', 'bldc', 'brushed-dc', 'split-phase'] as const
const turn = fc.constantFrom('CW' as const, 'CCW' as const)
const whole = fc.record({
  partNumber: fc.constantFrom('A-1', 'B-2', 'C-3'),
  motorKind: fc.constantFrom(...kinds),
  voltages: fc.constantFrom<number[][]>([115], [120], [208, 230], [230], [115, 230], [277]),
  hz: fc.constantFrom<number[][]>([60], [50], [50, 60]),
  phase: fc.constantFrom(1, 1, 1, 3),
  hp: fc.constantFrom(1 / 25, 1 / 20, 1 / 10, 1 / 8, 1 / 6, 1 / 5, 0.25, 0.33, 0.5, 0.75, 1, 3),
  rpm: fc.constantFrom<number[][]>([1075], [1080], [1140], [825], [1100, 900, 700], [1550]),
  speeds: fc.constantFrom(1, 2, 3),
  amps: fc.constantFrom(0.5, 1.1, 2.4),
  rotation: fc.record({
    direction: turn,
    viewedFrom: fc.constantFrom('shaft-end' as const, 'lead-end' as const),
    reversible: fc.boolean(),
  }),
  capacitor: fc.constantFrom(null, { uF: 5, volts: 370 }, { uF: 7.5, volts: 440 }),
  diameterMm: fc.constantFrom(84, 125, 126, 127, 140),
  bodyLengthMm: fc.constantFrom(90, 120),
  shaft: fc.record({
    diameterMm: fc.constantFrom(7.94, 8, 12.7, 12.75),
    lengthMm: fc.constantFrom(50, 100, 140),
    ends: fc.constantFrom(1, 2),
    secondLengthMm: fc.constantFrom(40, 60),
  }),
  mount: fc.record({
    type: fc.constantFrom('stud' as const, 'belly-band' as const, 'base' as const),
    boltCircleMm: fc.constantFrom(90, 90.5, 100),
    studLengthMm: fc.constantFrom(15, 20, 40),
  }),
  enclosure: fc.constantFrom('open' as const, 'air-over' as const, 'enclosed' as const),
  bearing: fc.constantFrom('ball' as const, 'sleeve' as const),
  positions: fc.constantFrom<MotorSpec['positions'][]>(
    ['shaft-up'],
    ['horizontal'],
    ['shaft-up', 'shaft-down'],
  ),
  ambientCelsius: fc.constantFrom(40, 60, 70),
  insulationClass: fc.constantFrom('A', 'B', 'F'),
  leadLengthMm: fc.constantFrom(300, 600),
  connector: fc.constantFrom('six pin', 'three pin'),
  unique: fc.constantFrom(false, false, false, true),
})
const fields = [
  'motorKind',
  'voltages',
  'hz',
  'phase',
  'hp',
  'rpm',
  'speeds',
  'rotation',
  'diameterMm',
  'shaft',
  'mount',
  'enclosure',
  'bearing',
  'positions',
  'ambientCelsius',
  'insulationClass',
  'partNumber',
  'unique',
] as const
const place = fc.record(
  {
    position: fc.constantFrom('shaft-up' as const, 'shaft-down' as const, 'horizontal' as const),
    outdoors: fc.boolean(),
    controlAmps: fc.constantFrom(1, 2),
    supplyVolts: fc.constantFrom(120, 230, 240),
    speedsUsed: fc.constantFrom(1, 2),
  },
  { requiredKeys: [] },
)
const without = (part: object, left: readonly string[]): object =>
  Object.fromEntries(Object.entries(part).filter(([key]) => !left.includes(key)))
const someLeft = fc.subarray([...fields], { maxLength: 8 })

describe('what to ask a seller for in place of a motor', () => {
  const old = fc
    .tuple(whole, someLeft)
    .map(([part, left]): MotorSpec => ({ id: 'old', ...without(part, left) }))
  const verdictOf = (was: MotorSpec, at: object, candidate: object) =>
    matchMotors({ old: was, ...at, candidates: [{ id: 'new', ...candidate }] }).results[0]?.verdict

  it('turns away by a hard line only what the match turns away, however little a part tells', () => {
    fc.assert(
      fc.property(old, place, whole, someLeft, (was, at, candidate, left) => {
        const part = without(candidate, left)
        const broken = askForMotor({ old: was, ...at }).asks.filter(
          (line) => line.hard && isBroken(part, line),
        )
        if (broken.length > 0)
          expect({ broken, verdict: verdictOf(was, at, part) }).toMatchObject({ verdict: 'no' })
      }),
      { seed: seedOf(31), numRuns: samples(1500, 30_000) },
    )
  })

  it('misses nothing that the match turns away, where a part tells every figure', () => {
    fc.assert(
      fc.property(old, place, whole, (was, at, candidate) => {
        if (verdictOf(was, at, candidate) !== 'no') return
        const { asks } = askForMotor({ old: was, ...at })
        expect(asks.some((line) => line.hard && isBroken(candidate, line))).toBe(true)
      }),
      { seed: seedOf(32), numRuns: samples(1500, 30_000) },
    )
  })

  it('asks for no work where every soft line holds too', () => {
    fc.assert(
      fc.property(whole, (part) => {
        const { asks } = askForMotor({ old: { id: 'old', ...part } })
        expect(asks.filter((line) => isBroken(part, line))).toEqual([])
      }),
      { seed: seedOf(33), numRuns: samples(200, 2000) },
    )
  })

  it('is said as a seller hears it', () => {
    const { asks, unknown, buyToo } = askForMotor({
      old: {
        id: 'old',
        motorKind: 'psc',
        voltages: [208, 230],
        hz: [60],
        hp: 0.25,
        rpm: [1075],
        rotation: { direction: 'CCW', viewedFrom: 'lead-end' },
        capacitor: { uF: 5, volts: 370 },
        shaft: { diameterMm: 12.7, lengthMm: 127 },
      },
      outdoors: true,
    })
    const said = asks.filter(({ hard }) => hard).map(({ text }) => text)
    expect(said).toEqual(
      expect.arrayContaining([
        'For 208 or 230 V.',
        '1/4 hp to 1/2 hp, never less.',
        '1075 rpm, give or take 5 %.',
        'Turns clockwise seen from the shaft end, or reversible.',
        'Shaft at least 127 mm long.',
        'A closed body: it stands in the weather.',
      ]),
    )
    expect(unknown.map(({ rule }) => rule)).toEqual([
      'phase',
      'diameter',
      'length',
      'shaft-ends',
      'mount',
      'bearing-position',
    ])
    expect(buyToo[0]?.text).toContain('5 µF, 370 V or more')
  })

  it('is the number alone of a motor that is programmed for its machine', () => {
    const ecm = { id: 'old', motorKind: 'ecm' as const, hp: 0.5, rpm: [1075] }
    expect(askForMotor({ old: { ...ecm, partNumber: 'X-9' } }).asks).toContainEqual(
      expect.objectContaining({ field: 'partNumber', oneOf: ['X-9'], hard: true }),
    )
    expect(askForMotor({ old: ecm }).unknown).toMatchObject([{ rule: 'part-number' }])
  })
})

describe('what to ask a seller for in place of a capacitor', () => {
  const value = fc.constantFrom(4, 5, 5.2, 7.5, 30, 35, 37)
  const body = fc.record({
    volts: fc.constantFrom(250, 370, 440),
    duty: fc.constantFrom('run' as const, 'start' as const),
    temperatureCelsius: fc.constantFrom({ min: -40, max: 70 }, { min: -25, max: 85 }, { max: 70 }),
  })
  const cans = fc.oneof(
    value.map((uF) => [{ section: 'single', uF }]),
    fc.tuple(value, value).map(([one, two]) => [
      { section: 'HERM', uF: Math.max(one, two) },
      { section: 'FAN', uF: Math.min(one, two) },
    ]),
  )
  const old = fc
    .tuple(cans, body, fc.subarray(['volts', 'duty', 'temperatureCelsius']))
    .map(([sections, rest, left]) => ({ sections, ...without(rest, left) }))
  const needs = fc.option(fc.record({ uF: value, volts: fc.constantFrom(370, 440) }), { nil: undefined })

  it('holds beside the match in both directions', () => {
    fc.assert(
      fc.property(
        old,
        needs,
        cans,
        body,
        fc.subarray(['volts', 'duty']),
        (was, motorNeeds, sections, rest, left) => {
          const input = { old: was, ...(motorNeeds ? { motorNeeds } : {}) }
          const { asks } = askForCapacitor(input)
          const verdictOf = (part: object) =>
            matchCapacitors({ ...input, candidates: [{ id: 'new', ...part }] }).results[0]?.verdict
          const broken = (part: object) => asks.some((line) => line.hard && isBroken(part, line))
          const full = { sections, ...rest }
          expect(broken(full)).toBe(verdictOf(full) === 'no')
          const part = { sections, ...without(rest, left) }
          if (broken(part)) expect(verdictOf(part)).toBe('no')
        },
      ),
      { seed: seedOf(34), numRuns: samples(1500, 20_000) },
    )
  })

  it('lets the motor decide over the old label', () => {
    const { asks } = askForCapacitor({
      old: { sections: [{ section: 'single', uF: 5 }], volts: 370 },
      motorNeeds: { uF: 7.5, volts: 440 },
    })
    expect(asks.map(({ text }) => text)).toEqual(
      expect.arrayContaining([
        '7.5 µF, within 6 %.',
        '440 V AC or more.',
        'A run capacitor, no start capacitor.',
      ]),
    )
  })
})

describe('what is not known of the old motor', () => {
  it('is asked for without a figure: there is no new motor yet that could have one', () => {
    const { unknown } = askForMotor({ old: { id: 'old' } })
    expect(unknown.length).toBeGreaterThan(8)
    expect(unknown.filter(({ text }) => /\d/.test(text))).toEqual([])
  })
})
