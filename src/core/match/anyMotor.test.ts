import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { samples } from '../../sampling.testing'
import { boundsOf, type CapSpec, type MatchResult, type MotorSpec, matchCapacitors, matchMotors } from '.'

/** Any field of a plate may be missing. */
const maybe = <T>(arbitrary: fc.Arbitrary<T>) => fc.option(arbitrary, { nil: undefined, freq: 4 })
const pick = <T>(...values: T[]) => fc.constantFrom(...values)

const anySpec: fc.Arbitrary<Omit<MotorSpec, 'id'>> = fc
  .record({
    partNumber: maybe(pick('QF-100', 'QF-101', 'MB 7')),
    replaces: maybe(pick(['QF-100'], ['QF-101'], ['MB 7', 'QF-100'])),
    motorKind: maybe(
      pick('psc', 'shaded-pole', 'ecm', 'split-phase') as fc.Arbitrary<MotorSpec['motorKind']>,
    ),
    voltages: maybe(pick([115], [208, 230], [230], [24])),
    hz: maybe(pick([60], [50], [50, 60])),
    phase: maybe(pick(1, 3)),
    hp: maybe(pick(1 / 12, 1 / 6, 0.17, 1 / 4, 1 / 3, 1)),
    rpm: maybe(pick([825], [1075], [1075, 900, 800], [3000])),
    speeds: maybe(pick(1, 2, 3)),
    amps: maybe(pick(0.5, 1.1, 2.4)),
    rotation: maybe(
      fc.record({
        direction: pick('CW' as const, 'CCW' as const),
        viewedFrom: pick('shaft-end' as const, 'lead-end' as const),
        reversible: maybe(fc.boolean()),
      }),
    ),
    capacitor: maybe(pick(null, { uF: 5, volts: 370 }, { uF: 7.5, volts: 440 })),
    diameterMm: maybe(pick(84, 142, 160)),
    bodyLengthMm: maybe(pick(70, 110, 150)),
    shaft: maybe(
      fc.record({
        diameterMm: pick(8, 12.7),
        lengthMm: pick(60, 120, 150),
        flats: pick(0, 1),
        ends: pick(1 as const, 2 as const),
      }),
    ),
    mount: maybe(
      fc.record({
        type: pick('stud' as const, 'belly-band' as const),
        boltCircleMm: maybe(pick(96, 106)),
        studLengthMm: maybe(pick(20, 40)),
      }),
    ),
    enclosure: maybe(pick('open' as const, 'air-over' as const, 'enclosed' as const)),
    bearing: maybe(pick('ball' as const, 'sleeve' as const)),
    ambientCelsius: maybe(pick(40, 60)),
    insulationClass: maybe(pick('A', 'B', 'F')),
    leadLengthMm: maybe(pick(300, 900)),
    connector: maybe(pick('4-pin')),
    unique: maybe(fc.boolean()),
  })
  .map(
    (spec) =>
      Object.fromEntries(Object.entries(spec).filter(([, value]) => value !== undefined)) as Omit<
        MotorSpec,
        'id'
      >,
  )

const sheet = fc.record({
  old: anySpec,
  candidates: fc.array(anySpec, { minLength: 1, maxLength: 6 }),
  outdoors: fc.boolean(),
})
type Sheet = { old: Omit<MotorSpec, 'id'>; candidates: Omit<MotorSpec, 'id'>[]; outdoors: boolean }

const run = ({ old, candidates, outdoors }: Sheet, more: object = {}) =>
  matchMotors({
    old: { id: 'old', ...old },
    candidates: candidates.map((spec, place) => ({ id: `c${place}`, ...spec })),
    outdoors,
    ...more,
  }).results
const byId = (results: MatchResult[], id: string) => results.find((each) => each.id === id)!
const order = ['drop-in', 'fits-with-work', 'no']
const fields = [
  'voltages',
  'hz',
  'phase',
  'hp',
  'rpm',
  'amps',
  'rotation',
  'diameterMm',
  'bodyLengthMm',
  'shaft',
  'mount',
  'enclosure',
  'bearing',
  'ambientCelsius',
  'insulationClass',
  'leadLengthMm',
] as const

describe('any old motor against any candidates', () => {
  it('each candidate once, best first: verdict before score', () => {
    fc.assert(
      fc.property(sheet, (input) => {
        const results = run(input)
        expect(results.map(({ id }) => id).sort()).toEqual(input.candidates.map((_, place) => `c${place}`))
        for (const [place, result] of results.entries()) {
          expect(Number.isFinite(result.score)).toBe(true)
          const after = results[place + 1]
          if (!after) continue
          const step = order.indexOf(after.verdict) - order.indexOf(result.verdict)
          expect(step).toBeGreaterThanOrEqual(0)
          if (step === 0) expect(after.score).toBeLessThanOrEqual(result.score)
        }
      }),
    )
  })

  it('is judged the same wherever it stands in the list', () => {
    fc.assert(
      fc.property(sheet, (input) => {
        const results = run(input)
        const turned = matchMotors({
          old: { id: 'old', ...input.old },
          candidates: input.candidates.map((spec, place) => ({ id: `c${place}`, ...spec })).reverse(),
          outdoors: input.outdoors,
        }).results
        for (const { id, verdict, score } of results)
          expect(byId(turned, id)).toMatchObject({ verdict, score })
      }),
    )
  })

  it('the limit takes the first of the list, and "no" stays in it', () => {
    fc.assert(
      fc.property(sheet, fc.integer({ min: 1, max: 6 }), (input, limit) => {
        expect(run(input, { limit }).map(({ id }) => id)).toEqual(
          run(input)
            .slice(0, limit)
            .map(({ id }) => id),
        )
      }),
    )
  })

  it('the verdict is what its rules say: a "no" only with a "no", work only with work', () => {
    fc.assert(
      fc.property(sheet, (input) => {
        for (const { verdict, rules, work } of run(input)) {
          const verdicts = rules.map((rule) => rule.verdict)
          expect(verdict === 'no').toBe(verdicts.includes('no'))
          if (verdict === 'drop-in') expect(verdicts).not.toContain('work')
          for (const { text } of work) expect(text.length).toBeGreaterThan(5)
          for (const rule of rules.filter(({ verdict: each }) => each !== 'ok'))
            expect(rule.text.length, rule.rule).toBeGreaterThan(5)
        }
      }),
    )
  })

  it('what is not known never makes a "no", takes no "drop-in" away, and never counts for one', () => {
    fc.assert(
      fc.property(sheet, pick(...fields), (input, field) => {
        const [first] = input.candidates
        // A number declared as the successor decides whatever is known beside it.
        const known = { ...first! }
        const before = byId(run({ ...input, candidates: [known] }), 'c0')
        const less = { ...known }
        delete less[field]
        const after = byId(run({ ...input, candidates: [less] }), 'c0')
        if (before.verdict !== 'no') expect(after.verdict).not.toBe('no')
        // Work that nobody knows of is no work yet: there the list may call it drop-in, with what to measure.
        if (before.verdict === 'drop-in') {
          expect(after.verdict).toBe('drop-in')
          expect(after.score).toBeLessThanOrEqual(before.score + 1e-9)
        }
      }),
      { numRuns: samples(300) },
    )
  })

  it('the same motor again drops in, but for one that is only found by its number', () => {
    fc.assert(
      fc.property(anySpec, fc.boolean(), (spec, outdoors) => {
        const [result] = run({ old: spec, candidates: [spec], outdoors })
        const { verdict, rules } = result!
        const bad = rules.filter((rule) => rule.verdict === 'no').map(({ rule }) => rule)
        if (spec.unique && !spec.partNumber) expect(bad).toContain('part-number')
        else if (outdoors && spec.enclosure === 'open') expect(bad).toEqual(['enclosure'])
        else expect(verdict).toBe('drop-in')
      }),
    )
  })
})

describe('any old capacitor against any candidates', () => {
  const anyCap = fc.record({
    sections: pick<NonNullable<CapSpec['sections']>>(
      [{ section: 'single', uF: 5 }],
      [{ section: 'single', uF: 45 }],
      [
        { section: 'HERM', uF: 45 },
        { section: 'FAN', uF: 5 },
      ],
      [
        { section: 'HERM', uF: 40 },
        { section: 'FAN', uF: 7.5 },
      ],
    ),
    volts: pick(250, 370, 440),
    duty: pick('run' as const, 'start' as const),
  })
  it('never fewer volts, never start for run, and the same one drops in', () => {
    fc.assert(
      fc.property(anyCap, fc.array(anyCap, { minLength: 1, maxLength: 5 }), (old, others) => {
        const { results } = matchCapacitors({
          old,
          candidates: [...others, old].map((spec, place) => ({ id: `c${place}`, ...spec })),
        })
        for (const { id, verdict } of results) {
          const spec = [...others, old][Number(id.slice(1))]!
          if (spec.volts < old.volts || spec.duty !== old.duty) expect(verdict, id).toBe('no')
        }
        expect(results.find(({ id }) => id === `c${others.length}`)?.verdict).toBe('drop-in')
      }),
    )
  })
})

describe('the bounds that let a store leave parts out unread', () => {
  it('leave out nothing that the rules would take: any plate, any list, by ruler and by calipers', () => {
    fc.assert(
      fc.property(
        sheet,
        fc.constantFrom('ruler' as const, 'calipers' as const),
        fc.double({ min: 0.9, max: 1.12, noNaN: true }),
        ({ old, candidates, outdoors }, measuredWith, stretch) => {
          const all = candidates.map((spec, index): MotorSpec => {
            const named = { ...spec, id: `c${index}` }
            // Figures just inside and just outside of every bound.
            return {
              ...named,
              ...(spec.rpm ? { rpm: spec.rpm.map((rpm) => rpm * stretch) } : {}),
              ...(spec.hp ? { hp: spec.hp * stretch } : {}),
              ...(spec.diameterMm ? { diameterMm: spec.diameterMm * stretch } : {}),
              ...(spec.shaft?.diameterMm
                ? { shaft: { ...spec.shaft, diameterMm: spec.shaft.diameterMm * stretch } }
                : {}),
            }
          })
          const input = { old: { ...old, id: 'old' }, candidates: all, outdoors, measuredWith }
          const bounds = boundsOf(input)
          const figures = (spec: MotorSpec) => ({
            rpm: spec.rpm?.[0],
            hp: spec.hp,
            shaftMm: spec.shaft?.diameterMm,
            bodyMm: spec.diameterMm,
          })
          for (const { id, verdict } of matchMotors(input).results) {
            if (verdict === 'no') continue
            const spec = all.find((each) => each.id === id)
            for (const { figure, min = 0, max = Infinity } of bounds) {
              const value = spec && figures(spec)[figure]
              if (value !== undefined) expect([figure, value >= min && value <= max]).toEqual([figure, true])
            }
          }
        },
      ),
      { numRuns: samples(400) },
    )
  })

  it('turn most of a long list away for a motor whose plate is read', () => {
    const bounds = boundsOf({
      old: { id: 'old', rpm: [825], hp: 1 / 4, shaft: { diameterMm: 12.7 } },
      candidates: [],
    })
    expect(bounds.map(({ figure }) => figure)).toEqual(['rpm', 'hp', 'shaftMm'])
    expect(bounds[1]?.max).toBeCloseTo(0.52, 2)
  })
})
