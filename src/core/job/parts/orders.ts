import { fieldText } from '../fields'
import type { JobSnapshot } from '../rows'

/** Fields of an order, kept with the job. */
export const orderPart = (part: 'motor' | 'capacitor'): string => `order-${part}`

export interface Order {
  part: 'motor' | 'capacitor'
  from: string
  price: string
  /** Days, YYYY-MM-DD; empty where not said. */
  orderedOn: string
  due: string
  arrivedOn: string
  /** What the house does meanwhile. */
  meanwhile: string
}

/** What is ordered for a job; null where nobody has ordered that part. */
export function orderOf(snapshot: JobSnapshot, part: 'motor' | 'capacitor'): Order | null {
  const text = (field: string) => fieldText(snapshot, orderPart(part), field)
  const orderedOn = text('orderedOn')
  if (orderedOn === '') return null
  return {
    part,
    from: text('from'),
    price: text('price'),
    orderedOn,
    due: text('due'),
    arrivedOn: text('arrivedOn'),
    meanwhile: text('meanwhile'),
  }
}

/** Orders that have not come yet, the one that is due first in front. */
export const waitingOrders = (snapshot: JobSnapshot): Order[] =>
  (['motor', 'capacitor'] as const)
    .flatMap((part) => orderOf(snapshot, part) ?? [])
    .filter(({ arrivedOn }) => arrivedOn === '')
    .sort((one, two) => (one.due || '9').localeCompare(two.due || '9'))

/**
 * Whole days from one day to another, both as YYYY-MM-DD; null where one is no day.
 *
 * @example daysBetween('2026-03-01', '2026-03-04') // 3
 */
export function daysBetween(from: string, to: string): number | null {
  const [a, b] = [from, to].map((day) => Date.parse(`${day}T00:00:00Z`))
  return a === undefined || b === undefined || Number.isNaN(a) || Number.isNaN(b)
    ? null
    : Math.round((b - a) / 86_400_000)
}

/**
 * An order in a sentence, as the bench says it.
 *
 * @param today YYYY-MM-DD by the person's calendar
 * @example waitText({ part: 'motor', from: '', price: '', orderedOn: '2026-03-01', due: '2026-03-05', arrivedOn: '', meanwhile: '' }, '2026-03-03') // 'waits for the motor for 2 days, due in 2 days'
 */
export function waitText(order: Pick<Order, 'part' | 'orderedOn' | 'due'>, today: string): string {
  const [since, left] = [daysBetween(order.orderedOn, today), daysBetween(today, order.due)]
  const days = (count: number) => `${count} ${count === 1 ? 'day' : 'days'}`
  const due =
    left === null
      ? ''
      : left > 0
        ? `, due in ${days(left)}`
        : left === 0
          ? ', due today'
          : `, ${days(-left)} late`
  return `waits for the ${order.part}${since === null || since < 1 ? '' : ` for ${days(since)}`}${due}`
}
