'use client'

import Link from 'next/link'
import { useState } from 'react'
import { fieldText, type JobRow, type ReopenReason, reopenReasons } from '@/core/job'
import { noHandsOf } from '@/core/job/fields'
import { asksWhatWentIn, WENT_IN } from '@/core/job/parts/wentIn'
import { closingProblems } from '@/core/job/proving/closing'
import { dueEvents } from '@/core/takeaway/calendar'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { Section } from '../../kit/Section'
import { TextField } from '../../kit/TextField'
import { KeepWay } from '../KeepWay'

const results: { value: NonNullable<JobRow['result']>; label: string }[] = [
  { value: 'runs', label: 'It runs' },
  { value: 'runs-with-remarks', label: 'It runs, with remarks' },
  { value: 'not-mended', label: 'Not mended' },
  { value: 'handed-over', label: 'Handed to a trade' },
]

/** The job ends with its result, what it took and what to know next time. */
export function Close() {
  const { snapshot, act, id, now, save } = useJob()
  const { job } = snapshot
  const [chosen, setResult] = useState<JobRow['result']>(job.result)
  // Who left it to somebody else has said how the job ends.
  const result = chosen ?? (noHandsOf(snapshot) === 'hired' ? 'handed-over' : null)
  const closed = job.status === 'closed'
  const [problem] = closed || !result ? [] : closingProblems(snapshot, now, result)
  const edit = (field: 'lesson' | 'minutesSpent' | 'cost') => (value: string) =>
    act({ kind: 'job.edit', field, value })
  return (
    <Section
      part="end"
      title={closed ? 'Closed' : 'Close the job'}
      aside={
        closed ? results.find((each) => each.value === job.result)?.label : 'with its result, for the record'
      }
    >
      {asksWhatWentIn(snapshot) && !closed ? (
        <TextField
          className="mb-3"
          label="What went in"
          value={fieldText(snapshot, WENT_IN.part, WENT_IN.field)}
          placeholder="the part’s number and where it is from, or: nothing new"
          onType={(typed) => act({ kind: 'field.set', id: id(), ...WENT_IN, typed })}
        />
      ) : null}
      <div className="grid gap-3 mid:grid-cols-[2fr_1fr_1fr]">
        <TextField
          label="To know next time"
          lines={2}
          value={job.lesson}
          placeholder="the set screw sits under the label"
          onType={edit('lesson')}
        />
        <NumberField
          label="Minutes it took"
          typed={job.minutesSpent}
          quantity="minutes"
          placeholder="90"
          onType={edit('minutesSpent')}
        />
        <NumberField
          label="What it cost"
          typed={job.cost}
          quantity="money"
          placeholder="24"
          onType={edit('cost')}
        />
      </div>
      <div className="mt-3 max-w-xs">
        <label className="caption mb-0.5 block" htmlFor="next-look">
          Look at it again on
        </label>
        <input
          id="next-look"
          type="date"
          className="field field-tight num"
          value={snapshot.machine.nextLook ?? ''}
          onChange={(event) => act({ kind: 'machine.edit', field: 'nextLook', value: event.target.value })}
        />
        {dueEvents(snapshot).length > 0 ? (
          <a
            className="mt-1 inline-flex min-h-11 items-center text-teal underline"
            href={`/api/jobs/${job.id}/calendar`}
            download
          >
            Put what is due into a calendar
          </a>
        ) : null}
      </div>
      {closed ? null : <KeepWay />}
      {closed ? (
        <div className="mt-4 flex flex-wrap gap-2">
          {save === 'saved' ? (
            <Link className="btn btn-main" href={`/jobs/${job.id}/record`} prefetch={false}>
              Open the record
            </Link>
          ) : (
            // The server draws the record: before the end is stored there it would say that the job is open.
            <button type="button" className="btn btn-main" disabled>
              Open the record
            </button>
          )}
          <Reopen />
        </div>
      ) : (
        <div className="mt-4 flex flex-wrap items-center gap-2">
          <fieldset className="flex flex-wrap gap-1.5">
            <legend className="sr-only">Result</legend>
            {results.map((each) => (
              <button
                key={each.value}
                type="button"
                className="chip"
                aria-pressed={result === each.value}
                onClick={() => setResult(each.value)}
              >
                {each.label}
              </button>
            ))}
          </fieldset>
          <button
            type="button"
            className="btn btn-main"
            disabled={!result}
            onClick={() => result && act({ kind: 'job.close', result })}
          >
            Close the job
          </button>
          {problem ? (
            <p className="basis-full border-ink border-l-2 pl-3 text-sm">{`Do this before you close it so: ${problem.text}`}</p>
          ) : null}
        </div>
      )}
    </Section>
  )
}

const reopenWords = {
  'failed-again': 'it failed again',
  'not-all-done': 'not all of it was done',
  'closed-by-mistake': 'closed by mistake',
} satisfies Record<ReopenReason, string>

/** Opened again, the record says why. */
function Reopen() {
  const { act } = useJob()
  const [asks, setAsks] = useState(false)
  return (
    <>
      <button type="button" className="btn" aria-expanded={asks} onClick={() => setAsks(!asks)}>
        Reopen
      </button>
      {asks ? (
        <fieldset className="flex w-full flex-wrap gap-1.5">
          <legend className="caption mb-1">Opened again, because</legend>
          {reopenReasons.map((why) => (
            <button key={why} type="button" className="chip" onClick={() => act({ kind: 'job.reopen', why })}>
              {reopenWords[why]}
            </button>
          ))}
        </fieldset>
      ) : null}
    </>
  )
}
