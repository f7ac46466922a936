'use client'

import { useSyncExternalStore } from 'react'

const QUERY = '(max-width: 639px)'

function subscribe(changed: () => void): () => void {
  const media = window.matchMedia(QUERY)
  media.addEventListener('change', changed)
  return () => media.removeEventListener('change', changed)
}

/** Whether the page is as narrow as a phone; the server draws the wide one. */
export const useNarrow = (): boolean =>
  useSyncExternalStore(
    subscribe,
    () => window.matchMedia(QUERY).matches,
    () => false,
  )
