'use client'

import { clockIn } from '../kit/time'
import { useOwnZone } from '../kit/useOwnZone'

interface LocalTimeProps {
  at: string
  /** The zone that the server writes by: the one the browser told last time, else the server's own. */
  zone: string
  onlyDay?: boolean
}

/** A stored instant on the person's clock: the browser's zone wins as soon as it is there. */
export function LocalTime({ at, zone, onlyDay = false }: LocalTimeProps) {
  const { day, clock } = clockIn(useOwnZone(zone))
  return (
    <time dateTime={at} className="num text-[0.95em]">
      {onlyDay ? day(at) : `${day(at)} ${clock(at)}`}
    </time>
  )
}
