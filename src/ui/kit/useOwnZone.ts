'use client'

import { useEffect, useState } from 'react'
import { ownZone } from './time'

/**
 * The zone of this browser, once it is there; before that the one that the server wrote by.
 *
 * @param zone the one that the browser told last time, else the server's own
 */
export function useOwnZone(zone: string): string {
  const [own, setOwn] = useState(zone)
  useEffect(() => setOwn(ownZone()), [])
  return own
}
