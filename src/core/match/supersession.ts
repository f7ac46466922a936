import type { MotorSpec } from './types'

/**
 * How many times the old number was superseded on the way to each candidate: 0 the same number, 1 its replacement, and so
 * on. Chains of any length among the candidates count; loops do not hang.
 */
export function supersessionDepths(
  oldNumber: string | undefined,
  candidates: MotorSpec[],
): Map<string, number> {
  const depths = new Map<string, number>()
  if (!oldNumber) return depths
  const replacedBy = new Map<string, MotorSpec[]>()
  for (const candidate of candidates) {
    for (const number of candidate.replaces ?? []) {
      const key = normalizedNumber(number)
      const known = replacedBy.get(key)
      if (known) known.push(candidate)
      else replacedBy.set(key, [candidate])
    }
  }
  for (const candidate of candidates) {
    if (
      candidate.partNumber !== undefined &&
      normalizedNumber(candidate.partNumber) === normalizedNumber(oldNumber)
    )
      depths.set(candidate.id, 0)
  }
  const seen = new Set([normalizedNumber(oldNumber)])
  let front = [normalizedNumber(oldNumber)]
  for (let depth = 1; front.length > 0; depth++) {
    const next: string[] = []
    for (const number of front) {
      for (const candidate of replacedBy.get(number) ?? []) {
        if (!depths.has(candidate.id)) depths.set(candidate.id, depth)
        const own = candidate.partNumber === undefined ? undefined : normalizedNumber(candidate.partNumber)
        if (own !== undefined && !seen.has(own)) {
          seen.add(own)
          next.push(own)
        }
      }
    }
    front = next
  }
  return depths
}

const UNTIDY = /[\s\-a-z]/
/** Numbers are the same whatever spaces, dashes and small letters somebody typed. */
export const normalizedNumber = (number: string) =>
  UNTIDY.test(number) ? number.replace(/[\s-]/g, '').toUpperCase() : number
