'use client'

import { type ReactNode, useId, useState } from 'react'

interface FoldOnPhoneProps {
  title: string
  /** Begins unfolded: something stands in it already. */
  open?: boolean
  /** It is a part of the page with a heading of its own, which stands where it is not folded. */
  aside?: string
  children: ReactNode
}

/** What is wanted now and then: on a phone one line that opens on a tap, elsewhere always there. */
export function FoldOnPhone({ title, open: opened = false, aside, children }: FoldOnPhoneProps) {
  const [open, setOpen] = useState(opened)
  const body = useId()
  return (
    <div className={aside === undefined ? 'mt-2' : ''}>
      <button
        type="button"
        className={`flex w-full items-center justify-between gap-3 text-left mid:hidden ${aside === undefined ? 'min-h-11 font-semibold' : 'font-bold'}`}
        aria-expanded={open}
        aria-controls={body}
        onClick={() => setOpen(!open)}
      >
        {title}
        <span aria-hidden="true">{open ? '▴' : '▾'}</span>
      </button>
      <div id={body} className={`${open ? '' : 'hidden'} mid:block`}>
        {aside === undefined ? null : (
          <div className="mb-2 flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1">
            <h2 className="hidden text-[1.05rem] mid:block">{title}</h2>
            <p className="caption">{aside}</p>
          </div>
        )}
        {children}
      </div>
    </div>
  )
}
