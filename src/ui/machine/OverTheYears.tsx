'use client'

import dynamic from 'next/dynamic'
import { clockIn } from '../kit/time'
import { useOwnZone } from '../kit/useOwnZone'

const CapacitanceHistory = dynamic(
  () => import('../pieces/CapacitanceHistory').then((piece) => piece.CapacitanceHistory),
  { ssr: false, loading: () => <p className="caption">Earlier readings are being fetched …</p> },
)

/** Readings of a machine over all its jobs, by the clock of whoever reads. */
export function OverTheYears({ machineId, zone }: { machineId: string; zone: string }) {
  return <CapacitanceHistory machineId={machineId} day={clockIn(useOwnZone(zone)).day} />
}
