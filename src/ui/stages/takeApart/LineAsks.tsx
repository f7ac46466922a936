'use client'

import { useState } from 'react'
import type { LedgerRow } from '@/core/job'
import { openOf } from '@/core/job/ledger/ledgerFigures'
import { lengthsOf } from '@/core/job/parts/oldPart'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { TextField } from '../../kit/TextField'
import { usePhotos } from '../../photos/PhotoSender'
import { HowMeasured, TurnChoice } from '../HowMeasured'

/**
 * What a line wants before it is ticked: its figure where it measures, its photo where it takes one, or why there is none.
 *
 * @param large what it asks to be noted stands above it already
 */
export function LineAsks({ line, large = false }: { line: LedgerRow; large?: boolean }) {
  const { snapshot, act } = useJob()
  const { waits } = usePhotos()
  const change = (part: Partial<LedgerRow>) => act({ kind: 'ledger.edit', id: line.id, change: part })
  if (line.action === 'measure')
    return (
      <div className="grid max-w-xl gap-3 pb-2 mid:grid-cols-[150px_minmax(0,1fr)]">
        <div className="mid:col-span-2">
          <HowMeasured line={line} />
        </div>
        <NumberField
          label="What it measures"
          unit={snapshot.household.inches ? 'in' : 'mm'}
          typed={line.figure ?? ''}
          quantity="mm"
          options={lengthsOf(snapshot)}
          placeholder={snapshot.household.inches ? '9/16' : '14'}
          testId={`figure-${line.id}`}
          onType={(figure) => change({ figure })}
        />
        <TextField
          label="From where to where"
          value={line.mark}
          placeholder="motor face to hub"
          onType={(mark) => change({ mark })}
        />
        {line.figure ? null : <Without line={line} ask="It cannot be measured" />}
      </div>
    )
  if (line.action === 'mark')
    return (
      <>
        <HowMeasured line={line} />
        <TurnChoice line={line} />
      </>
    )
  if (line.asks)
    return (
      <TextField
        className="max-w-xl pb-2"
        label={large ? 'Your note' : `Note it, or take a photo: ${line.asks}`}
        value={line.mark}
        onType={(mark) => change({ mark })}
      />
    )
  if (line.action === 'photo' && !waits(line.id) && (openOf(snapshot, line) !== null || line.without))
    return <Without line={line} ask="No photo of it" />
  return null
}

/** Why there is none: a few words, which the way back shows. */
function Without({ line, ask }: { line: LedgerRow; ask: string }) {
  const { act } = useJob()
  const [open, setOpen] = useState(false)
  if (!open && !line.without)
    return (
      <button
        type="button"
        className="btn btn-plain justify-self-start mid:col-span-2"
        onClick={() => setOpen(true)}
      >
        {ask}
      </button>
    )
  return (
    <TextField
      className="mid:col-span-2"
      label={`${ask}, because`}
      value={line.without ?? ''}
      placeholder={line.action === 'photo' ? 'no camera here; drawn on paper' : 'the tape does not reach in'}
      onType={(without) => act({ kind: 'ledger.edit', id: line.id, change: { without } })}
    />
  )
}

/** How it sat, or what is different on this machine: a few words by thumb or voice, which stand again on the way back. */
export function LineMark({ line }: { line: LedgerRow }) {
  const { act } = useJob()
  return (
    <>
      <LineAsks line={line} large />
      {line.asks ? null : (
        <TextField
          label="How it sits, or what is different here"
          value={line.mark}
          placeholder="notch up, plug to the front"
          onType={(mark) => act({ kind: 'ledger.edit', id: line.id, change: { mark } })}
        />
      )}
    </>
  )
}
