'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { atHand } from '../kit/whenReached'
import { useJob } from './JobProvider'

interface HistoryEvent {
  id: string
  at: string
  text: string
  state: 'done' | 'undone' | 'dropped'
}

const Drawer = dynamic(
  atHand(() => import('../kit/Drawer').then((module) => module.Drawer)),
  {
    ssr: false,
  },
)

/** Undo, redo, and the list of everything done to the job. */
export function HistoryMenu() {
  const { canUndo, canRedo, history, snapshot, clock, day } = useJob()
  const [open, setOpen] = useState(false)
  const [events, setEvents] = useState<HistoryEvent[] | null>(null)
  const load = async () => {
    setEvents(null)
    const response = await fetch(`/api/jobs/${snapshot.job.id}/history`)
    const answer = (await response.json()) as { events?: HistoryEvent[] }
    setEvents(answer.events ?? [])
  }
  return (
    <div className="flex items-center">
      <button
        type="button"
        className="btn btn-plain min-h-9 text-sm"
        disabled={!canUndo}
        onClick={() => history('undo')}
      >
        Undo
      </button>
      <button
        type="button"
        className="btn btn-plain min-h-9 text-sm"
        disabled={!canRedo}
        onClick={() => history('redo')}
      >
        Redo
      </button>
      <button
        type="button"
        aria-haspopup="dialog"
        className="btn btn-plain hidden min-h-9 text-sm mid:inline-flex"
        onClick={() => {
          setOpen(true)
          void load()
        }}
      >
        Activity
      </button>
      {open ? (
        <Drawer title="Everything done to this job" side="right" onClose={() => setOpen(false)}>
          {events === null ? (
            <p className="caption">Reading …</p>
          ) : events.length === 0 ? (
            <p className="caption">Nothing yet.</p>
          ) : null}
          <ol>
            {events?.map((event) => (
              <li
                key={event.id}
                className={`flex gap-3 border-line border-b py-1.5 ${event.state === 'done' ? '' : 'text-soft line-through'}`}
              >
                <span className="num shrink-0 text-sm">{`${day(event.at)} ${clock(event.at)}`}</span>
                <span>{event.text}</span>
              </li>
            ))}
          </ol>
        </Drawer>
      ) : null}
    </div>
  )
}
