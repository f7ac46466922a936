'use client'

import { useRouter } from 'next/navigation'
import { useEffect } from 'react'

const SOON_MS = 1000

/** Something of this page is still being worked out on the server: it is read again until it is there. */
export function AgainSoon() {
  const router = useRouter()
  useEffect(() => {
    const again = setInterval(() => router.refresh(), SOON_MS)
    return () => clearInterval(again)
  }, [router])
  return null
}
