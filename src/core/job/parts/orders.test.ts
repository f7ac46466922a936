import { describe, expect, it } from 'vitest'
import { act, id, jobOn } from '../job.testing'
import { daysBetween, orderOf, orderPart, waitingOrders, waitText } from './orders'

const ordered = (
  fields: Record<string, string>,
  part: 'motor' | 'capacitor' = 'motor',
  job = jobOn('hrv-fan'),
) =>
  Object.entries(fields).reduce(
    (all, [field, typed]) => act(all, { kind: 'field.set', id: id(), part: orderPart(part), field, typed }),
    job,
  )

describe('an order', () => {
  it('stands from the day on which it was made until its part has come', () => {
    expect(orderOf(jobOn('hrv-fan'), 'motor')).toBeNull()
    const job = ordered({
      orderedOn: '2026-03-01',
      due: '2026-03-05',
      from: 'the counter in town',
      price: '84',
    })
    expect(orderOf(job, 'motor')).toMatchObject({ from: 'the counter in town', price: '84' })
    expect(waitingOrders(job)).toHaveLength(1)
    expect(waitingOrders(ordered({ arrivedOn: '2026-03-04' }, 'motor', job))).toEqual([])
  })

  it('that is due first stands in front', () => {
    const both = ordered(
      { orderedOn: '2026-03-01', due: '2026-03-03' },
      'capacitor',
      ordered({ orderedOn: '2026-03-01', due: '2026-03-09' }),
    )
    expect(waitingOrders(both).map(({ part }) => part)).toEqual(['capacitor', 'motor'])
  })

  it.each([
    ['2026-03-01', 'waits for the motor, due in 4 days'],
    ['2026-03-02', 'waits for the motor for 1 day, due in 3 days'],
    ['2026-03-05', 'waits for the motor for 4 days, due today'],
    ['2026-03-08', 'waits for the motor for 7 days, 3 days late'],
  ])('is told by the calendar on %s', (today, text) =>
    expect(waitText({ part: 'motor', orderedOn: '2026-03-01', due: '2026-03-05' }, today)).toBe(text),
  )

  it('without a due day says how long it waits', () =>
    expect(waitText({ part: 'motor', orderedOn: '2026-03-01', due: '' }, '2026-03-03')).toBe(
      'waits for the motor for 2 days',
    ))

  it('counts days over a change of the clocks and of the year', () => {
    expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2)
    expect(daysBetween('2025-12-31', '2026-01-01')).toBe(1)
    expect(daysBetween('soon', '2026-01-01')).toBeNull()
  })
})
