import type { ReactNode } from 'react'
import { FoldOnPhone } from './FoldOnPhone'

interface FoldSectionProps {
  title: string
  aside: string
  children: ReactNode
}

/** A part that is always there: on a phone one line that opens on a tap, elsewhere as any other. */
export function FoldSection({ title, aside, children }: FoldSectionProps) {
  return (
    <section className="rule-top first:border-t-0 mid:py-4" aria-label={title}>
      <FoldOnPhone title={title} aside={aside}>
        {children}
      </FoldOnPhone>
    </section>
  )
}
