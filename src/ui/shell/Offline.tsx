'use client'

import { usePathname } from 'next/navigation'
import { useEffect, useState } from 'react'
import { stages } from '../job/stages'
import { keptSince, onStoredJob } from '../kit/keptPage'
import { pageCan } from '../kit/pageCan'

/** So long after something was stored what is kept of it is kept anew. */
const SETTLED_MS = 2000
const LOOK_FOR_NEWER_MS = 3_600_000

/** Pages that were open are kept on this device for the time without a connection; a newer version is offered, never forced. */
export function Offline() {
  const path = usePathname()
  const newer = useKeeper()
  const jobId = /^\/jobs\/([\w-]+)\//.exec(path)?.[1]
  useEffect(() => (jobId ? keepJob(jobId) : undefined), [jobId])
  return (
    <>
      <KeptPage job={jobId !== undefined} />
      {newer ? (
        <p
          className="no-print flex flex-wrap items-center gap-3 border-line border-b bg-teal-wash px-4 py-2"
          role="status"
        >
          A newer Rest Cog is there.
          <button type="button" className="btn" onClick={() => takeNewer(newer)}>
            Load it
          </button>
          <span className="caption">It also comes by itself when all its pages are closed.</span>
        </p>
      ) : null}
    </>
  )
}

/** The service worker is registered once the page stands; answers one that waits to be taken. */
function useKeeper(): ServiceWorker | null {
  const [newer, setNewer] = useState<ServiceWorker | null>(null)
  useEffect(() => {
    if (!pageCan.offline.can()) return
    let timer: ReturnType<typeof setInterval> | undefined
    let left = false
    const begin = async () => {
      const registration = await navigator.serviceWorker.register('/sw.js', {
        scope: '/',
        updateViaCache: 'none',
      })
      if (left) return
      const look = () => {
        if (registration.waiting && navigator.serviceWorker.controller) setNewer(registration.waiting)
      }
      look()
      registration.addEventListener('updatefound', () =>
        registration.installing?.addEventListener('statechange', look),
      )
      timer = setInterval(() => void registration.update().catch(() => {}), LOOK_FOR_NEWER_MS)
    }
    void begin().catch(() => {})
    return () => {
      left = true
      clearInterval(timer)
    }
  }, [])
  return newer
}

function takeNewer(newer: ServiceWorker): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), { once: true })
  newer.postMessage({ take: true })
}

/** All stages of a job that is open are kept, and what is stored in it as it is stored. */
function keepJob(jobId: string): (() => void) | undefined {
  if (!pageCan.offline.can() || keptSince() !== null) return undefined
  const data = `/api/jobs/${jobId}`
  const ask = (keep: string[]) =>
    void navigator.serviceWorker.ready.then(({ active }) => active?.postMessage({ keep })).catch(() => {})
  const first = setTimeout(() => ask(stages.map(({ id }) => `/jobs/${jobId}/${id}`)), SETTLED_MS)
  let again = setTimeout(() => ask([data]), SETTLED_MS)
  const stop = onStoredJob((stored) => {
    if (stored !== jobId) return
    clearTimeout(again)
    again = setTimeout(() => ask([data]), SETTLED_MS)
  })
  return () => {
    stop()
    clearTimeout(first)
    clearTimeout(again)
  }
}

/** On pages beside the jobs: since when what they show is kept. */
function KeptPage({ job }: { job: boolean }) {
  const [since, setSince] = useState<number | null>(null)
  useEffect(() => setSince(keptSince()), [])
  if (since === null || job) return null
  return (
    <p role="alert" className="border-ink border-b bg-amber px-4 py-2 font-bold text-[#16201c]">
      {`Opened without the server: what stands here is kept since ${new Date(since).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' })}. Take every machine for live.`}
    </p>
  )
}
