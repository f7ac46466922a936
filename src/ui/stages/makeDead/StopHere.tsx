'use client'

import { useJob } from '../../job/JobProvider'
import { Unsure } from '../../kit/Unsure'

/** What helps somebody who is not sure of a step; the last way out is always to stop here and have it done. */
export function StopHere({ label, lines }: { label?: string; lines: readonly string[] }) {
  const { act, id } = useJob()
  return (
    <Unsure className="mt-2" {...(label ? { label } : {})}>
      <ul className="ml-4 list-disc space-y-1">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
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
