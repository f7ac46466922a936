import type { ChargeKind } from '../rows'

/** What a row of the discharge is called until somebody calls it otherwise. */
export const chargeLabels: Record<ChargeKind, string> = {
  run: 'Run capacitor',
  start: 'Start capacitor',
  compressor: 'Capacitor or inverter of the compressor',
  bus: 'Bus of the opened module',
}
