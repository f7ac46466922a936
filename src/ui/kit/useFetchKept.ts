'use client'

import { useEffect } from 'react'
import { fetchKept } from './whenReached'

/** Behind the load event, so that the first paint does not wait for it. */
const BEHIND_MS = 300

export function useFetchKept(): void {
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined
    const soon = () => {
      timer = setTimeout(() => void fetchKept(), BEHIND_MS)
    }
    if (document.readyState === 'complete') soon()
    else window.addEventListener('load', soon, { once: true })
    return () => {
      clearTimeout(timer)
      window.removeEventListener('load', soon)
    }
  }, [])
}
