import type { ReactNode } from 'react'

interface SectionProps {
  title: string
  aside?: ReactNode
  children: ReactNode
  id?: string
}

/** A part of a work surface: a rule above, a title left, what belongs to it right. */
export function Section({ title, aside, children, id }: SectionProps) {
  return (
    <section className="rule-top py-4 first:border-t-0" aria-label={title} id={id}>
      <div className="mb-2 flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1">
        <h2 className="text-[1.05rem]">{title}</h2>
        {aside ? <div className="caption">{aside}</div> : null}
      </div>
      {children}
    </section>
  )
}
