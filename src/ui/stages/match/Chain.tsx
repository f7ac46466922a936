'use client'

import { useState } from 'react'
import { fieldText } from '@/core/job'
import { recordedLinks } from '@/core/job/motorMatch'
import { type ChainLink, chainFrom } from '@/core/match'
import { useJob } from '../../job/JobProvider'
import { TextField } from '../../kit/TextField'
import type { SheetPart } from './sheetPart'

/** Numbers that replace each other, drawn as a line with who says so; the person may record what the counter said. */
export function Chain({ parts }: { parts: Map<string, SheetPart> }) {
  const { snapshot, act, id } = useJob()
  const [open, setOpen] = useState(false)
  const old = fieldText(snapshot, 'motor-old', 'partNumber').trim()
  if (old === '') return null
  const declared = [...parts.values()].flatMap(({ motor, from }): ChainLink[] =>
    (motor?.replaces ?? []).map((number) => ({ from: number, to: motor?.partNumber ?? '', by: from })),
  )
  const chain = chainFrom(old, [...recordedLinks(snapshot), ...declared.filter(({ to }) => to !== '')])
  const set = (field: string) => (typed: string) =>
    act({ kind: 'field.set', id: id(), part: 'chain', field, typed })
  return (
    <div className="mt-4" data-testid="chain">
      <ol className="flex flex-wrap items-center gap-y-2" aria-label="Numbers that replace each other">
        <OldNumber text={old} note="on the old plate" />
        {chain.map(({ to, by }, index) => (
          <li key={to} className="flex items-center">
            <svg viewBox="0 0 44 16" className="h-4 w-11" aria-hidden="true" fill="none" stroke="var(--ink)">
              <path d="M2 8h38m-7 -5l7 5l-7 5" strokeWidth="1.6" />
            </svg>
            <Box text={to} note={`says ${by}`} newest={index === chain.length - 1} />
          </li>
        ))}
      </ol>
      <button
        type="button"
        className="btn btn-plain -ml-2"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        Somebody names a newer number
      </button>
      {open ? (
        <div className="grid max-w-xl grid-cols-2 gap-3">
          <TextField
            label="The number that replaces it"
            value={fieldText(snapshot, 'chain', 'number')}
            mono
            onType={set('number')}
          />
          <TextField
            label="Who says so"
            value={fieldText(snapshot, 'chain', 'by')}
            placeholder="the counter in town"
            onType={set('by')}
          />
        </div>
      ) : null}
    </div>
  )
}

const OldNumber = ({ text, note }: { text: string; note: string }) => (
  <li>
    <Box text={text} note={note} newest={false} />
  </li>
)

function Box({ text, note, newest }: { text: string; note: string; newest: boolean }) {
  return (
    <span className={`inline-block border px-2 py-1 ${newest ? 'border-2 border-teal' : 'border-ink'}`}>
      <b className="num block leading-tight">{text}</b>
      <span className="caption block leading-tight">{note}</span>
    </span>
  )
}
