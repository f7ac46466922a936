import { OTHER_SUPPLY_PAIRS } from '../knowledge/isolation'

export type ProofVerdict = 'dead' | 'not-proven' | 'live'

/** Mains: below 5 V dead, 5 to 30 V not proven, over 30 V stop. Battery circuits: below 1 V dead, anything else live. */
export const DEAD_MAINS = 5
export const STOP_MAINS = 30
export const DEAD_BATTERY = 1

export function proofVerdict(volts: number, supply: 'mains' | 'battery'): ProofVerdict {
  if (supply === 'battery') return volts < DEAD_BATTERY ? 'dead' : 'live'
  if (volts < DEAD_MAINS) return 'dead'
  return volts <= STOP_MAINS ? 'not-proven' : 'live'
}

/**
 * The verdict on one pair. A supply beside the mains is of a voltage that nobody knows: below 5 V on both ranges, and never
 * "induced". Over-range, which has no number, is live.
 */
export function pairVerdict(pair: string, volts: number | null, supply: 'mains' | 'battery'): ProofVerdict {
  if (volts === null) return 'live'
  const other = OTHER_SUPPLY_PAIRS.some((each) => pair.startsWith(each))
  if (other) return volts < DEAD_MAINS ? 'dead' : 'live'
  return proofVerdict(volts, supply)
}

export const proofText: Record<ProofVerdict, string> = {
  dead: 'dead',
  'not-proven': 'not proven: read again on a low-impedance range, it must show below 5 V',
  live: 'Stop. This is live. Hands away, find what still feeds it, and open that point.',
}
