import { type Energy, type JobSnapshot, neededCharges, nominalVolts, type PointRow } from '@/core/job'
import { alongTheLine, isolationPlans, isValve } from '@/core/knowledge/isolation'
import type { IsolationPointId } from '@/core/knowledge/vocabulary'

export interface PowerLineModel {
  supply: string
  direct: boolean
  breaks: PointRow[]
  valves: PointRow[]
  /** How many breaks from the supply on are still under voltage: the line is live up to and into this one. */
  liveUpTo: number
  allLive: boolean
  charge: 'none' | 'charged' | 'discharged'
}

export function powerLineModel(snapshot: JobSnapshot, energy: Energy): PowerLineModel {
  const points = snapshot.points.filter((point) => !point.struckAt)
  const breaks = alongTheLine(points)
  const { volts, hz } = nominalVolts(snapshot.household, snapshot.machine)
  const firstOpen = breaks.findIndex((point) => point.openedAt)
  const powered =
    energy.state === 'live-test' || energy.state === 'in-service' || energy.state === 'closing-up'
  const charges = neededCharges(snapshot)
  return {
    supply: hz === null ? `${volts} V DC` : `${volts} V ${hz} Hz`,
    direct: isolationPlans[snapshot.machine.family].supply === 'battery',
    breaks,
    valves: points.filter((point) => isValve(point.point)),
    liveUpTo: firstOpen < 0 || powered ? breaks.length : firstOpen,
    allLive: firstOpen < 0 || powered,
    charge:
      charges.length === 0
        ? 'none'
        : charges.every((charge) => charge.volts !== null && charge.volts < 5)
          ? 'discharged'
          : 'charged',
  }
}

const shortPoint: Record<IsolationPointId, string> = {
  plug: 'Plug',
  breaker: 'Breaker',
  fuse: 'Fuse',
  disconnect: 'Disconnect',
  'service-switch': 'Switch',
  'wall-switch': 'Wall switch',
  thermostat: 'Thermostat',
  battery: 'Battery',
  'gas-cock': 'Gas cock',
  'cylinder-valve': 'Cylinders',
  'water-valve': 'Water',
  'shore-power': 'Shore power',
}

/** The same, with its circuit where the machine has more than one. */
export const shortName = ({ point, feed }: Pick<PointRow, 'point' | 'feed'>): string =>
  feed > 1 ? `${shortPoint[point]} ${feed}` : shortPoint[point]
