'use client'

import { useState } from 'react'
import type { LedgerRow } from '@/core/job'
import { standingTemporary } from '@/core/job/proving/power'
import { shortSteps } from '@/core/job/proving/shortSteps'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { TextField } from '../../kit/TextField'
import { Tick } from '../../kit/Tick'

/** Taking the tape off the door switch after the watched start: one short isolation, each step recorded. */
export function ShortIsolation() {
  const { snapshot } = useJob()
  const lines = snapshot.ledger.filter(
    (line) =>
      line.switchKind === 'door' &&
      (standingTemporary(snapshot).includes(line) || (line.shortStep > 0 && line.shortStep < 4)),
  )
  if (snapshot.job.phase !== 'live-test' || lines.length === 0) return null
  return (
    <Section
      part="always"
      title="Tape off the door switch"
      aside="a short isolation; the hand touches the tape only"
    >
      {lines.map((line) => (
        <Steps key={line.id} line={line} />
      ))}
    </Section>
  )
}

function Steps({ line }: { line: LedgerRow }) {
  const { act } = useJob()
  const [by, setBy] = useState(line.shortBy)
  return (
    <div className="py-2">
      <TextField
        className="max-w-md"
        label="Which switch, plug or disconnect outside the cabinet is off"
        value={by}
        placeholder="the plug behind the furnace"
        onType={setBy}
      />
      <ol className="mt-1">
        {shortSteps.map((step, index) => (
          <li key={step} className="flex items-center gap-2">
            <Tick
              label={step}
              on={line.shortStep > index}
              disabled={line.shortStep !== index || by.trim().length < 3}
              onChange={() =>
                act({ kind: 'short.step', id: line.id, step: (index + 1) as 1 | 2 | 3 | 4, by })
              }
            />
            <span>{step}</span>
          </li>
        ))}
      </ol>
      <p className="caption max-w-[70ch]">
        Where the only isolator sits inside the cabinet, this way is closed: switch off, go back to work, and
        prove it dead before the tape comes off.
      </p>
    </div>
  )
}
