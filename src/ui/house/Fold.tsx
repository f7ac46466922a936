'use client'

import { type ReactNode, useState } from 'react'

interface FoldProps {
  /** The words on the button that opens it. */
  label: string
  /** It closes what it has opened. */
  children: (close: () => void) => ReactNode
}

/** A form behind one button: it is there when it is wanted, and gone when it was sent. */
export function Fold({ label, children }: FoldProps) {
  const [open, setOpen] = useState(false)
  return (
    <div className="no-print mt-2">
      <button type="button" className="btn" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Close' : label}
      </button>
      {open ? <div className="mt-3 border-line border-t pt-3">{children(() => setOpen(false))}</div> : null}
    </div>
  )
}
