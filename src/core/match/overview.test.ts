import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fitShaft } from '../fit'
import { inHouseholdUnits } from '../units/household'
import { type MotorSpec, matchMotors, overviewOf } from '.'
import { matchCapacitors } from './capacitor'

const old: MotorSpec = {
  id: 'old',
  motorKind: 'psc',
  voltages: [115],
  hz: [60],
  phase: 1,
  hp: 0.1,
  rpm: [1550],
}
const motor = (id: string, extra: Partial<MotorSpec>): MotorSpec => ({ ...old, id, ...extra })

describe('what a whole catalogue says', () => {
  it('nothing fits: names the rules that stand against it and what nearly fits', () => {
    const { results } = matchMotors({
      old,
      candidates: [
        motor('far', { voltages: [230], rpm: [825], hp: 0.5 }),
        motor('near', { rpm: [825] }),
        motor('other', { rpm: [1075], voltages: [230] }),
      ],
    })
    const { serve, untold, cannot, blockers, nearest } = overviewOf(results)
    expect([serve + untold, cannot]).toEqual([0, 3])
    expect(blockers[0]).toEqual({ rule: 'speed', count: 3, alone: 1 })
    expect(nearest[0]).toEqual({ id: 'near', rules: ['speed'] })
  })

  it('some are open: the figure that splits them most is measured first', () => {
    const shaft = (diameterMm: number) => ({ shaft: { diameterMm } })
    const { results } = matchMotors({
      old,
      candidates: [
        motor('a', { ...shaft(8), bodyLengthMm: 90 }),
        motor('b', { ...shaft(12.7), bodyLengthMm: 90 }),
        motor('c', { ...shaft(15.9), bodyLengthMm: 90 }),
      ],
    })
    expect(overviewOf(results).measureFirst).toMatchObject({ rule: 'shaft-diameter' })
  })

  it('counts each candidate once, whatever they are', () => {
    const any = fc.record({
      rpm: fc.constantFrom(1550, 1075, 825).map((rpm) => [rpm]),
      voltages: fc.constantFrom(115, 230).map((volts) => [volts]),
      hp: fc.constantFrom(0.05, 0.1, 0.5),
    })
    fc.assert(
      fc.property(fc.array(any, { maxLength: 12 }), (extras) => {
        const { results } = matchMotors({ old, candidates: extras.map((extra, i) => motor(`m${i}`, extra)) })
        const { serve, untold, cannot } = overviewOf(results)
        expect(serve + untold + cannot).toBe(extras.length)
      }),
    )
  })
})

describe('sizes taken with a ruler', () => {
  const verdict = (measuredWith: 'ruler' | 'calipers', mm: number) =>
    matchMotors({
      old: { ...old, shaft: { diameterMm: 12 } },
      candidates: [motor('new', { shaft: { diameterMm: mm } })],
      measuredWith,
    }).results[0]?.rules.find(({ rule }) => rule === 'shaft-diameter')?.verdict

  it.each([
    ['ruler', 12.7, 'unknown'],
    ['calipers', 12.7, 'no'],
    ['ruler', 15.9, 'no'],
    ['ruler', 12, 'ok'],
  ] as const)('%s, 12 against %d mm: %s', (how, mm, expected) => {
    expect(verdict(how, mm)).toBe(expected)
  })
})

describe('a body measured with a tape', () => {
  const verdict = (measuredWith: 'ruler' | 'calipers', oldMm: number, mm: number) =>
    matchMotors({
      old: { ...old, diameterMm: oldMm },
      candidates: [motor('new', { diameterMm: mm })],
      measuredWith,
    }).results[0]?.rules.find(({ rule }) => rule === 'diameter')?.verdict

  it('is not turned away by an eighth of an inch: 5 1/2 in is read off a body of 5.6', () => {
    expect(verdict('ruler', 139.7, 142.2)).toBe('unknown')
    expect(verdict('calipers', 139.7, 142.2)).toBe('no')
    expect(verdict('ruler', 127, 142.2)).toBe('no')
  })
})

describe('lengths in the units of the household', () => {
  it('stand behind each number: two sizes are never said with one unit', () => {
    const can = { diameterMm: 63, heightMm: 118, shape: 'round' as const }
    const of = (candidate: object) =>
      matchCapacitors({
        old: { sections: [{ section: 'single', uF: 40 }], volts: 370, ...can },
        candidates: [{ id: 'new', sections: [{ section: 'single', uF: 40 }], volts: 440, ...candidate }],
      }).results[0]!.rules.find(({ rule }) => rule === 'size')!
    const short = fitShaft({
      old: { mountToFaceMm: 0, faceToHubMm: 52 },
      new: { mountToFaceMm: 0, shaftLengthMm: 80 },
      hubGripMm: 38,
    })
    for (const text of [of(can).old, of(can).new, of({ diameterMm: 70 }).new, short.text]) {
      const said = inHouseholdUnits(text, true)
      expect(said).not.toMatch(/mm|\d (?:×|of|and|to) /)
      expect(said).toMatch(/ in\b/)
    }
  })

  it.each([
    ['Bush the shaft from 8 mm up to 12.7 mm.', 'Bush the shaft from 5/16 in up to 1/2 in.'],
    ['142 mm', '5 9/16 in'],
    ['Cut 45.2 mm off the shaft.', 'Cut 1 3/4 in off the shaft.'],
    ['38.1 mm longer', '1 1/2 in longer'],
    ['825 RPM', '825 RPM'],
  ])('%s', (text, inches) => {
    expect(inHouseholdUnits(text, true)).toBe(inches)
    expect(inHouseholdUnits(text, false)).toBe(text)
  })
})
