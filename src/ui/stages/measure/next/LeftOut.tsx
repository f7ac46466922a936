'use client'

import type { LeftOut as Why } from '@/core/job'
import { shortLabels } from '@/core/knowledge/valueLabels'
import { useJob } from '../../../job/JobProvider'

const words: Record<Why, string> = {
  declined: 'declined',
  'not-possible': 'not possible here',
  unknown: 'cannot tell',
}

/** Tests the person left out, each with why; a tap takes it back in. */
export function LeftOut() {
  const { snapshot, act, id } = useJob()
  if (snapshot.declined.length === 0) return null
  return (
    <p className="caption flex flex-wrap items-center gap-x-3" data-testid="left-out">
      Left out:
      {snapshot.declined.map((row) => (
        <button
          key={row.id}
          type="button"
          className="min-h-9 underline"
          title="Take it back in"
          aria-label={`Take back in: ${shortLabels[row.observation]}`}
          onClick={() => act({ kind: 'declined.set', id: id(), observation: row.observation, on: false })}
        >
          {`${shortLabels[row.observation].toLowerCase()} (${words[row.why]})`}
        </button>
      ))}
    </p>
  )
}
