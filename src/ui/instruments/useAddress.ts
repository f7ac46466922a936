'use client'

import { useCallback, useEffect, useState } from 'react'

export interface Address {
  get: (key: string) => string
  set: (key: string, value: string) => void
}

/** What is typed into an instrument stands in the address, so that it can be shared and kept. */
export function useAddress(): Address {
  const [values, setValues] = useState<Record<string, string>>({})
  useEffect(() => {
    setValues(Object.fromEntries(new URLSearchParams(window.location.search)))
  }, [])
  const set = useCallback((key: string, value: string) => {
    setValues((all) => {
      const next = { ...all, [key]: value }
      if (value === '') delete next[key]
      const query = new URLSearchParams(next).toString()
      window.history.replaceState(null, '', query ? `?${query}` : window.location.pathname)
      return next
    })
  }, [])
  return { get: (key) => values[key] ?? '', set }
}
