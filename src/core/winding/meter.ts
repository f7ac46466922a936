import type { OhmMeter } from './types'

/** A household multimeter on its ohm range. */
export const defaultOhmMeter: OhmMeter = { accuracyPercent: 1, accuracyCounts: 3, resolutionOhm: 0.1 }

/** Resolution in Ω at a reading: as given below 200 Ω, ten times that below 2 kΩ, and so on. */
export function resolutionAt(ohm: number, meter: OhmMeter): number {
  let resolution = meter.resolutionOhm
  for (let limit = 200; ohm >= limit && limit < 1e9; limit *= 10) resolution *= 10
  return resolution
}

/** The meter's own uncertainty in Ω: percent of the reading and counts of the last digit. */
export function ohmUncertainty(ohm: number, meter: OhmMeter): number {
  return (ohm * meter.accuracyPercent) / 100 + meter.accuracyCounts * resolutionAt(ohm, meter)
}

/** Copper's inferred zero-resistance temperature is −234.5 °C; aluminium's −225 °C. */
const COPPER = 234.5
const ALUMINIUM = 225

/** R2 = R1·(k + T2)/(k + T1). Temperatures in °C. */
export function resistanceAt(
  ohm: number,
  fromCelsius: number,
  toCelsius: number,
  metal: 'copper' | 'aluminium' = 'copper',
): number {
  const k = metal === 'copper' ? COPPER : ALUMINIUM
  return (ohm * (k + toCelsius)) / (k + fromCelsius)
}

/** Winding temperature in °C from its hot and cold resistance: how hot a motor ran. */
export function temperatureFromRise(
  coldOhm: number,
  coldCelsius: number,
  hotOhm: number,
  metal: 'copper' | 'aluminium' = 'copper',
): number {
  const k = metal === 'copper' ? COPPER : ALUMINIUM
  return (hotOhm / coldOhm) * (k + coldCelsius) - k
}
