import type { RefitStep } from './types'

/**
 * Indices of the steps in the order of the way back: the plain reverse, except that a step comes back before the ones it
 * was `after` on the way in, and that a seal goes on directly before its part where nothing in `after` forbids it.
 *
 * @param seals index of a seal's line to the index of the line of the part that lies on it
 * @returns the order, and the ids in a circle where there is one (their order is then the plain reverse)
 */
export function backOrder(
  steps: RefitStep[],
  seals: Map<number, number>,
): { order: number[]; circle: string[] } {
  const at = new Map(steps.map((step, index) => [step.id, index]))
  const waitsFor = steps.map(() => new Set<number>())
  steps.forEach((step, index) => {
    for (const before of step.after ?? []) {
      const other = at.get(before)
      if (other !== undefined) waitsFor[other]?.add(index)
    }
  })
  const plain = sort(waitsFor)
  if (plain.length < steps.length) {
    const placed = new Set(plain)
    const stuck = steps
      .map((step, index) => ({ id: step.id, index }))
      .filter(({ index }) => !placed.has(index))
    return {
      order: [...plain, ...stuck.map(({ index }) => index).reverse()],
      circle: stuck.map(({ id }) => id).reverse(),
    }
  }
  return { order: withSeals(waitsFor, seals, plain), circle: [] }
}

/** Each seal and its part move as one; a seal whose `after` keeps it from its part stays where the reverse has it. */
function withSeals(waitsFor: Set<number>[], seals: Map<number, number>, plain: number[]): number[] {
  if (seals.size === 0) return plain
  const reach = reachOf(waitsFor)
  const joined = new Map([...seals].filter(([seal, seat]) => !reach(seal, seat) && !reach(seat, seal, true)))
  const leader = (index: number) => joined.get(index) ?? index
  const grouped = waitsFor.map(() => new Set<number>())
  waitsFor.forEach((set, index) => {
    for (const other of set) if (leader(other) !== leader(index)) grouped[leader(index)]?.add(leader(other))
  })
  const order = sort(grouped, (index) => !joined.has(index))
  if (order.length + joined.size < waitsFor.length) return plain
  const own = new Map<number, number[]>()
  for (const index of plain) {
    const seat = joined.get(index)
    if (seat !== undefined) own.set(seat, [...(own.get(seat) ?? []), index])
  }
  return order.flatMap((index) => [...(own.get(index) ?? []), index])
}

/** Whether `from` waits for `to`, over other lines or (unless `overOthers`) by itself. */
function reachOf(waitsFor: Set<number>[]) {
  return (from: number, to: number, overOthers = false): boolean => {
    const seen = new Set<number>()
    const next = [...(waitsFor[from] ?? [])].filter((index) => !overOthers || index !== to)
    for (let index = next.pop(); index !== undefined; index = next.pop()) {
      if (index === to) return true
      if (seen.has(index)) continue
      seen.add(index)
      next.push(...(waitsFor[index] ?? []))
    }
    return false
  }
}

/** Kahn's order, the last of the way in first among those that wait for nothing. */
function sort(waitsFor: Set<number>[], taken: (index: number) => boolean = () => true): number[] {
  const left = waitsFor.map((set) => set.size)
  const waiters = waitsFor.map((): number[] => [])
  waitsFor.forEach((set, index) => {
    for (const other of set) waiters[other]?.push(index)
  })
  const open = new Set(left.map((_, index) => index).filter(taken))
  const order: number[] = []
  for (;;) {
    let next = -1
    for (const index of open) if (left[index] === 0 && index > next) next = index
    if (next < 0) return order
    order.push(next)
    open.delete(next)
    for (const waiter of waiters[next] ?? []) left[waiter] = (left[waiter] ?? 1) - 1
  }
}
