import { largestPower, smallestPower } from './power'
import { hpOf, SPEED_TOLERANCE } from './rules/electrical'
import { RULER_BODY_MM, RULER_MM, SAME_MM, SAME_SHAFT_MM } from './rules/mechanical'
import type { MotorMatchInput } from './types'

/** Figures by which a store can leave parts out unread: first speed, hp as told, shaft and body diameter. */
type BoundedFigure = 'rpm' | 'hp' | 'shaftMm' | 'bodyMm'

export interface Bound {
  figure: BoundedFigure
  min?: number
  max?: number
}

/** A hair wider than the rules, so that rounding in a store never turns a part away that the rules would take. */
const HAIR = 1e-6

/**
 * What the figures of a part have to lie within: whatever lies outside is a “no” by its own rule, declared or not. A part that
 * does not tell a figure is never outside.
 *
 * @example boundsOf({ old: { id: 'old', rpm: [1000] }, candidates: [] }).map(({ figure }) => figure) // ['rpm']
 */
export function boundsOf({ old, measuredWith }: MotorMatchInput): Bound[] {
  const ruler = measuredWith === 'ruler'
  const [rpm, hp, shaft, body] = [
    old.rpm?.[0],
    old.hp ?? hpOf(old.outputWatts),
    old.shaft?.diameterMm,
    old.diameterMm,
  ]
  const bounds: Bound[] = []
  if (rpm !== undefined)
    bounds.push({
      figure: 'rpm',
      min: rpm * (1 - SPEED_TOLERANCE - HAIR),
      max: rpm * (1 + SPEED_TOLERANCE + HAIR),
    })
  if (hp !== undefined) {
    const most = largestPower(hp)
    bounds.push({
      figure: 'hp',
      min: smallestPower(hp) * (1 - HAIR),
      ...(Number.isFinite(most) ? { max: most * (1 + HAIR) } : {}),
    })
  }
  if (shaft !== undefined)
    bounds.push({ figure: 'shaftMm', max: shaft + Math.max(SAME_SHAFT_MM, ruler ? RULER_MM : 0) + HAIR })
  if (body !== undefined)
    bounds.push({ figure: 'bodyMm', max: body + Math.max(SAME_MM, ruler ? RULER_BODY_MM : 0) + HAIR })
  return bounds
}
