'use client'

import { useEffect, useState } from 'react'
import { serverTime } from '../kit/serverClock'
import { useJob } from './JobProvider'

/** A page reopened while a proof stands asks once whether anything has been switched on since. */
export function ProofQuestion() {
  const { snapshot, energy, act } = useJob()
  const [ask, setAsk] = useState(false)
  const key = `rest-cog/proof-seen/${snapshot.job.id}`
  const { provenAt } = energy
  useEffect(() => {
    // The tab that made the proof has seen it; another tab, or a browser opened again, has not.
    if (provenAt === null) return
    if (sessionStorage.getItem(key) !== provenAt) setAsk(serverTime() - Date.parse(provenAt) > 60_000)
    if (serverTime() - Date.parse(provenAt) <= 60_000) sessionStorage.setItem(key, provenAt)
  }, [key, provenAt])
  if (!ask || energy.state !== 'proven-dead') return null
  return (
    <section
      aria-label="Proof"
      className="flex flex-wrap items-center gap-3 border-ink border-b bg-surface px-5 py-2"
      data-testid="proof-question"
    >
      <p className="font-bold">Has anything been switched on since it was proved dead?</p>
      <button
        type="button"
        className="btn"
        onClick={() => {
          sessionStorage.setItem(key, provenAt ?? '')
          setAsk(false)
        }}
      >
        No, nothing
      </button>
      <button
        type="button"
        className="btn btn-stop"
        onClick={() => act({ kind: 'proof.void', reason: 'something was switched on' })}
      >
        Yes, or not sure: prove again
      </button>
    </section>
  )
}
