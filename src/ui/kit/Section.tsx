import type { ReactNode } from 'react'
import type { StagePart } from '@/core/job/phone/stageFocus'
import { usePartClass } from './focus'

interface SectionProps {
  title: string
  aside?: ReactNode
  children: ReactNode
  id?: string
  /** Its name among the parts of a stage: a phone shows those that are next. */
  part?: StagePart
}

/** A part of a work surface: a rule above, a title left, what belongs to it right. */
export function Section({ title, aside, children, id, part }: SectionProps) {
  const shown = usePartClass(part)
  return (
    <section className={`rule-top py-4 first:border-t-0 ${shown}`} aria-label={title} id={id}>
      <div className="mb-2 flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1">
        <h2 className="text-[1.05rem]">{title}</h2>
        {aside ? <div className="caption">{aside}</div> : null}
      </div>
      {children}
    </section>
  )
}
