'use client'

import { useEffect, useState } from 'react'

const LOOK_EVERY_MS = 5000
const ANSWER_WITHIN_MS = 3500

/**
 * On pages beside the jobs: says so as soon as the server no longer answers, frozen or gone, and until it does again. The pages
 * of a job know it by their own stream.
 */
export function Away() {
  const [since, setSince] = useState<string | null>(null)
  useEffect(() => {
    let left = false
    let heard = new Date()
    const look = async () => {
      if (document.visibilityState !== 'visible') return
      const there = await fetch('/api/health', {
        cache: 'no-store',
        signal: AbortSignal.timeout(ANSWER_WITHIN_MS),
      })
        .then(() => true)
        .catch(() => false)
      if (left) return
      if (there) heard = new Date()
      setSince(there ? null : heard.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' }))
    }
    const timer = setInterval(() => void look(), LOOK_EVERY_MS)
    return () => {
      left = true
      clearInterval(timer)
    }
  }, [])
  if (!since) return null
  return (
    <p role="alert" className="border-ink border-b bg-amber px-4 py-2 font-bold text-[#16201c]">
      {`The server has not answered since ${since}. What you type now is not stored yet; leave this page open.`}
    </p>
  )
}
