import { useEffect, useState } from 'react'
import { serverTime } from './serverClock'

/**
 * The time now, in ms, anew each second while something runs. It begins with the time that the server drew the page by: the
 * page that answers is the page that was sent.
 */
export function useTicking(first: number, running: boolean, everyMs = 1000): number {
  const [now, setNow] = useState(first)
  useEffect(() => {
    setNow(serverTime())
    if (!running) return
    const timer = setInterval(() => setNow(serverTime()), everyMs)
    return () => clearInterval(timer)
  }, [running, everyMs])
  return now
}
