'use client'

import Link from 'next/link'
import { mayHaveBeenOut, partsOut } from '@/core/job'
import { useJob } from '../../job/JobProvider'

/** Why hands-in acts are greyed, what lies on the bench, and the ways on. */
export function GateLine() {
  const { snapshot, energy, act, id, gate } = useJob()
  const { job } = snapshot
  const out = partsOut(snapshot)
  const missing = mayHaveBeenOut(snapshot)
  const stored = out.length > 0 ? gate({ kind: 'bench', part: out[0] ?? 'motor' }) : null
  if (energy.handsIn && out.length === 0) return null
  return (
    <div className="rule-top py-3" data-testid="gate">
      {out.length > 0 ? (
        <p className="mb-2 leading-snug" data-testid="bench">
          <b>{`On the bench: ${out.join(', ')}.`}</b> Readings of it need no isolation; everything on the
          machine does. {stored ? `Before it is touched: ${stored}.` : ''}
        </p>
      ) : null}
      {!energy.handsIn ? (
        <div className="flex flex-wrap items-center gap-3">
          <p className="min-w-0 flex-1 basis-56 leading-snug">
            <b>Hands stay out.</b>{' '}
            {energy.missing[0] ? `${sentence(energy.missing[0])}` : 'The power may be on.'} Acts inside the
            machine open when it is proved dead, discharged and waited.
          </p>
          <Link href={`/jobs/${job.id}/make-dead`} className="btn btn-main">
            Make dead
          </Link>
        </div>
      ) : null}
      <fieldset className="mt-2 flex flex-wrap items-center gap-2">
        <legend className="sr-only">Parts that were out before this job began</legend>
        {missing.length > 0 && !energy.handsIn ? (
          <>
            <span className={`text-sm ${job.benchAsks ? 'font-bold' : ''}`}>
              {job.benchAsks
                ? 'This job said that the part lies on the bench. Which part was out before it began?'
                : 'Was a part out of the machine before this job began?'}
            </span>
            {missing.map((part) => (
              <button
                key={part}
                type="button"
                className="chip"
                onClick={() => act({ kind: 'part.out', id: id(), part })}
              >
                {`the ${part} was out`}
              </button>
            ))}
            {job.benchAsks ? (
              <button type="button" className="chip" onClick={() => act({ kind: 'bench.answered' })}>
                none was
              </button>
            ) : null}
          </>
        ) : null}
        {snapshot.outParts
          .filter((row) => !row.backAt)
          .map((row) => (
            <button
              key={row.id}
              type="button"
              className="chip"
              onClick={() => act({ kind: 'part.back', id: row.id })}
            >
              {`the ${row.part} is back in the machine`}
            </button>
          ))}
      </fieldset>
    </div>
  )
}

const sentence = (text: string): string =>
  `${text[0]?.toUpperCase()}${text.slice(1)}${/[.?]$/.test(text) ? '' : '.'}`
