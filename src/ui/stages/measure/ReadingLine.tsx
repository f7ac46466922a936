'use client'

import { useState } from 'react'
import type { ReadingRow } from '@/core/job'
import { useJob } from '../../job/JobProvider'
import { TextField } from '../../kit/TextField'
import { pointsOf, shownReading } from './readingWords'

/** One reading: where the probes were, what they showed, when; struck with its reason where it does not count. */
export function ReadingLine({ row }: { row: ReadingRow }) {
  const { act, clock, day } = useJob()
  const [striking, setStriking] = useState(false)
  const [reason, setReason] = useState('')
  const struck = row.struckAt !== null
  return (
    <li className="border-line border-b py-1 text-[0.95rem]">
      <div className="flex flex-wrap items-center gap-x-4">
        <span className={`min-w-40 flex-1 ${struck ? 'text-soft line-through' : ''}`}>
          {pointsOf(row)}
          {row.part === 'new' ? ', new part' : ''}
        </span>
        <span className={`num ${struck ? 'text-soft line-through' : ''}`}>{shownReading(row)}</span>
        <span className="num caption w-52 text-right">{`${row.live ? 'live' : 'dead'}, ${day(row.at)} ${clock(row.at)}`}</span>
        {struck ? (
          <span className="caption w-20 text-right">struck</span>
        ) : (
          <button
            type="button"
            className="btn btn-plain min-h-9 w-20 text-sm"
            aria-expanded={striking}
            onClick={() => setStriking(!striking)}
          >
            strike
          </button>
        )}
      </div>
      {struck ? <p className="caption">{row.strikeReason}</p> : null}
      {striking && !struck ? (
        <div className="flex max-w-xl items-end gap-2 pb-2">
          <TextField
            className="flex-1"
            label="Why does it not count?"
            value={reason}
            placeholder="a wire was still on"
            onType={setReason}
          />
          <button
            type="button"
            className="btn"
            disabled={reason.trim().length < 3}
            onClick={() => act({ kind: 'reading.strike', id: row.id, reason })}
          >
            Strike it
          </button>
        </div>
      ) : null}
    </li>
  )
}
