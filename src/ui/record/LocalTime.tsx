'use client'

import { useEffect, useState } from 'react'
import { clockIn, ownZone } from '../kit/time'

interface LocalTimeProps {
  at: string
  /** The zone that the server writes by: the one the browser told last time, else the server's own. */
  zone: string
  onlyDay?: boolean
}

/** A stored instant on the person's clock: the browser's zone wins as soon as it is there. */
export function LocalTime({ at, zone, onlyDay = false }: LocalTimeProps) {
  const [own, setOwn] = useState(zone)
  useEffect(() => setOwn(ownZone()), [])
  const { day, clock } = clockIn(own)
  return (
    <time dateTime={at} className="num text-[0.95em]">
      {onlyDay ? day(at) : `${day(at)} ${clock(at)}`}
    </time>
  )
}
