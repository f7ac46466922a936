import type { FamilyId } from './vocabulary'

/** What a plate and a ruler may say of a motor of this family: shown where a figure is typed, never taken for one. */
export interface PlateLike {
  /** As printed; of the mains where none are named. */
  volts?: string
  hp: string
  /** At 60 Hz. */
  rpm: number[]
  /** At 115 to 120 V, or at its own volts. */
  amps: number
  diameterMm: number
  bodyLengthMm: number
  shaftDiameterMm: number
  shaftLengthMm: number
}

const like = (
  hp: string,
  rpm: number[],
  amps: number,
  [diameterMm, bodyLengthMm, shaftDiameterMm, shaftLengthMm]: [number, number, number, number],
  volts?: string,
): PlateLike => ({
  hp,
  rpm,
  amps,
  diameterMm,
  bodyLengthMm,
  shaftDiameterMm,
  shaftLengthMm,
  ...(volts ? { volts } : {}),
})

/** Made-up figures of a common size, so that nobody looks for an outdoor unit’s in a bathroom fan. */
export const plateLike: Record<FamilyId, PlateLike> = {
  'bath-exhaust-fan': like('1/80', [1500], 0.7, [75, 55, 6.35, 50]),
  'range-hood-fan': like('1/30', [1630, 1200], 0.95, [90, 70, 8, 40]),
  'ceiling-fan': like('1/15', [210, 140, 80], 0.6, [170, 60, 10, 30]),
  'attic-vent-fan': like('1/10', [1050], 1.5, [142, 90, 12.7, 70]),
  'furnace-blower': like('1/2', [1075, 950, 825], 6.5, [142, 130, 12.7, 120]),
  'draft-inducer': like('1/30', [2850], 1.4, [84, 70, 8, 60]),
  'outdoor-unit-fan': like('1/6', [1075], 1.1, [142, 110, 12.7, 120], '208-230'),
  'mini-split-indoor-fan': like('1/40', [1200], 0.2, [90, 60, 8, 40], '310'),
  'refrigerator-evaporator-fan': like('1/200', [2800], 0.35, [60, 45, 3.2, 25]),
  'refrigerator-condenser-fan': like('1/125', [1450], 0.45, [70, 55, 4.8, 25]),
  'rv-furnace-blower': like('1/20', [2950], 3.8, [76, 100, 6.35, 35], '12'),
  'pellet-stove-exhaust-blower': like('1/30', [2850], 1.7, [84, 70, 8, 60]),
  'hrv-fan': like('1/15', [1630], 0.75, [100, 90, 8, 80]),
  'dehumidifier-fan': like('1/25', [1075], 0.75, [120, 80, 8, 50]),
  'other-fan': like('1/10', [1050], 1.2, [120, 90, 9.5, 60]),
}
