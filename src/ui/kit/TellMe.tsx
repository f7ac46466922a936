'use client'

import { useEffect, useState } from 'react'
import { pageCan } from './pageCan'

/** Asks, once it is wanted, whether the browser may tell that a wait is over while another window is in front. */
export function TellMe() {
  const [asks, setAsks] = useState(false)
  useEffect(() => setAsks(pageCan.notifications.can() && Notification.permission === 'default'), [])
  if (!asks) return null
  return (
    <button
      type="button"
      className="btn"
      onClick={() => void Notification.requestPermission().then((given) => setAsks(given === 'default'))}
    >
      Tell me when it is over
    </button>
  )
}
