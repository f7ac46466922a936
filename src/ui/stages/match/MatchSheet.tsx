'use client'

import { useMemo, useState } from 'react'
import { fieldText } from '@/core/job'
import { type MatchResult, ranked, type Sieve, sieved } from '@/core/match'
import { useJob } from '../../job/JobProvider'
import { countLine, Overview } from './Overview'
import { SheetTable } from './SheetTable'
import { SieveBar } from './SieveBar'
import type { SheetPart } from './sheetPart'

interface MatchSheetProps {
  what: 'motor' | 'capacitor'
  results: MatchResult[]
  parts: Map<string, SheetPart>
}

/** As many as can be read beside each other. */
const MOST = 4
/** The job's own candidates stay in sight while the others are leafed through, as long as there is room for one of those. */
const PINNED = MOST - 1
const EVERY: Sieve = { text: '', verdict: 'all', rule: '' }

/** One old part against up to four candidates: rules as rows, the work under each. */
export function MatchSheet({ what, results, parts }: MatchSheetProps) {
  const { snapshot } = useJob()
  const chosenId = fieldText(snapshot, 'choice', what)
  const [from, setFrom] = useState(0)
  const [sieve, setSieve] = useState<Sieve>({ text: '', verdict: 'usable', rule: '' })
  const [away, setAway] = useState<string[]>([])
  const kept = snapshot.candidates.filter((row) => row.part === what).map((row) => row.id)
  const order = useMemo(
    () =>
      ranked(results, (id) => ({
        price: parts.get(id)?.price ?? null,
        own: parts.get(id)?.own ?? false,
      })),
    [results, parts],
  )
  // So few stand beside each other at once: nothing to leaf through, nothing to sort.
  const few = results.length <= MOST
  const pinned = order.filter(({ id }) => kept.includes(id) && !away.includes(id)).slice(0, PINNED)
  const list = sieved(
    order.filter(({ id }) => !pinned.some((each) => each.id === id)),
    few ? EVERY : sieve,
    (id) => nameOf(parts.get(id)),
  )
  const room = MOST - pinned.length
  const start = Math.min(from, Math.max(0, list.length - 1))
  const shown = [...pinned, ...list.slice(start, start + room)]
  const beside = list.slice(start, start + room).length
  // Nothing to leaf through and nothing to sort: the sentence says where parts come from.
  if (results.length === 0) return <p data-testid="match-count">{countLine(results)}</p>
  return (
    <div>
      <div className="mb-2 flex flex-wrap items-center justify-between gap-2">
        <p data-testid="match-count">{countLine(results)}</p>
        {few ? null : (
          <div className="flex flex-wrap items-center gap-2">
            <button
              type="button"
              className="btn min-h-11"
              disabled={start === 0}
              onClick={() => setFrom(Math.max(0, start - room))}
            >
              Better
            </button>
            <span className="num text-sm">
              {list.length === 0 ? '0' : `${start + 1}–${start + beside} of ${list.length}`}
            </span>
            <button
              type="button"
              className="btn min-h-11"
              disabled={start + room >= list.length}
              onClick={() => setFrom(start + room)}
            >
              Further
            </button>
          </div>
        )}
      </div>
      {few ? null : (
        <SieveBar
          sieve={sieve}
          results={results}
          onChange={(next) => {
            setSieve(next)
            setFrom(0)
          }}
        />
      )}
      {kept.length > PINNED ? (
        <fieldset className="mb-2 flex flex-wrap items-center gap-1.5">
          <legend className="float-left mr-2 text-sm">In sight:</legend>
          {kept.map((id) => (
            <button
              key={id}
              type="button"
              className="chip"
              aria-pressed={pinned.some((each) => each.id === id)}
              onClick={() => setAway(away.includes(id) ? away.filter((each) => each !== id) : [...away, id])}
            >
              {parts.get(id)?.name || 'not named'}
            </button>
          ))}
        </fieldset>
      ) : null}
      <Overview results={results} parts={parts} />
      {shown.length > 0 ? (
        <SheetTable what={what} shown={shown} parts={parts} chosenId={chosenId} kept={kept} />
      ) : null}
    </div>
  )
}

const nameOf = (part: SheetPart | undefined): string =>
  part ? [part.name, part.maker, part.from].join(' ') : ''
