import type { RefitStep } from './types'

/**
 * Indices of the steps in the order of the way back: plain reverse, except that a step comes back before the ones it was
 * `after` on the way in. `first` names steps that go just before another (transfers before the new part), where nothing
 * in `after` forbids it.
 *
 * @returns the order, and the ids in a circle where there is one (their order is then the plain reverse)
 */
export function backOrder(
  steps: RefitStep[],
  first: Map<number, number>,
): { order: number[]; circle: string[] } {
  const at = new Map(steps.map((step, index) => [step.id, index]))
  const waitsFor = steps.map(() => new Set<number>())
  steps.forEach((step, index) => {
    for (const before of step.after ?? []) {
      const other = at.get(before)
      if (other !== undefined) waitsFor[other]!.add(index)
    }
  })
  const withTransfers = waitsFor.map((set) => new Set(set))
  for (const [step, target] of first) withTransfers[target]!.add(step)
  const priority = (index: number) => (first.has(index) ? first.get(index)! + 0.5 : index)

  const transferred = sort(withTransfers, priority)
  if (transferred.length === steps.length) return { order: transferred, circle: [] }
  const plain = sort(waitsFor, (index) => index)
  if (plain.length === steps.length) return { order: plain, circle: [] }
  const stuck = steps.map((_, index) => index).filter((index) => !plain.includes(index))
  return { order: [...plain, ...stuck.reverse()], circle: stuck.map((index) => steps[index]!.id).reverse() }
}

/** Kahn's order, the highest priority first among those that wait for nothing. */
function sort(waitsFor: Set<number>[], priority: (index: number) => number): number[] {
  const left = waitsFor.map((set) => new Set(set))
  const open = new Set(left.map((_, index) => index))
  const order: number[] = []
  for (;;) {
    let next = -1
    for (const index of open) {
      if (left[index]!.size === 0 && (next < 0 || priority(index) > priority(next))) next = index
    }
    if (next < 0) return order
    order.push(next)
    open.delete(next)
    for (const set of left) set.delete(next)
  }
}
