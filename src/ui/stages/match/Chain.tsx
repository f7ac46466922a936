'use client'

import { useState } from 'react'
import { fieldText } from '@/core/job'
import { chainOf, linkField, MOST_LINKS, recordedLinks } from '@/core/job/parts/motorMatch'
import type { ChainLink } from '@/core/match'
import { useJob } from '../../job/JobProvider'
import { TextField } from '../../kit/TextField'
import type { SheetPart } from './sheetPart'

/** Numbers that replace each other, drawn as a line with who says so; the person may record what the counter said. */
export function Chain({ parts }: { parts: Map<string, SheetPart> }) {
  const { snapshot } = useJob()
  const [open, setOpen] = useState(false)
  const old = fieldText(snapshot, 'motor-old', 'partNumber').trim()
  if (old === '') return null
  const declared = [...parts.values()].flatMap(({ motor, from }): ChainLink[] =>
    (motor?.replaces ?? []).map((number) => ({ from: number, to: motor?.partNumber ?? '', by: from })),
  )
  const chain = chainOf(
    snapshot,
    declared.filter(({ to }) => to !== ''),
  )
  const newest = chain.at(-1)?.to ?? old
  const said = recordedLinks(snapshot).length
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
        <div>
          {Array.from({ length: Math.min(MOST_LINKS, said + 1) }, (_, index) => (
            <LinkFields key={linkField(index, 'number')} index={index} newest={newest} />
          ))}
        </div>
      ) : null}
    </div>
  )
}

/** One step that somebody named: from which number, to which, by whom. A new one goes on from the newest. */
function LinkFields({ index, newest }: { index: number; newest: string }) {
  const { snapshot, act, id } = useJob()
  const value = (field: LinkPart) => fieldText(snapshot, 'chain', linkField(index, field))
  const set = (field: LinkPart, typed: string) =>
    act({ kind: 'field.set', id: id(), part: 'chain', field: linkField(index, field), typed })
  const begins = value('number') === '' && value('from') === ''
  return (
    <div className="grid max-w-2xl grid-cols-1 gap-3 border-line border-b py-2 mid:grid-cols-3">
      <TextField
        label="This number"
        value={value('from')}
        placeholder={newest}
        mono
        onType={(typed) => set('from', typed)}
      />
      <TextField
        label="is replaced by"
        value={value('number')}
        mono
        onType={(typed) => {
          // What it goes on from is written down with it, so that a later list does not move it.
          if (begins && typed !== '') set('from', newest)
          set('number', typed)
        }}
      />
      <TextField
        label="Who says so"
        value={value('by')}
        placeholder="the counter in town"
        onType={(typed) => set('by', typed)}
      />
    </div>
  )
}

type LinkPart = Parameters<typeof linkField>[1]

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
