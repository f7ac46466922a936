import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { parseCapacitorLabel } from '../capacitor'
import {
  comparePower,
  type MotorMatchInput,
  type MotorSpec,
  matchCapacitors,
  matchMotors,
  quickMotors,
} from '.'
import { sectionsOfLabel } from './sectionsOfLabel'
import { unnumbered as old } from './sheets.testing'

const match = (change: Partial<MotorSpec>, more: Partial<MotorMatchInput> = {}) =>
  matchMotors({ old, candidates: [{ ...old, id: 'new', ...change }], ...more }).results[0]!
const rule = (change: Partial<MotorSpec>, name: string, more: Partial<MotorMatchInput> = {}) =>
  match(change, more).rules.find((r) => r.rule === name)!.verdict

describe('an identical motor', () => {
  it('drops in', () => {
    expect(match({})).toMatchObject({ verdict: 'drop-in', work: [] })
  })
})

describe('what nobody knows', () => {
  it('that decides stands in open: with it nobody can say that the motor drops in', () => {
    const [bare] = matchMotors({ old: { id: 'old' }, candidates: [{ id: 'x' }] }).results
    expect(bare!.open).toEqual(
      expect.arrayContaining(['voltage', 'kind', 'power', 'speed', 'mount', 'rotation']),
    )
    expect(bare!.open).not.toContain('tabs')
    const [capacitor] = matchCapacitors({
      op: 'capacitor',
      old: { sections: [{ section: 'single', uF: 5 }], volts: 370, duty: 'run' },
      candidates: [{ id: 'c', sections: [{ section: 'single', uF: 5 }], volts: 440 }],
    } as Parameters<typeof matchCapacitors>[0]).results
    expect(capacitor!.open).toEqual(['duty'])
  })

  it('an electronic motor of the same kind and another number is another motor, whatever its figures', () => {
    const one = { motorKind: 'ecm' as const, voltages: [240], hp: 0.5, rpm: [1100] }
    const match = (old: Partial<MotorSpec>, fresh: Partial<MotorSpec>) =>
      matchMotors({ old: { id: 'o', ...one, ...old }, candidates: [{ id: 'n', ...one, ...fresh }] })
        .results[0]!
    expect(match({ partNumber: 'IV-1' }, { partNumber: 'IV-2' }).verdict).toBe('no')
    expect(match({ partNumber: 'IV-1' }, { partNumber: 'IV-2', replaces: ['IV-1'] }).verdict).not.toBe('no')
    expect(match({ partNumber: 'IV-1' }, {}).open).toContain('kind')
  })
})

describe('motor rules', () => {
  it.each([
    ['voltage', { voltages: [230] }, 'unknown'],
    ['voltage', { voltages: [115] }, 'no'],
    ['frequency', { hz: [50] }, 'no'],
    ['frequency', { hz: [50, 60] }, 'ok'],
    ['phase', { phase: 3 }, 'no'],
    ['power', { hp: 0.167 }, 'ok'],
    ['power', { hp: 1 / 4 }, 'ok'],
    ['power', { hp: 1 / 3 }, 'no'],
    ['power', { hp: 1 / 8 }, 'no'],
    ['speed', { rpm: [850] }, 'ok'],
    ['speed', { rpm: [1075] }, 'no'],
    ['speed-count', { speeds: 2 }, 'work'],
    ['current', { amps: 1.4 }, 'unknown'],
    ['rotation', { rotation: { direction: 'CCW', viewedFrom: 'shaft-end', reversible: false } }, 'ok'],
    ['rotation', { rotation: { direction: 'CW', viewedFrom: 'shaft-end', reversible: true } }, 'work'],
    ['rotation', { rotation: { direction: 'CW', viewedFrom: 'shaft-end', reversible: false } }, 'no'],
    ['capacitor', { capacitor: { uF: 7.5, volts: 370 } }, 'work'],
    ['capacitor', { capacitor: { uF: 5, volts: 370 } }, 'ok'],
    ['diameter', { diameterMm: 160 }, 'no'],
    ['length', { bodyLengthMm: 150 }, 'unknown'],
    ['shaft-diameter', { shaft: { ...old.shaft, diameterMm: 9.5 } }, 'work'],
    ['shaft-diameter', { shaft: { ...old.shaft, diameterMm: 15.9 } }, 'no'],
    ['shaft-length', { shaft: { ...old.shaft, lengthMm: 121.5 } }, 'ok'],
    ['shaft-length', { shaft: { ...old.shaft, lengthMm: 158 } }, 'work'],
    ['shaft-length', { shaft: { ...old.shaft, lengthMm: 100 } }, 'no'],
    ['mount', { mount: { type: 'belly-band' } }, 'no'],
    ['mount', { mount: { type: 'stud', boltCircleMm: 106, studLengthMm: 50 } }, 'work'],
    ['bearing-position', { bearing: 'sleeve' }, 'unknown'],
    ['ambient', { insulationClass: 'A' }, 'no'],
    ['lead-length', { leadLengthMm: 600 }, 'work'],
    ['kind', { motorKind: 'ecm' }, 'no'],
    ['kind', { motorKind: 'psc-multispeed' }, 'ok'],
  ] as const)('%s: %o → %s', (name, change, verdict) => {
    expect(rule(change as Partial<MotorSpec>, name)).toBe(verdict)
  })

  it('take the supply before the plate', () => {
    expect(rule({ voltages: [230] }, 'voltage', { supplyVolts: 240 })).toBe('ok')
    expect(rule({ voltages: [120] }, 'voltage', { supplyVolts: 115 })).toBe('ok')
  })

  it('judge the current by the rating of the control where it is known', () => {
    expect(rule({ amps: 1.4 }, 'current', { controlAmps: 1.2 })).toBe('no')
    expect(rule({ amps: 1.4 }, 'current', { controlAmps: 2 })).toBe('ok')
  })

  it('keep open motors indoors, and outdoors with the shaft up only where marked', () => {
    expect(rule({ enclosure: 'open' }, 'enclosure', { outdoors: true })).toBe('no')
    expect(rule({ enclosure: 'enclosed' }, 'enclosure', { outdoors: true, position: 'shaft-up' })).toBe(
      'unknown',
    )
    expect(
      rule({ enclosure: 'enclosed', positions: ['shaft-up'] }, 'enclosure', {
        outdoors: true,
        position: 'shaft-up',
      }),
    ).toBe('ok')
  })

  it('give the work with numbers', () => {
    const result = match({ shaft: { ...old.shaft, lengthMm: 158 }, capacitor: { uF: 4, volts: 440 } })
    expect(result.verdict).toBe('fits-with-work')
    expect(result.work.map((w) => w.kind)).toEqual(['buy-capacitor', 'cut-shaft'])
    expect(result.work.map((w) => w.text).join(' ')).toMatch(/4 µF 440 V.*Cut 38 mm/)
  })

  it('count the unknown against it, never for "no"', () => {
    const bare = matchMotors({ old, candidates: [{ id: 'bare' }, { ...old, id: 'same' }] }).results
    expect(bare.map((r) => r.id)).toEqual(['same', 'bare'])
    expect(bare[1]).toMatchObject({ verdict: 'drop-in' })
    expect(bare[1]!.rules.every((r) => r.verdict === 'unknown')).toBe(true)
  })
})

describe('part numbers', () => {
  const chain: MotorSpec[] = [
    { ...old, id: 'a', partNumber: 'B-2', replaces: ['B-1'] },
    { ...old, id: 'b', partNumber: 'B-3', replaces: ['B-2'] },
    { ...old, id: 'c', partNumber: 'B-1', replaces: ['B-3'] },
  ]
  it('follow the chain to its newest number and do not hang on a loop', () => {
    const results = matchMotors({ old: { ...old, partNumber: 'b 1' }, candidates: chain }).results
    expect(results.map((r) => r.id)).toEqual(['b', 'a', 'c'])
  })

  it('are the only way for a unique part', () => {
    const results = matchMotors({
      old: { ...old, partNumber: 'B-1', unique: true },
      candidates: [{ ...old, id: 'x', partNumber: 'Z' }, chain[0]!],
    }).results
    expect(results.map((r) => [r.id, r.verdict])).toEqual([
      ['a', 'drop-in'],
      ['x', 'no'],
    ])
  })
})

describe('standard powers', () => {
  it('go up two steps and never down', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.005, max: 1, noNaN: true }),
        fc.double({ min: 0.005, max: 1, noNaN: true }),
        (a, b) => {
          if (b < a * 0.95) expect(comparePower(a, b).ok).toBe(false)
          if (Math.abs(b / a - 1) < 0.03) expect(comparePower(a, b).ok).toBe(true)
        },
      ),
    )
    expect(comparePower(1 / 30, 1 / 16).ok).toBe(true)
    expect(comparePower(1 / 30, 1 / 12).ok).toBe(false)
  })
})

describe('capacitors', () => {
  const dual = {
    sections: [
      { section: 'HERM' as const, uF: 35 },
      { section: 'FAN' as const, uF: 5 },
    ],
    volts: 440,
    duty: 'run' as const,
    tolerancePercent: { minus: 6, plus: 6 },
  }
  const single = (id: string, uF: number, volts = 440) => ({
    id,
    sections: [{ section: 'single' as const, uF }],
    volts,
    duty: 'run' as const,
    tolerancePercent: { minus: 6, plus: 6 },
  })

  it('a dual for a dual, with as many volts or more', () => {
    const results = matchCapacitors({
      old: dual,
      candidates: [
        { ...dual, id: 'd' },
        { ...dual, id: 'low', volts: 370 },
      ],
    }).results
    expect(results.map((r) => [r.id, r.verdict])).toEqual([
      ['d', 'drop-in'],
      ['low', 'no'],
    ])
  })

  it('two singles for a dual, each naming the other', () => {
    const results = matchCapacitors({
      old: dual,
      candidates: [single('s35', 35), single('s5', 5), single('s7', 7.5)],
    }).results
    expect(results.find((r) => r.id === 's35')).toMatchObject({ verdict: 'fits-with-work', with: ['s5'] })
    expect(results.find((r) => r.id === 's5')!.with).toEqual(['s35'])
    expect(results.find((r) => r.id === 's7')!.verdict).toBe('no')
  })

  it('a label with more sections than a machine asks for is a part that makes them', () => {
    const made = sectionsOfLabel(parseCapacitorLabel('2.5+2.5+5+10+20+25 µF 440 V'))
    expect(made.multi?.map(({ terminal }) => terminal)).toEqual(['2.5', '2.5 (2)', '5', '10', '20', '25'])
    const [result] = matchCapacitors({
      old: {
        ...dual,
        sections: [
          { section: 'HERM', uF: 45 },
          { section: 'FAN', uF: 5 },
        ],
      },
      candidates: [{ id: 'six', volts: 440, ...made }],
    }).results
    expect(result?.verdict).toBe('fits-with-work')
    expect(result?.work[0]?.text).toContain('HERM: 20 + 25; FAN: 5')
    expect(sectionsOfLabel(parseCapacitorLabel('4+5+6 µF 250 V')).multi).toBeUndefined()
  })

  it('a multi-section part must make all sections at once', () => {
    const multi = (values: number[]) => ({
      id: 'm',
      multi: values.map((uF, i) => ({ terminal: `t${i}`, uF })),
      volts: 440,
      duty: 'run' as const,
      tolerancePercent: { minus: 6, plus: 6 },
    })
    expect(matchCapacitors({ old: dual, candidates: [multi([5, 10, 25, 2.5])] }).results[0]!.verdict).toBe(
      'fits-with-work',
    )
    expect(matchCapacitors({ old: dual, candidates: [multi([5, 30])] }).results[0]!.verdict).toBe('no')
  })

  it('the motor plate rules the FAN section', () => {
    const results = matchCapacitors({
      old: dual,
      motorNeeds: { uF: 7.5, volts: 440 },
      candidates: [
        { ...dual, id: 'old' },
        { ...dual, id: 'new', sections: [dual.sections[0]!, { section: 'FAN', uF: 7.5 }] },
      ],
    }).results
    expect(results.map((r) => [r.id, r.verdict])).toEqual([
      ['new', 'drop-in'],
      ['old', 'no'],
    ])
  })

  it('a start capacitor never for a run one; a larger case is work', () => {
    const old5 = { ...single('o', 5), diameterMm: 40, heightMm: 60 }
    const results = matchCapacitors({
      old: old5,
      candidates: [
        { ...single('start', 5), duty: 'start' },
        { ...single('big', 5), diameterMm: 50, heightMm: 80 },
      ],
    }).results
    expect(results.find((r) => r.id === 'start')!.verdict).toBe('no')
    expect(results.find((r) => r.id === 'big')!.verdict).toBe('fits-with-work')
  })
})

describe('a catalogue of ten thousand', () => {
  const candidates = Array.from(
    { length: 10_000 },
    (_, i): MotorSpec => ({
      ...old,
      id: `m${i}`,
      hp: [1 / 8, 1 / 6, 1 / 4, 1 / 3][i % 4]!,
      rpm: [[825], [1075], [1550]][i % 3]!,
      shaft: { ...old.shaft, lengthMm: 100 + (i % 50) },
    }),
  )

  it('is judged whole, and the few that are shown are the best of it', () => {
    const { results } = matchMotors({ old, candidates, limit: 20 })
    expect(results).toHaveLength(20)
    expect(results[0]!.verdict).toBe('drop-in')
    const all = matchMotors({ old, candidates }).results
    expect(results.map(({ id }) => id)).toEqual(all.slice(0, 20).map(({ id }) => id))
  })

  it('has its reasons written for those alone that are shown', () => {
    let written = 0
    const counted = candidates.map((candidate) =>
      Object.defineProperty({ ...candidate }, 'leadLengthMm', {
        enumerable: true,
        get: () => {
          written++
          return 600
        },
      }),
    )
    quickMotors({ old, candidates: counted })
    const quick = written
    written = 0
    matchMotors({ old, candidates: counted, limit: 20 })
    expect(written).toBeLessThanOrEqual(quick + 20 * 10)
  })
})
