'use client'

import Link from 'next/link'
import { contradictionsOf } from '@/core/job'
import { useJob } from './JobProvider'

/** Two readings that cannot both be true: which they are, and that the machine counts as live until they are read again. */
export function Contradicted() {
  const { snapshot } = useJob()
  const [first] = contradictionsOf(snapshot)
  if (!first || snapshot.job.status === 'closed') return null
  return (
    <section role="alert" className="border-stop border-b-4 bg-surface px-5 py-3" data-testid="contradicted">
      <p className="max-w-[90ch] font-bold">{first.text}</p>
      <Link className="btn mt-2" href={`/jobs/${snapshot.job.id}/measure#supply`}>
        To the two readings
      </Link>
    </section>
  )
}
