'use client'

import { type ReactNode, useId, useState } from 'react'

interface UnsureProps {
  children: ReactNode
  /** What stands on the button. */
  label?: string
  className?: string
}

/** “Not sure” is an answer: what helps then stands at once below it, and nothing is stored. */
export function Unsure({ children, label = 'not sure', className = '' }: UnsureProps) {
  const [open, setOpen] = useState(false)
  const id = useId()
  return (
    <div className={className}>
      <button
        type="button"
        className="chip"
        aria-expanded={open}
        aria-controls={id}
        onClick={() => setOpen(!open)}
      >
        {label}
      </button>
      <div id={id} role="status" className={open ? 'mt-1.5 max-w-[70ch] border-ink border-l-2 pl-3' : ''}>
        {open ? children : null}
      </div>
    </div>
  )
}
