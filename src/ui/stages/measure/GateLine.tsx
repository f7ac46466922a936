'use client'

import Link from 'next/link'
import { useJob } from '../../job/JobProvider'

/** Why hands-in readings are greyed, and the two ways on. */
export function GateLine() {
  const { snapshot, energy, act } = useJob()
  const { job } = snapshot
  if (job.bench) {
    return (
      <p className="rule-top flex flex-wrap items-center gap-3 py-2 text-sm" data-testid="bench">
        <b>The part lies on the bench:</b> its readings need no isolation.
        <button type="button" className="underline" onClick={() => act({ kind: 'job.bench', on: false })}>
          It is back in the machine
        </button>
      </p>
    )
  }
  if (energy.handsIn) return null
  return (
    <div className="rule-top flex flex-wrap items-center gap-3 py-3" data-testid="gate">
      <p className="min-w-56 flex-1 leading-snug">
        <b>Hands stay out.</b> {energy.missing[0] ? `${energy.missing[0]}.` : 'The power may be on.'} Readings
        inside the machine open when it is proved dead, discharged and waited.
      </p>
      <Link href={`/jobs/${job.id}/make-dead`} className="btn btn-main">
        Make dead
      </Link>
      <button type="button" className="btn" onClick={() => act({ kind: 'job.bench', on: true })}>
        The part is out, on the bench
      </button>
    </div>
  )
}
