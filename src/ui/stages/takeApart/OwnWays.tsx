'use client'

import { useEffect, useState } from 'react'
import type { OwnWay } from '@/core/job/ledger/ownWay'
import { useJob } from '../../job/JobProvider'

/** Ways in that were kept at other machines of this kind: each with its name, its machine and its day, one tap to begin with. */
export function OwnWays({ instead }: { instead: boolean }) {
  const { snapshot, act, id, day } = useJob()
  const ways = useKeptWays(snapshot.job.id)
  if (ways.length === 0) return null
  return (
    <>
      <h3 className="mt-3 font-bold mid:mt-5">Or as you did it before</h3>
      <ul data-testid="own-ways">
        {ways.map(({ jobId, name, machine, openedAt, replaced, lines }) => (
          <li
            key={jobId}
            className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 border-line border-b py-1.5"
          >
            <p>
              <b className="block">{name}</b>
              <span className="caption">{`${machine}, ${day(openedAt)}`}</span>
            </p>
            <button
              type="button"
              className="btn"
              aria-label={`Begin with: ${name}`}
              onClick={() =>
                act({
                  kind: 'ledger.own',
                  ids: Array.from({ length: lines.length + 1 }, id),
                  replaced,
                  lines: lines.map((line) => ({ line })),
                  ...(instead ? { instead } : {}),
                })
              }
            >
              {`${lines.length} lines`}
            </button>
          </li>
        ))}
      </ul>
    </>
  )
}

/** What the household kept; none while the server is away. */
function useKeptWays(jobId: string): OwnWay[] {
  const [ways, setWays] = useState<OwnWay[]>([])
  useEffect(() => {
    const abort = new AbortController()
    const read = async () => {
      const response = await fetch(`/api/jobs/${jobId}/ways`, { cache: 'no-store', signal: abort.signal })
      const answer: { ways?: OwnWay[] } = response.ok ? await response.json() : {}
      setWays(answer.ways ?? [])
    }
    read().catch(() => undefined)
    return () => abort.abort()
  }, [jobId])
  return ways
}
