'use client'

import Link from 'next/link'
import { useState } from 'react'
import { closingProblems, type JobRow } from '@/core/job'
import { isolationPlans, isValve } from '@/core/knowledge/isolation'
import { type ProveCheck, proveChecks } from '@/core/knowledge/proofChecks'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { TextField } from '../../kit/TextField'
import { clock } from '../../kit/time'
import { shortPoint } from '../../pieces/powerLineModel'

const results: { value: NonNullable<JobRow['result']>; label: string }[] = [
  { value: 'runs', label: 'It runs' },
  { value: 'runs-with-remarks', label: 'It runs, with remarks' },
  { value: 'not-mended', label: 'Not mended' },
  { value: 'handed-over', label: 'Handed to a trade' },
]

/** Stage 8: power back in order, checks, and the job closed with its result. */
export function ProveStage() {
  const { snapshot, energy, act } = useJob()
  const { job, machine } = snapshot
  const problems = closingProblems(snapshot)
  const beforePower = problems.filter((problem) => problem.beforePower)
  const checks = proveChecks[machine.family]
  const plan = isolationPlans[machine.family]
  const order = [...snapshot.points.filter((point) => !point.struckAt)].reverse()
  const closed = job.status === 'closed'
  return (
    <>
      <Section title="Before power returns" aside="covers on, people clear, temporary things undone">
        <CheckList checks={checks.filter((check) => check.dead)} disabled={closed} />
        {beforePower.map((problem) => (
          <p key={problem.text} className="mt-2 border-stop border-l-4 pl-2">
            {problem.text}
          </p>
        ))}
      </Section>
      <Section title="Power back" aside="the plan in reverse: water and gas first, leak-tested">
        <p className="max-w-[75ch]">
          {[...order]
            .sort((one, two) => Number(isValve(two.point)) - Number(isValve(one.point)))
            .map((point) => shortPoint[point.point])
            .join(', then ') || 'No points are named.'}
          {plan.plugIn ? '.' : ', then the call.'}
        </p>
        <div className="mt-3 flex flex-wrap gap-2">
          <button
            type="button"
            className="btn"
            disabled={closed || job.phase === 'live-test' || beforePower.length > 0}
            onClick={() => act({ kind: 'job.phase', phase: 'live-test' })}
          >
            Power on for the test
          </button>
          <button
            type="button"
            className="btn"
            disabled={closed || job.phase === 'work'}
            onClick={() => act({ kind: 'job.phase', phase: 'work' })}
          >
            Off again: back to work
          </button>
        </div>
        <p className="caption mt-2">
          {energy.state === 'live-test'
            ? 'On for a test. Proof, discharge and waits are void: they are made again before hands go in.'
            : 'Powering up voids the proof. That is as it should be.'}
        </p>
      </Section>
      <Section title="Watch it run" aside="in this order; a failed check goes back to the suspects">
        <CheckList checks={checks.filter((check) => !check.dead)} disabled={closed} />
      </Section>
      <Close />
    </>
  )
}

function CheckList({ checks, disabled }: { checks: ProveCheck[]; disabled: boolean }) {
  const { snapshot, act, id } = useJob()
  return (
    <ol>
      {checks.map((check) => {
        const row = snapshot.checks.find((each) => each.checkId === check.id)
        const set = (result: 'pass' | 'fail' | 'skipped') =>
          act({
            kind: 'check.set',
            id: id(),
            checkId: check.id,
            result: row?.result === result ? null : result,
            note: row?.note ?? '',
          })
        return (
          <li
            key={check.id}
            className="grid items-center gap-x-4 gap-y-1 border-line border-b py-2 mid:grid-cols-[minmax(0,1fr)_auto]"
            data-testid={`check-${check.id}`}
          >
            <span className="leading-snug">
              <b className="font-semibold">{check.act}</b>
              <span className="caption block">expect: {check.expect}</span>
              {row?.result === 'fail' ? (
                <span className="block text-stop">
                  {check.otherwise}{' '}
                  <Link href={`/jobs/${snapshot.job.id}/measure`} className="underline">
                    Back to the suspects
                  </Link>
                </span>
              ) : null}
              {row ? <span className="num caption block">{clock(row.at)}</span> : null}
            </span>
            <span className="flex gap-1.5">
              {(['pass', 'fail', 'skipped'] as const).map((result) => (
                <button
                  key={result}
                  type="button"
                  className="chip"
                  aria-pressed={row?.result === result}
                  disabled={disabled}
                  onClick={() => set(result)}
                >
                  {{ pass: 'as it should', fail: 'not so', skipped: 'left out' }[result]}
                </button>
              ))}
            </span>
          </li>
        )
      })}
    </ol>
  )
}

function Close() {
  const { snapshot, act } = useJob()
  const { job } = snapshot
  const [result, setResult] = useState<NonNullable<JobRow['result']>>(job.result ?? 'runs')
  const closed = job.status === 'closed'
  const edit = (field: 'lesson' | 'minutesSpent' | 'cost') => (value: string) =>
    act({ kind: 'job.edit', field, value })
  return (
    <Section
      title={closed ? 'Closed' : 'Close the job'}
      aside={
        closed ? results.find((each) => each.value === job.result)?.label : 'with its result, for the record'
      }
    >
      <div className="grid gap-3 mid:grid-cols-[2fr_1fr_1fr]">
        <TextField
          label="To know next time"
          lines={2}
          value={job.lesson}
          placeholder="the set screw sits under the label"
          onType={edit('lesson')}
        />
        <TextField
          label="Minutes it took"
          value={job.minutesSpent}
          placeholder="90"
          mono
          onType={edit('minutesSpent')}
        />
        <TextField label="What it cost" value={job.cost} placeholder="24" mono onType={edit('cost')} />
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
      </div>
      {closed ? (
        <div className="mt-4 flex gap-2">
          <Link className="btn btn-main" href={`/jobs/${job.id}/record`}>
            Open the record
          </Link>
          <button type="button" className="btn" onClick={() => act({ kind: 'job.reopen' })}>
            Reopen
          </button>
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
          <button type="button" className="btn btn-main" onClick={() => act({ kind: 'job.close', result })}>
            Close the job
          </button>
        </div>
      )}
    </Section>
  )
}
