'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { atHand } from '../../kit/whenReached'

const ReadingLine = dynamic(
  atHand(() => import('./ReadingLine').then((module) => module.ReadingLine)),
  // Not drawn by the server: a “strike” that is seen before its script is there would take a tap and do nothing.
  { ssr: false, loading: () => null },
)
const History = dynamic(
  atHand(() => import('../../pieces/CapacitanceHistory').then((module) => module.CapacitanceHistory)),
  {
    ssr: false,
  },
)

/** Every reading with its points, state and time. One that does not count is struck with a reason, never deleted. */
export function ReadingList() {
  const { snapshot, day } = useJob()
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
      {history ? <History machineId={snapshot.machine.id} day={day} /> : null}
    </Section>
  )
}
