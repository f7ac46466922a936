/** The trade's standard powers in hp, up to the largest household blower. */
const STANDARD_HP = [
  1 / 20,
  1 / 15,
  1 / 12,
  1 / 10,
  1 / 8,
  1 / 6,
  1 / 5,
  1 / 4,
  1 / 3,
  1 / 2,
  3 / 4,
  1,
  1.5,
  2,
  3,
]
/** Plates round: 0.33 and 0.167 are 1/3 and 1/6. */
const ROUNDING = 0.04
const STEPS_UP = 2
export const WATTS_PER_HP = 745.7

export type PowerVerdict = { ok: true; stepsUp: number } | { ok: false; stepsUp: number }

/** Equal, or one or two standard steps up; below 1/20 hp equal up to twice. Never down. */
export function comparePower(oldHp: number, newHp: number): PowerVerdict {
  const ratio = newHp / oldHp
  if (Math.abs(ratio - 1) <= ROUNDING) return { ok: true, stepsUp: 0 }
  if (ratio < 1) return { ok: false, stepsUp: -1 }
  if (oldHp < STANDARD_HP[0]! * (1 - ROUNDING)) return { ok: ratio <= 2 * (1 + ROUNDING), stepsUp: 1 }
  const steps = stepOf(newHp) - stepOf(oldHp)
  return { ok: steps <= STEPS_UP, stepsUp: steps }
}

/**
 * The most that may stand in place of a power; infinite where its steps leave the table.
 *
 * @example largestPower(1 / 4) // 0.52
 */
export function largestPower(oldHp: number): number {
  if (oldHp < (STANDARD_HP[0] ?? 0) * (1 - ROUNDING)) return oldHp * 2 * (1 + ROUNDING)
  const top = STANDARD_HP[stepOf(oldHp) + STEPS_UP]
  return top === undefined ? Number.POSITIVE_INFINITY : Math.max(top, oldHp) * (1 + ROUNDING)
}

/** The least that may stand in place of a power. */
export const smallestPower = (oldHp: number): number => oldHp * (1 - ROUNDING)

/** Position among the standard powers; between two of them it counts as the upper. */
function stepOf(hp: number): number {
  const index = STANDARD_HP.findIndex((standard) => hp <= standard * (1 + ROUNDING))
  return index < 0 ? STANDARD_HP.length : index
}
