import type { Act } from '../acts/actTypes'
import type { JobSnapshot } from '../rows'
import { chargePairs } from './chargePairs'
import { neededCharges } from './place'

/** Every charge emptied and read at each pair that its label names by now. */
export const dischargeActs = (snapshot: JobSnapshot, volts = '0.3'): Act[] =>
  neededCharges(snapshot).map((charge) => ({
    kind: 'charge.read',
    id: charge.id,
    typed: chargePairs(snapshot, charge)
      .map(() => volts)
      .join(' / '),
  }))
