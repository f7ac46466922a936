import { describe, expect, it } from 'vitest'
import type { FittedRow } from '../house/rows'
import { act, field, jobOn } from '../job/job.testing'
import type { CapSpec, MotorSpec } from '../match'
import { servingOf, worthHaving } from './spares'

const TODAY = '2026-06-01'
const part = (what: FittedRow['what'], more: Partial<FittedRow> = {}): FittedRow => ({
  id: what,
  machineId: 'm',
  what,
  name: what,
  figures: '',
  since: '',
  boughtFrom: '',
  warrantyUntil: '',
  goneAt: null,
  ...more,
})
const single = (id: string, uF: number): CapSpec => ({
  id,
  sections: [{ section: 'single', uF }],
  volts: 440,
  duty: 'run',
})
const can = (figures: string) => part('capacitor', { figures })
const capacitors = [single('five', 5), single('seven', 7.5)]
const serving = (
  fitted: FittedRow[],
  newest = null as Parameters<typeof servingOf>[1]['newest'],
  motors: MotorSpec[] = [],
) => servingOf({ capacitors, motors }, { fitted, newest })

describe('a spare', () => {
  it('serves by what is written down as fitted, and by the label of a job where nothing is', () => {
    expect(serving([can('5 µF ±6 % 370 V')]).map(({ partId, without }) => [partId, without])).toEqual([
      ['five', []],
    ])
    const job = act(jobOn('bath-exhaust-fan', 'psc'), field('capacitor-old', 'label', '7.5 µF ±6 % 440 V'))
    expect(serving([], job).map(({ partId }) => partId)).toEqual(['seven'])
    expect(serving([can('5 µF ±6 % 370 V')], job).map(({ partId }) => partId)).toEqual(['five'])
    expect(serving([part('capacitor', { figures: '5 µF', goneAt: '2025-01-01' })])).toEqual([])
    expect(serving([can('rusted off')])).toEqual([])
  })

  it('that makes one section of two says which another has to make', () => {
    expect(serving([can('35+5 µF ±6 % 440 V')])).toMatchObject([{ partId: 'five', without: ['HERM'] }])
  })

  it('that is a motor is asked only of a machine whose plate says a speed or a power', () => {
    const motor: MotorSpec = { id: 'm1', hp: 1 / 6, rpm: [1050], voltages: [115], motorKind: 'psc' }
    const job = jobOn('bath-exhaust-fan', 'psc')
    expect(serving([], job, [motor])).toEqual([])
    const known = act(job, field('motor-old', 'hp', '1/6'), field('motor-old', 'rpm', '1050'))
    expect(
      serving([], known, [motor, { ...motor, id: 'm2', rpm: [1725] }]).map(({ partId }) => partId),
    ).toEqual(['m1'])
  })
})

describe('what is worth having', () => {
  const psc = { family: 'bath-exhaust-fan', motorKind: 'psc', installedYear: '' } as const
  const life = (dayWithout: number | null) => ({ id: 'm', retiredAt: null, retiredWhy: '', dayWithout })

  it('is a part that wears: the older, the likelier', () => {
    const chance = (since: string) =>
      worthHaving(psc, [part('capacitor', { since })], null, TODAY)[0]?.chance ?? 0
    expect(chance('2026-01-01')).toBeLessThan(chance('2016-01-01'))
    expect(chance('2016-01-01')).toBeLessThan(chance('2006-01-01'))
    // Weibull, 15 years, shape 2.2: 1 − exp(−((13/15)^2.2 − (10/15)^2.2)) of one that is ten years old.
    expect(chance('2016-06-01')).toBeCloseTo(0.273, 2)
    expect(worthHaving({ ...psc, installedYear: '2016' }, [], null, TODAY)[0]?.years).toBeCloseTo(9.9, 0)
  })

  it('is told with what three days without the machine cost, once somebody said it', () => {
    const [told] = worthHaving(psc, [part('capacitor', { since: '2016-06-01' })], life(40), TODAY)
    expect(told?.worth).toBeCloseTo((told?.chance ?? 0) * 3 * 40)
    expect(worthHaving(psc, [], life(null), TODAY)[0]).toMatchObject({ years: null, worth: null })
  })

  it('names only parts that the machine has', () => {
    const kinds = (...of: Parameters<typeof worthHaving>) => worthHaving(...of).map(({ what }) => what)
    expect(kinds({ ...psc, motorKind: 'shaded-pole' }, [], null, TODAY)).toEqual([])
    expect(kinds({ ...psc, motorKind: null }, [part('belt')], null, TODAY)).toEqual(['belt'])
    expect(kinds({ ...psc, family: 'outdoor-unit-fan' }, [], null, TODAY)).toEqual(['capacitor', 'contactor'])
  })
})
