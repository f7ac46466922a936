'use client'

import type { ReactNode } from 'react'
import { useJob } from '../../job/JobProvider'
import { Unsure } from '../../kit/Unsure'

interface StopHereProps {
  label?: string
  className?: string
  lines: readonly string[]
  /** What may be done instead. */
  children?: ReactNode
}

/** What helps somebody who is not sure of a step; the last way out is always to stop here and have it done. */
export function StopHere({ label, className = 'mt-2', lines, children }: StopHereProps) {
  const { act, id } = useJob()
  return (
    <Unsure className={className} {...(label ? { label } : {})}>
      <ul className="ml-4 list-disc space-y-1">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {children}
      <button
        type="button"
        className="btn mt-2"
        onClick={() => act({ kind: 'stop.raise', id: id(), rule: 'not-sure', note: 'at the proof' })}
      >
        Stop here: somebody else does it
      </button>
    </Unsure>
  )
}
