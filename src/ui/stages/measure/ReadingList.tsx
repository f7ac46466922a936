'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import type { ReadingRow } from '@/core/job'
import { formatOhm, significant } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { TextField } from '../../kit/TextField'
import { atHand } from '../../kit/whenReached'

const History = dynamic(
  atHand(() => import('./History').then((module) => module.History)),
  {
    ssr: false,
  },
)

const units = { capacitance: 'µF', resistance: 'Ω', 'to-frame': 'Ω', supply: 'V' }

export function shownReading(row: ReadingRow): string {
  if (row.over) return 'over-range'
  if (row.value === null) return row.typed
  return row.kind === 'resistance' || row.kind === 'to-frame'
    ? formatOhm(row.value)
    : `${significant(row.value, 4)} ${units[row.kind]}`
}

/** Where the probes were: "white to black", "capacitor", "HERM". */
export const pointsOf = ({ pointA, pointB }: Pick<ReadingRow, 'pointA' | 'pointB'>) =>
  [pointA === 'single' ? 'capacitor' : pointA, pointB].filter(Boolean).join(' to ')

/** Every reading with its points, state and time. One that does not count is struck with a reason, never deleted. */
export function ReadingList() {
  const { snapshot } = useJob()
  const [history, setHistory] = useState(false)
  const rows = snapshot.readings
  return (
    <Section title="All readings" aside={`${rows.length} kept`}>
      {rows.length === 0 ? <p className="caption">None yet.</p> : null}
      <ul data-testid="readings">
        {rows.map((row) => (
          <ReadingLine key={row.id} row={row} />
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-plain -ml-2 mt-2 text-sm"
        aria-expanded={history}
        onClick={() => setHistory(!history)}
      >
        {history ? 'Close the history' : 'History of this machine'}
      </button>
      {history ? <History machineId={snapshot.machine.id} /> : null}
    </Section>
  )
}

function ReadingLine({ row }: { row: ReadingRow }) {
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
