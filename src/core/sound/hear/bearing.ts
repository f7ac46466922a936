import type { BearingSizes } from './types'

/**
 * Tones of a ball bearing whose inner ring turns, Hz (`measurements.md`): balls over a mark of the outer race, of the inner race,
 * the spin of a ball, the turn of the cage.
 */
export function bearingTones({ balls, ballMm, pitchMm, contactDegrees = 0 }: BearingSizes, rpm: number) {
  const turn = rpm / 60
  const ratio = (ballMm / pitchMm) * Math.cos((contactDegrees * Math.PI) / 180)
  return {
    'outer-race': (balls / 2) * turn * (1 - ratio),
    'inner-race': (balls / 2) * turn * (1 + ratio),
    ball: (pitchMm / (2 * ballMm)) * turn * (1 - ratio ** 2),
    cage: (turn / 2) * (1 - ratio),
  }
}
