'use client'

import { useState } from 'react'
import { traceOfJob } from '@/core/job/acts/traceOfJob'
import { type FastenerLook, headNames, lookOf } from '@/core/refit/fastenerLook'
import type { TraceLine } from '@/core/refit/trace'
import { useJob } from '../../job/JobProvider'
import { SelectField, TextField } from '../../kit/TextField'
import { MarkedPhoto } from '../../photos/MarkedPhoto'

const lengths = [
  { value: 'short', label: 'short' },
  { value: 'long', label: 'long' },
]
const nothing: FastenerLook = { head: '', size: '', length: '' }

/** A screw in the hand at the end, or one too few: the lines it may belong to, nearest first, with what would come off again. */
export function Leftover() {
  const { snapshot } = useJob()
  const [open, setOpen] = useState<'left' | 'missing' | null>(null)
  const [seen, setSeen] = useState<FastenerLook>(nothing)
  const [size, setSize] = useState('')
  const found = traceOfJob(snapshot, { ...seen, size: lookOf(size).size })
  const ask = (which: 'left' | 'missing') => setOpen(open === which ? null : which)
  return (
    <div className="mt-4" data-testid="leftover">
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn" aria-expanded={open === 'left'} onClick={() => ask('left')}>
          A screw is left over
        </button>
        <button
          type="button"
          className="btn"
          aria-expanded={open === 'missing'}
          onClick={() => ask('missing')}
        >
          One is missing
        </button>
      </div>
      {open ? (
        <div className="mt-3 max-w-3xl">
          <div className="grid gap-3 mid:grid-cols-3">
            <SelectField
              label="Its head shows"
              value={seen.head}
              empty="cannot tell"
              options={Object.entries(headNames).map(([value, label]) => ({ value, label }))}
              onChoose={(head) => setSeen({ ...seen, head: lookHead(head) })}
            />
            <TextField
              label="The driver that fits it"
              value={size}
              placeholder="1/4, T20, 5 mm"
              onType={setSize}
            />
            <SelectField
              label="It is"
              value={seen.length}
              empty="neither long nor short"
              options={lengths}
              onChoose={(length) =>
                setSeen({ ...seen, length: length === 'short' || length === 'long' ? length : '' })
              }
            />
          </div>
          <p className="mt-3">
            {found.length === 0
              ? 'No line of the ledger has a fastener of that look. Look at its photos, and at what was missing when you came.'
              : open === 'left'
                ? 'It may belong to one of these, the nearest first.'
                : 'One of these may want it. Look in its cup, on the floor, and in the housing: turn the wheel by hand before there is power, it must not catch or rattle.'}
          </p>
          {found.some(({ reopen }) => reopen.length > 0) ? (
            <p className="caption mt-1">Nothing comes off again before the machine is proved dead anew.</p>
          ) : null}
          <ol className="mt-1">
            {found.map((line) => (
              <Traced key={line.lineId} line={line} />
            ))}
          </ol>
        </div>
      ) : null}
    </div>
  )
}

const lookHead = (head: string): FastenerLook['head'] =>
  (Object.keys(headNames) as (keyof typeof headNames)[]).find((each) => each === head) ?? ''

function Traced({ line }: { line: TraceLine }) {
  const { snapshot } = useJob()
  const photo = snapshot.photos.find(({ lineId }) => lineId === line.lineId)
  return (
    <li className="flex items-start gap-3 border-line border-b py-2">
      {photo ? (
        <MarkedPhoto hash={photo.hash} marks={photo.marks} alt={line.part} className="h-16 w-20 shrink-0" />
      ) : null}
      <p>
        <b>{line.part}</b>
        {`: ${line.count} ${line.fastener || 'fasteners'}${line.cup ? `, cup ${line.cup}` : ''}. `}
        <span className="caption block">
          {line.back
            ? line.reopen.length > 0
              ? `It is closed: to look there, take off again ${line.reopen.join(', then ')}.`
              : 'It is back, and nothing lies over it.'
            : 'It is still open.'}
        </span>
      </p>
    </li>
  )
}
