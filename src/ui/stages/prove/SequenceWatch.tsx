'use client'

import Link from 'next/link'
import { useEffect } from 'react'
import { type JudgedRun, judgedRuns } from '@/core/job/proving/runs'
import { type JudgedEvent, laneEnd, nextEvent, whenBegun } from '@/core/sequence'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { useTicking } from '../../kit/useTicking'
import { EventLane, EventTap } from './EventLane'

/** The start of the machine, event by event: one tap or key for each, with its window beside it. */
export function SequenceWatch() {
  const { snapshot, act, id, now: drawnAt } = useJob()
  const now = useTicking(
    drawnAt,
    snapshot.runs.some(({ endedAt }) => endedAt === null),
    500,
  )
  const watched = judgedRuns(snapshot, now)
  const running = watched?.runs.at(-1)?.running === true
  // All of the events are in sight from the first: nobody scrolls while a flame is due.
  useEffect(() => {
    if (running) document.getElementById('watch')?.scrollIntoView()
  }, [running])
  if (!watched) return null
  const { sequence, runs } = watched
  const current = runs.at(-1)
  const closed = snapshot.job.status === 'closed'
  return (
    <Section
      title={`Watch ${sequence.title.toLowerCase()}`}
      aside="one tap for each event"
      id="watch"
      part="watch"
    >
      {current?.running ? (
        <div className="mb-2 flex flex-wrap items-center justify-between gap-2">
          <span>
            <span className="num text-2xl" role="timer" aria-label="Time since the call">
              {whenBegun(now - Date.parse(current.run.startedAt))}
            </span>{' '}
            <span className="caption">after the call</span>
          </span>
          <button type="button" className="btn" onClick={() => act({ kind: 'run.end', id: current.run.id })}>
            End the watch
          </button>
        </div>
      ) : (
        <p className="max-w-[72ch]">
          {sequence.call} Tap each event the moment it comes. The windows are usual ones: what stands on the
          machine’s own sheet comes first.
        </p>
      )}
      {current ? <Run run={current} now={now} key={current.run.id} /> : null}
      {current?.running ? null : (
        <div className="mt-3 flex flex-wrap gap-2">
          <button
            type="button"
            className="btn btn-main"
            disabled={closed}
            onClick={() => act({ kind: 'run.start', id: id() })}
          >
            {current ? 'Call again, and watch anew' : 'I call now: begin'}
          </button>
          {current && !closed ? (
            <button
              type="button"
              className="btn"
              onClick={() => act({ kind: 'run.remove', id: current.run.id })}
            >
              Take this watch away
            </button>
          ) : null}
        </div>
      )}
    </Section>
  )
}

function Run({ run: { run, events, seen, running, later }, now }: { run: JudgedRun; now: number }) {
  const { act } = useJob()
  const next = nextEvent(
    events.map(({ event }) => event),
    seen,
  )
  const end = laneEnd(events, running ? (now - Date.parse(run.startedAt)) / 1000 : null)
  return (
    <ol className="mt-2" data-testid="sequence-run">
      {events.map((judged) => {
        const { event } = judged
        const difference = later.get(event.id)
        const isNext = event.id === next?.id
        return running ? (
          <EventTap
            key={event.id}
            judged={judged}
            isNext={isNext}
            later={difference}
            onSeen={(on) => act({ kind: 'run.mark', id: run.id, event: event.id, on })}
          >
            {isNext ? <WhatItMeans judged={judged} since={run.startedAt} /> : null}
          </EventTap>
        ) : (
          <EventLane key={event.id} judged={judged} end={end} later={difference}>
            <WhatItMeans judged={judged} since={run.startedAt} />
          </EventLane>
        )
      })}
    </ol>
  )
}

/** What an event says that is late or did not come, and what is found of it: pressed where it was found since this watch began. */
function WhatItMeans({ judged: { event, timing }, since }: { judged: JudgedEvent; since: string }) {
  const { snapshot, act, id } = useJob()
  if (!event.means || !['late', 'overdue', 'missing'].includes(timing)) return null
  const found = ({ observation, value }: { observation: string; value: string }) =>
    snapshot.findings.some((row) => row.observation === observation && row.value === value && row.at >= since)
  return (
    <div className="my-1 border-stop border-l-4 pl-2 text-sm">
      <p>{event.means}</p>
      {event.findings.length > 0 ? (
        <fieldset className="mt-1 flex flex-wrap items-center gap-1.5">
          <legend className="float-left mr-2">What do you find? It goes to the suspects:</legend>
          {event.findings.map((finding) => (
            <button
              key={finding.label}
              type="button"
              className="chip"
              aria-pressed={found(finding)}
              onClick={() =>
                act({
                  kind: 'finding.set',
                  id: id(),
                  observation: finding.observation,
                  value: finding.value,
                })
              }
            >
              {finding.label}
            </button>
          ))}
          {event.findings.some(found) ? (
            <Link
              href={`/jobs/${snapshot.job.id}/measure`}
              className="inline-flex min-h-11 items-center underline"
            >
              Back to the suspects
            </Link>
          ) : null}
        </fieldset>
      ) : null}
    </div>
  )
}
