'use client'

import { useEffect, useState } from 'react'
import { Drawer } from '../kit/Drawer'
import { useJob } from './JobProvider'

interface HistoryEvent {
  id: string
  at: string
  text: string
  state: 'done' | 'undone' | 'dropped'
}

/** The list of everything done to the job, undone acts struck through; it comes from the server when it is opened. */
export function Activity({ onClose }: { onClose: () => void }) {
  const { snapshot, clock, day } = useJob()
  const [events, setEvents] = useState<HistoryEvent[] | 'away' | null>(null)
  const jobId = snapshot.job.id
  useEffect(() => {
    let left = false
    fetch(`/api/jobs/${jobId}/history`)
      .then((response) => response.json() as Promise<{ events?: HistoryEvent[] }>)
      .then((answer) => !left && setEvents(answer.events ?? []))
      .catch(() => !left && setEvents('away'))
    return () => {
      left = true
    }
  }, [jobId])
  return (
    <Drawer title="Everything done to this job" side="right" onClose={onClose}>
      {events === null ? <p className="caption">The list is being read …</p> : null}
      {events === 'away' ? (
        <p role="alert">
          The server cannot be reached just now. Nothing is lost: close this and open it again later.
        </p>
      ) : null}
      {events?.length === 0 ? <p className="caption">Nothing has been done yet.</p> : null}
      <ol>
        {Array.isArray(events)
          ? events.map((event) => (
              <li
                key={event.id}
                className={`flex gap-3 border-line border-b py-1.5 ${event.state === 'done' ? '' : 'text-soft line-through'}`}
              >
                <span className="num shrink-0 text-sm">{`${day(event.at)} ${clock(event.at)}`}</span>
                <span>{event.text}</span>
              </li>
            ))
          : null}
      </ol>
    </Drawer>
  )
}
