'use client'

import { type ReactNode, useId, useState } from 'react'

interface FoldOnPhoneProps {
  title: string
  /** Begins unfolded: something stands in it already. */
  open?: boolean
  children: ReactNode
}

/** What is wanted now and then: on a phone one line that opens on a tap, elsewhere always there. */
export function FoldOnPhone({ title, open: opened = false, children }: FoldOnPhoneProps) {
  const [open, setOpen] = useState(opened)
  const body = useId()
  return (
    <div className="mt-2">
      <button
        type="button"
        className="flex min-h-11 w-full items-center justify-between gap-3 text-left font-semibold mid:hidden"
        aria-expanded={open}
        aria-controls={body}
        onClick={() => setOpen(!open)}
      >
        {title}
        <span aria-hidden="true">{open ? '▴' : '▾'}</span>
      </button>
      <div id={body} className={`${open ? '' : 'hidden'} mid:block`}>
        {children}
      </div>
    </div>
  )
}
