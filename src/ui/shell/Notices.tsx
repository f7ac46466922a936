'use client'

import { useEffect } from 'react'
import { Toaster, toast } from 'sonner'

/** Passing notices; new texts arrive as a growing list. */
export function Notices({ texts }: { texts: string[] }) {
  const last = texts.at(-1)
  useEffect(() => {
    if (last && texts.length > 0) toast(last)
  }, [last, texts.length])
  return (
    <Toaster
      position="bottom-center"
      toastOptions={{
        className: '!rounded-[2px] !border-ink !bg-surface !text-ink !font-sans !text-[15px]',
        duration: 6000,
      }}
    />
  )
}
