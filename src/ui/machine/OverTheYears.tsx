'use client'

import dynamic from 'next/dynamic'
import { useEffect, useState } from 'react'
import { clockIn, ownZone } from '../kit/time'

const CapacitanceHistory = dynamic(
  () => import('../pieces/CapacitanceHistory').then((piece) => piece.CapacitanceHistory),
  { ssr: false, loading: () => <p className="caption">Earlier readings are being fetched …</p> },
)

/** Readings of a machine over all its jobs, by the clock of whoever reads. */
export function OverTheYears({ machineId, zone }: { machineId: string; zone: string }) {
  const [own, setOwn] = useState(zone)
  useEffect(() => setOwn(ownZone()), [])
  return <CapacitanceHistory machineId={machineId} day={clockIn(own).day} />
}
