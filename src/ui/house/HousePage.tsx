import Link from 'next/link'
import type { ReactNode } from 'react'
import { HouseWork } from './HouseWork'

/** The frame of a page below the household. */
export function HousePage({ title, lead, children }: { title: string; lead: string; children: ReactNode }) {
  return (
    <HouseWork>
      <main id="work" className="mx-auto max-w-[1180px] px-4 pt-6 pb-16 [overflow-wrap:anywhere] mid:px-5">
        <p className="caption no-print">
          <Link
            href="/household"
            className="inline-flex min-h-11 items-center text-teal underline mid:min-h-0"
          >
            Household
          </Link>
        </p>
        <h1 className="text-2xl">{title}</h1>
        <p className="no-print mt-1 max-w-[72ch]">{lead}</p>
        {children}
      </main>
    </HouseWork>
  )
}
