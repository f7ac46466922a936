'use client'

import Link from 'next/link'
import { type JudgedRun, judgedRuns } from '@/core/job/runs'
import { laneEnd, nextEvent, whenBegun } from '@/core/sequence'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { useTicking } from '../../kit/useTicking'
import { EventLane } from './EventLane'

/** The start of the machine, event by event: one tap or key for each, with its window beside it. */
export function SequenceWatch() {
  const { snapshot, act, id, now: drawnAt } = useJob()
  const now = useTicking(
    drawnAt,
    snapshot.runs.some(({ endedAt }) => endedAt === null),
    500,
  )
  const watched = judgedRuns(snapshot, now)
  if (!watched) return null
  const { sequence, runs } = watched
  const current = runs.at(-1)
  const closed = snapshot.job.status === 'closed'
  return (
    <Section
      title={`Watch ${sequence.title.toLowerCase()}`}
      aside="one tap for each event"
      id="watch"
      part="checks"
    >
      {current?.running ? null : (
        <p className="max-w-[72ch]">
          {sequence.call} The windows are usual ones: what stands on the machine’s own sheet comes first.
        </p>
      )}
      {current ? <Run run={current} now={now} key={current.run.id} /> : null}
      {current?.running ? (
        <div className="mt-3 flex flex-wrap items-center gap-2">
          <button type="button" className="btn" onClick={() => act({ kind: 'run.end', id: current.run.id })}>
            End the watch
          </button>
          <span className="num text-lg" role="timer" aria-label="Time since the call">
            {whenBegun(now - Date.parse(current.run.startedAt))}
          </span>
        </div>
      ) : (
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
  const { snapshot, act, id, findings } = useJob()
  const next = nextEvent(
    events.map(({ event }) => event),
    seen,
  )
  const end = laneEnd(events, running ? (now - Date.parse(run.startedAt)) / 1000 : null)
  return (
    <ol className="mt-2" data-testid="sequence-run">
      {events.map((judged) => {
        const { event, timing } = judged
        const wrong = timing === 'late' || timing === 'overdue' || timing === 'missing'
        const difference = later.get(event.id)
        return (
          <EventLane
            key={event.id}
            judged={judged}
            end={end}
            isNext={running && event.id === next?.id}
            running={running}
            later={difference}
            onSeen={(on) => act({ kind: 'run.mark', id: run.id, event: event.id, on })}
          >
            {wrong && event.means ? (
              <div className="border-stop border-l-4 pl-2 text-sm">
                <p>{event.means}</p>
                {event.findings.length > 0 ? (
                  <fieldset className="mt-1 flex flex-wrap items-center gap-1.5">
                    <legend className="float-left mr-2">What do you find? It goes to the suspects:</legend>
                    {event.findings.map(({ label, observation, value }) => (
                      <button
                        key={label}
                        type="button"
                        className="chip"
                        aria-pressed={findings[observation] === value}
                        onClick={() => act({ kind: 'finding.set', id: id(), observation, value })}
                      >
                        {label}
                      </button>
                    ))}
                    {event.findings.some(({ observation, value }) => findings[observation] === value) ? (
                      <Link href={`/jobs/${snapshot.job.id}/measure`} className="underline">
                        Back to the suspects
                      </Link>
                    ) : null}
                  </fieldset>
                ) : null}
              </div>
            ) : null}
          </EventLane>
        )
      })}
    </ol>
  )
}
