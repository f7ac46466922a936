'use client'

import { type ReactNode, useId, useState } from 'react'

interface FoldSectionProps {
  title: string
  aside: string
  children: ReactNode
}

/** A part that is always there: on a phone one line that opens on a tap, elsewhere as any other. */
export function FoldSection({ title, aside, children }: FoldSectionProps) {
  const [open, setOpen] = useState(false)
  const body = useId()
  return (
    <section className="rule-top first:border-t-0 mid:py-4" aria-label={title}>
      <button
        type="button"
        className="flex w-full items-center justify-between gap-3 text-left font-bold mid:hidden"
        aria-expanded={open}
        aria-controls={body}
        onClick={() => setOpen(!open)}
      >
        {title}
        <span aria-hidden="true">{open ? '▴' : '▾'}</span>
      </button>
      <div id={body} className={`${open ? '' : 'hidden'} mid:block`}>
        <div className="mb-2 flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1">
          <h2 className="hidden text-[1.05rem] mid:block">{title}</h2>
          <p className="caption">{aside}</p>
        </div>
        {children}
      </div>
    </section>
  )
}
