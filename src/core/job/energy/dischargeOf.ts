import { type CapacitorLabel, type Discharge, discharge } from '../../capacitor'
import { typedValue } from '../../units'
import type { ChargeRow, JobSnapshot } from '../rows'
import { chargeLabel, chargeSections } from './chargePairs'

/**
 * What is known of emptying one charge: the largest of its sections in µF, the volts of its label, and how long the lead stays
 * on. Its own label goes before that of the job's capacitor.
 *
 * @param ofJob the label that Measure knows, if any
 */
export function dischargeOf(
  snapshot: JobSnapshot,
  charge: ChargeRow,
  ofJob: CapacitorLabel | null,
): { uF: number | null; volts: number | null; result: Discharge | null } {
  const sections = chargeSections(snapshot, charge)
  const uF = sections.length > 0 ? Math.max(...sections.map((section) => section.uF)) : null
  const volts = typedValue(charge.voltsTyped, 'volts') ?? chargeLabel(charge)?.volts ?? ofJob?.volts ?? null
  const ohm = typedValue(charge.resistorTyped, 'ohm')
  return {
    uF,
    volts,
    result: uF && volts && ohm ? discharge({ uF, acVolts: volts, resistorOhm: ohm }) : null,
  }
}
