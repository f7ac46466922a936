'use client'

import { useState } from 'react'
import { neededWaits, planKindMayBeElectronic, type WaitRow } from '@/core/job'
import { isolationPlans } from '@/core/knowledge/isolation'
import { notNeeded } from '@/core/knowledge/notNeeded'
import { typedValue } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { Section } from '../../kit/Section'
import { TellMe } from '../../kit/TellMe'
import { useBell } from '../../kit/useBell'
import { useTicking } from '../../kit/useTicking'
import { Question } from './Questions'
import { Strike } from './Strike'

/** Cooling and running down: timers that go on while the page is closed. */
export function WaitBlock() {
  const { snapshot, findings, act, id } = useJob()
  const waits = neededWaits(snapshot)
  const asksCold = isolationPlans[snapshot.machine.family].asks.includes('cold')
  const electronic = planKindMayBeElectronic(snapshot)
  const add = (wait: WaitRow['kind']) => act({ kind: 'wait.add', id: id(), wait })
  const missing = (kind: WaitRow['kind']) => !waits.some((wait) => wait.kind === kind)
  // A motor that hummed against standstill, or that ran hot, burns the hand.
  const maybeHot = findings['case-heat'] === 'too-hot-to-touch' || findings['fan-state'] === 'hums'
  return (
    <Section part="wait" title="Wait" aside="the clocks run on while the page is closed">
      {asksCold ? (
        <Question
          field="cold"
          text="Has it run or hummed within the last half hour?"
          why="A motor or a stove that is cold needs no time to cool."
          values={[
            { value: 'warm', label: 'yes, or not sure' },
            { value: 'cold', label: 'no, it is cold' },
          ]}
        />
      ) : null}
      {waits.map((wait) => (
        <WaitLine key={wait.id} wait={wait} />
      ))}
      {waits.some(({ startedAt }) => startedAt) ? <TellMe /> : null}
      <div className="-ml-2 flex flex-wrap items-center">
        {missing('cool-down') && !asksCold ? (
          <button type="button" className="btn btn-plain text-sm" onClick={() => add('cool-down')}>
            {maybeHot ? 'It may be hot: let the motor cool, 30 min' : 'Let the motor cool, 30 min'}
          </button>
        ) : null}
        {missing('electronics') && electronic ? (
          <button type="button" className="btn btn-plain text-sm" onClick={() => add('electronics')}>
            It has a board or module: let it run down, 10 min
          </button>
        ) : null}
      </div>
    </Section>
  )
}

function WaitLine({ wait }: { wait: WaitRow }) {
  const { act, snapshot, energy, clock, when, now: drawnAt } = useJob()
  const [typed, setTyped] = useState(String(wait.minutes))
  const retype = (text: string) => {
    setTyped(text)
    const minutes = typedValue(text, 'minutes')
    if (minutes !== null && minutes >= 1 && minutes <= 600)
      act({ kind: 'wait.minutes', id: wait.id, minutes })
  }
  const until = wait.startedAt ? Date.parse(wait.startedAt) + wait.minutes * 60_000 : null
  const now = useTicking(drawnAt, until !== null && drawnAt < until)
  const running = until !== null && now < until
  const left = until === null ? wait.minutes * 60 : Math.max(0, Math.ceil((until - now) / 1000))
  useBell(running, left, wait.label)
  const allOff =
    energy.allPoints > 0 && energy.openPoints === energy.allPoints && snapshot.job.phase === 'work'
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-line border-b py-2">
      <span className="num w-20 text-2xl" role="timer" aria-label={`${wait.label}, time left`}>
        {`${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')}`}
      </span>
      <span className="min-w-[min(12rem,100%)] flex-1 leading-snug">
        <b>{wait.label}</b> <span className="caption block">{wait.why}</span>
      </span>
      {until === null ? (
        <span className="flex items-end gap-2">
          <NumberField
            className="w-24"
            label="minutes, or as its label says"
            hideLabel
            quantity="minutes"
            typed={typed}
            onType={retype}
          />
          <button
            type="button"
            className="btn"
            disabled={!allOff}
            onClick={() => act({ kind: 'wait.start', id: wait.id })}
          >
            {`Start ${wait.minutes} min`}
          </button>
        </span>
      ) : (
        <b className="num text-sm">
          {running
            ? `till ${clock(new Date(until).toISOString())}`
            : `over since ${when(new Date(until).toISOString(), now)}`}
        </b>
      )}
      <Strike
        what={wait.label}
        reasons={notNeeded[wait.kind]}
        example="the plate says so"
        onStrike={(reason) => act({ kind: 'wait.strike', id: wait.id, reason })}
      />
    </div>
  )
}
