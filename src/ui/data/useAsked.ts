'use client'

import { useState } from 'react'

/** One thing at a time is asked of the server; what it refuses stands beside it. */
export function useAsked() {
  const [busy, setBusy] = useState(false)
  const [error, setError] = useState('')
  const [done, setDone] = useState('')
  const run = async (work: () => Promise<string>) => {
    setBusy(true)
    setError('')
    setDone('')
    try {
      setDone(await work())
    } catch (failure) {
      setError(failure instanceof Error ? failure.message : 'Nothing was changed.')
    }
    setBusy(false)
  }
  return { busy, error, done, run }
}
