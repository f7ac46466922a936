'use client'

import { type ReactNode, useId, useState } from 'react'
import type { StagePart } from '@/core/job/phone/stageFocus'
import { usePartClass } from './focus'

interface SectionProps {
  title: string
  aside?: ReactNode
  children: ReactNode
  id?: string
  /** Its name among the parts of a stage: a phone shows those that are next. */
  part?: StagePart
  /** On a phone it stands as one line that opens on a tap. */
  folds?: boolean
}

/** A part of a work surface: a rule above, a title left, what belongs to it right. */
export function Section({ title, aside, children, id, part, folds = false }: SectionProps) {
  const shown = usePartClass(part)
  const [open, setOpen] = useState(false)
  const body = useId()
  if (folds)
    return (
      <section className={`rule-top py-0 first:border-t-0 mid:py-4 ${shown}`} aria-label={title} id={id}>
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
          <Heading title={title} aside={aside} />
          {children}
        </div>
      </section>
    )
  return (
    <section className={`rule-top py-4 first:border-t-0 ${shown}`} aria-label={title} id={id}>
      <Heading title={title} aside={aside} />
      {children}
    </section>
  )
}

const Heading = ({ title, aside }: Pick<SectionProps, 'title' | 'aside'>) => (
  <div className="mb-2 flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1">
    <h2 className="text-[1.05rem]">{title}</h2>
    {aside ? <div className="caption">{aside}</div> : null}
  </div>
)
