import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { FittedRow } from '../house/rows'
import type { PastReading } from './pastReadings'
import { trendShape } from './trendShape'
import { type Trend, trendsOf } from './trends'

const meter = { accuracyPercent: 2, accuracyCounts: 5, resolutionUf: 0.01 }
const NOW = Date.parse('2026-06-01T12:00:00Z')
const reading = (at: string, value: number, more: Partial<PastReading> = {}): PastReading => ({
  what: 'capacitanceUf',
  section: 'FAN',
  value,
  at: `${at}T12:00:00.000Z`,
  jobId: null,
  isNew: false,
  isNormal: false,
  rowId: 'r',
  label: '',
  ...more,
})
const fitted = (figures: string, since = '', goneAt: string | null = null): FittedRow => ({
  id: 'f',
  machineId: 'm',
  what: 'capacitor',
  name: 'can',
  figures,
  since,
  boughtFrom: '',
  warrantyUntil: '',
  goneAt,
})
const of = (readings: PastReading[], label = '35+5 µF ±6 % 440 V', parts: FittedRow[] = []): Trend[] =>
  trendsOf({ readings, fitted: parts, label, meter, now: NOW })
const only = (trends: Trend[]): Trend => {
  const [trend] = trends
  if (!trend) throw new Error('no trend')
  return trend
}
const year = (at: number | null | undefined) => (at == null ? null : new Date(at).getUTCFullYear())
const falling = [reading('2023-06-01', 5.1), reading('2024-06-01', 5.0), reading('2025-06-01', 4.9)]

describe('a trend', () => {
  it('stands for each quantity and section, capacitors in front', () => {
    const readings = [
      reading('2024-01-01', 1.4, { what: 'currentA', section: '' }),
      reading('2024-01-01', 34, { section: 'HERM' }),
      reading('2024-01-01', 5),
    ]
    expect(of(readings).map(({ what, section }) => [what, section])).toEqual([
      ['capacitanceUf', 'FAN'],
      ['capacitanceUf', 'HERM'],
      ['currentA', ''],
    ])
    expect(of([])).toEqual([])
  })

  it('has the window of its section, and the meter’s own uncertainty', () => {
    const trend = only(of([reading('2024-01-01', 5)]))
    expect(trend.window?.low).toBeCloseTo(4.7)
    expect(trend.window?.high).toBeCloseTo(5.3)
    expect(trend.points[0]?.uncertainty).toBeCloseTo(0.15)
    expect(only(of([reading('2024-01-01', 1, { what: 'currentA' })])).points[0]?.uncertainty).toBe(0)
  })

  it('is held against what is written down as fitted before the label of a job; not against what came out', () => {
    const single = [reading('2024-01-01', 7.4, { section: 'single' })]
    expect(only(of(single, '5 µF ±5 %', [fitted('7.5 µF ±5 %')])).window?.low).toBeCloseTo(7.125)
    expect(only(of(single, '5 µF ±5 %', [fitted('7.5 µF ±5 %', '', '2025-01-01')])).window?.low).toBeCloseTo(
      4.75,
    )
    expect(only(of(single, 'torn off')).window).toBeNull()
  })

  it('says when it leaves, and between which', () => {
    const { drift } = only(of(falling))
    expect(drift?.perYear).toBeCloseTo(-0.1, 2)
    expect(year(drift?.outAt)).toBe(2027)
    // Readings on one line leave no doubt, so that the three are one.
    expect(year(drift?.earliestAt)).toBe(2027)
    expect(drift?.line.every(({ band }) => band < 0.01)).toBe(true)
    const rough = only(of([...falling, reading('2025-12-01', 5.02)])).drift
    expect(rough?.line.at(-1)?.band).toBeGreaterThan(0.05)
    expect(only(of(falling.slice(0, 1))).drift).toBeNull()
    // What is out already is not out in the future.
    expect(only(of([reading('2023-06-01', 4.4), reading('2024-06-01', 4.2)])).drift?.outAt).toBeNull()
  })

  it('of the part that is in now begins with it: what came before is its predecessor’s', () => {
    const renewed = [...falling, reading('2025-07-01', 5.05, { isNew: true }), reading('2026-05-01', 5.04)]
    const trend = only(of(renewed))
    expect(trend.points.map(({ isPresent }) => isPresent)).toEqual([false, false, false, true, true])
    expect(trend.drift?.perYear).toBeGreaterThan(-0.02)
    const written = only(of(falling, '', [fitted('35+5 µF ±6 %', '2024-01-01')]))
    expect(written.points.map(({ isPresent }) => isPresent)).toEqual([false, true, true])
  })

  it('of thousands of readings shows hundreds, the first and the last among them', () => {
    const many = Array.from({ length: 5000 }, (_, index) =>
      reading(new Date(Date.UTC(2010, 0, 1 + index)).toISOString().slice(0, 10), 5 - index / 50_000),
    )
    const { points } = only(of(many))
    expect(points).toHaveLength(300)
    expect(points[0]?.value).toBe(5)
    expect(points.at(-1)?.value).toBeCloseTo(5 - 4999 / 50_000)
  })
})

describe('its drawing', () => {
  const shapeOf = (trend: Trend) => trendShape(trend, NOW, 720, 300)

  it('goes up with the value and right with the time, and marks where it leaves', () => {
    const shape = shapeOf(only(of(falling)))
    const [first, , last] = shape.points
    expect(first?.x).toBeLessThan(last?.x ?? 0)
    expect(first?.y).toBeLessThan(last?.y ?? 0)
    expect(shape.out?.year).toBe(2027)
    expect(shape.out?.y).toBeCloseTo(shape.window?.bottom ?? 0)
    expect(shape.today).toBeGreaterThan(last?.x ?? 0)
    expect(shape.line?.ahead).toMatch(/^M[\d. ]+L/)
  })

  it('lies within its picture, whatever was read', () => {
    const day = fc
      .integer({ min: 0, max: 6000 })
      .map((days) => new Date(Date.UTC(2010, 0, 1 + days)).toISOString().slice(0, 10))
    const taken = fc.array(fc.tuple(day, fc.double({ min: 0, max: 100, noNaN: true })), {
      minLength: 1,
      maxLength: 12,
    })
    fc.assert(
      fc.property(taken, (list) => {
        const shape = shapeOf(only(of(list.map(([at, value]) => reading(at, value)))))
        const { left, right, top, bottom } = shape.plot
        for (const { x, y } of shape.points) {
          expect(x).toBeGreaterThanOrEqual(left)
          expect(x).toBeLessThanOrEqual(right)
          expect(y).toBeGreaterThanOrEqual(top - 1)
          expect(y).toBeLessThanOrEqual(bottom + 1)
        }
        expect(shape.years.length).toBeLessThanOrEqual(8)
        expect(shape.values.length).toBeLessThanOrEqual(8)
        for (const { value } of shape.values) expect(Number.isFinite(value)).toBe(true)
      }),
    )
  })
})
