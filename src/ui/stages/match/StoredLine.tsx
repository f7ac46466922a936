'use client'

import Link from 'next/link'
import type { Stored } from './useStored'

/** How far the person's own lists are judged; it can be broken off. */
export function StoredLine({ stored }: { stored: Stored }) {
  const { progress, running, failed, cancel, again } = stored
  if (failed)
    return (
      <p className="caption mb-2" role="status">
        Your own lists could not be judged just now.{' '}
        <button type="button" className="text-teal underline" onClick={again}>
          Try again
        </button>
      </p>
    )
  if (!progress) return null
  if (progress.total === 0)
    return (
      <p className="caption mb-2">
        Parts on your own shelf and lists of your shops are kept under{' '}
        <Link href="/shelf" className="text-teal underline">
          Shelf
        </Link>
        .
      </p>
    )
  return (
    <div className="mb-2 flex flex-wrap items-center gap-3 text-sm" role="status" data-testid="stored-match">
      {running && progress.done < progress.total ? (
        <>
          <progress
            className="h-2 w-40 accent-[var(--teal)]"
            value={progress.done}
            max={progress.total}
            aria-label="Your lists are judged"
          />
          <button type="button" className="btn" onClick={cancel}>
            Stop
          </button>
        </>
      ) : null}
      <span>
        {`Of ${progress.done.toLocaleString('en')} in your own lists ${progress.serve} serve by what is known, ${progress.untold} might, ${progress.cannot.toLocaleString('en')} cannot.${progress.done < progress.total && !running ? ` ${(progress.total - progress.done).toLocaleString('en')} were not looked at.` : ''}`}
      </span>
    </div>
  )
}
