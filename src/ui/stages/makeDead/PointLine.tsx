'use client'

import { useState } from 'react'
import type { PointRow } from '@/core/job'
import { breakWords } from '@/core/knowledge/breakWords'
import { notHere } from '@/core/knowledge/notNeeded'
import { useJob } from '../../job/JobProvider'
import { useRowClass } from '../../kit/focus'
import { TextField } from '../../kit/TextField'
import { Tick } from '../../kit/Tick'
import { WhereIs } from '../../where/WhereIs'
import { Strike } from './Strike'

interface PointLineProps {
  point: PointRow
  what: string
  /** It comes next: where it is stands below. */
  next: boolean
}

/** One point: opened with its time, and how it is held as the person says; the plan's proposal is one tap away. */
export function PointLine({ point, what, next }: PointLineProps) {
  const { act, snapshot, now, clockOrDay } = useJob()
  const open = point.openedAt !== null
  const shown = useRowClass()(point.id)
  const word = breakWords[point.point].open
  const both = point.proposal.startsWith(word) ? point.proposal : `${word}, and ${point.proposal}`
  // Both at once, where it was held the usual way: two acts in the record, as if they were told one by one.
  const openAndHeld = () =>
    act({ kind: 'point.open', id: point.id }) &&
    act({ kind: 'point.held', id: point.id, held: point.proposal })
  return (
    <li className={`border-line border-b py-1 ${shown}`} data-testid={`point-${point.point}`}>
      <div className="grid grid-cols-[44px_minmax(0,1fr)_auto] items-center gap-x-2">
        <Tick
          label={`${what}${open ? `, ${breakWords[point.point].open} ${clockOrDay(point.openedAt, now)}` : ''}`}
          on={open}
          disabled={snapshot.job.phase !== 'work'}
          onChange={(on) =>
            act(on ? { kind: 'point.open', id: point.id } : { kind: 'point.close', id: point.id })
          }
        />
        <span className="leading-tight">
          <span className="block font-semibold">{what}</span>
          <span className="num caption">
            {open
              ? `${breakWords[point.point].open} ${clockOrDay(point.openedAt, now)}${point.held ? `, held: ${point.held}` : ''}`
              : breakWords[point.point].closed}
          </span>
        </span>
        <Strike
          what={point.label}
          reasons={[notHere[point.point] ?? []].flat()}
          example="I looked: there is none"
          onStrike={(reason) => act({ kind: 'point.strike', id: point.id, reason })}
        />
      </div>
      {open && point.held === '' ? <Hold point={point} /> : null}
      {next ? (
        <div className="flex flex-wrap items-center gap-x-3 gap-y-1 pb-1 pl-[52px]">
          {open || point.proposal === '' || snapshot.job.phase !== 'work' ? null : (
            <button type="button" className="chip" onClick={openAndHeld}>
              {both}
            </button>
          )}
          <WhereIs what={point.label} part={point.point} />
        </div>
      ) : null}
    </li>
  )
}

/** How it is held open, as the person says it: the usual way at a tap, or in words. A proposal is no record. */
function Hold({ point }: { point: PointRow }) {
  const { act } = useJob()
  const [words, setWords] = useState('')
  const word = breakWords[point.point].open
  const hold = (held: string) => held.trim() !== '' && act({ kind: 'point.held', id: point.id, held })
  return (
    <fieldset className="flex flex-wrap items-center gap-2 py-1 pl-[52px]">
      <legend className="sr-only">{`How ${point.label} is held ${word}`}</legend>
      <b className="text-sm">{`How is it held ${word}?`}</b>
      {point.proposal ? (
        <button type="button" className="chip" onClick={() => hold(point.proposal)}>
          {point.proposal}
        </button>
      ) : null}
      <TextField
        className="min-w-[min(11rem,100%)] flex-1"
        label={`How ${point.label} is held ${word}, in your words`}
        hideLabel
        value={words}
        placeholder="or in your words, then Enter"
        onType={setWords}
        onDone={() => hold(words)}
      />
    </fieldset>
  )
}
