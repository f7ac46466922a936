'use client'

import { useSortable } from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { useState } from 'react'
import { type LedgerRow, reachOfLine } from '@/core/job'
import { figuresAt, marksAt } from '@/core/job/ledger/ledgerFigures'
import type { BackStep } from '@/core/refit/types'
import { useJob } from '../../job/JobProvider'
import { useRowClass } from '../../kit/focus'
import { Grip } from '../../kit/Grip'
import { Tick } from '../../kit/Tick'
import { TickKey } from '../../kit/TickKey'
import { LinePhotos } from '../../photos/LinePhotos'
import { TurnThen } from '../HowMeasured'
import { Before } from './Before'
import { FigureAgain } from './FigureAgain'

interface BackLineProps {
  step: BackStep
  row: LedgerRow
  number: number
  current: boolean
  /** It is the next or one of the two behind it. */
  ahead: boolean
  onEarlier: (() => unknown) | null
  onLater: (() => unknown) | null
}

/** One act of the way back: ticked, dragged, or opened to move it by a button. */
export function BackLine({ step, row, number, current, ahead, onEarlier, onLater }: BackLineProps) {
  const { snapshot, act, gate, when, now } = useJob()
  const [open, setOpen] = useState(false)
  const classOf = useRowClass()
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id: row.id })
  const on = row.backDoneAt !== null
  const problem = gate(reachOfLine(snapshot, row))
  const figures = figuresAt(snapshot, row.id)
  const marks = marksAt(snapshot, row.id)
  const lacks = !on && figures.some(({ backFigure }) => !backFigure)
  const tick = (next: boolean) => act({ kind: 'ledger.back', id: row.id, on: next })
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={`border-line border-b bg-surface py-0.5 ${classOf(row.id, ahead)} ${isDragging ? 'relative z-10 shadow-lg' : ''} ${current ? 'border-l-4 border-l-[var(--copper-fill)] pl-1' : ''}`}
    >
      <div className="flex items-start gap-1">
        <Tick label={step.text} on={on} disabled={problem !== null && !on} onChange={tick} />
        {current && problem === null && !lacks ? <TickKey onPress={() => tick(true)} /> : null}
        <button
          type="button"
          aria-expanded={open}
          className="min-w-0 flex-1 py-2 text-left leading-snug"
          onClick={() => setOpen(!open)}
        >
          <span className={on ? 'text-soft' : ''}>
            <span className="num mr-1 text-soft text-sm">{number}</span>
            {step.text}
          </span>
          {step.checks.length > 0 ? (
            <span className="caption block">check: {step.checks.join('; ')}</span>
          ) : null}
          {row.backAfter !== null ? <span className="caption block">moved here by you</span> : null}
          {on ? (
            <span className="caption block">
              {`back ${when(row.backDoneAt, now)}${row.backCover === 'none' ? ', done without a standing proof' : ''}`}
            </span>
          ) : null}
        </button>
        <Grip label={`Move line ${number} of the way back: ${row.part}`} {...attributes} {...listeners} />
      </div>
      {figures.length > 0 && (open || current || figures.some(({ backFigure }) => backFigure)) ? (
        <div className="pl-12">
          {figures.map((line) => (
            <FigureAgain key={line.id} line={line} />
          ))}
        </div>
      ) : null}
      {open || current
        ? marks.map((line) => (
            <div key={line.id} className="pl-12">
              <TurnThen line={line} />
            </div>
          ))
        : null}
      {open || current ? (
        <div className="pl-12">
          <Before lineId={row.id} />
          <LinePhotos lineId={row.id} way="back" about={row.part || 'this line'} keyed={current} />
        </div>
      ) : null}
      {open ? (
        <div className="flex flex-wrap gap-2 pb-2 pl-12">
          <button type="button" className="btn" disabled={!onEarlier} onClick={() => onEarlier?.()}>
            One earlier
          </button>
          <button type="button" className="btn" disabled={!onLater} onClick={() => onLater?.()}>
            One later
          </button>
          {row.backAfter !== null ? (
            <button
              type="button"
              className="btn"
              onClick={() => act({ kind: 'back.move', id: row.id, after: null })}
            >
              Where it was worked out
            </button>
          ) : null}
        </div>
      ) : null}
    </li>
  )
}
