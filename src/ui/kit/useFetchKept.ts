'use client'

import { useEffect } from 'react'
import { fetchKept } from './whenReached'

/** Well behind the load event, so that a slow device has drawn the page and answers before anything else is fetched. */
const BEHIND_MS = 1500

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
