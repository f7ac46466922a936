'use client'

import { useState } from 'react'
import { type Cure, curesOf } from '@/core/job/proving/power'
import { typedValue } from '@/core/units'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { Section } from '../../kit/Section'
import { TellMe } from '../../kit/TellMe'
import { useBell } from '../../kit/useBell'
import { useTicking } from '../../kit/useTicking'

/** Cures as timers: the clock starts when the line goes back, and the hours are those that the tube says. */
export function Cures() {
  const { snapshot } = useJob()
  const cures = curesOf(snapshot)
  if (cures.length === 0) return null
  return (
    <Section part="cure" title="Cure" aside="power stays off until these have run out">
      {cures.map((cure) => (
        <CureLine key={cure.line.id} cure={cure} />
      ))}
      <TellMe />
    </Section>
  )
}

function CureLine({ cure: { line, hours, until } }: { cure: Cure }) {
  const { act, clock, day, now: drawnAt } = useJob()
  const now = useTicking(drawnAt, drawnAt < until)
  const [typed, setTyped] = useState(String(hours))
  const running = now < until
  const left = Math.max(0, Math.ceil((until - now) / 1000))
  useBell(running, left, `${line.renewMaterial} at ${line.part}`)
  const end = new Date(until).toISOString()
  const change = () => {
    const next = typedValue(typed, 'count')
    if (next !== null && next !== hours)
      act({ kind: 'ledger.edit', id: line.id, change: { cureHours: next } })
  }
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-line border-b py-2" data-testid="cure">
      <span className="num w-28 text-2xl" role="timer" aria-label={`${line.part} cures, time left`}>
        {`${Math.floor(left / 3600)}:${String(Math.floor((left % 3600) / 60)).padStart(2, '0')}:${String(left % 60).padStart(2, '0')}`}
      </span>
      <span className="min-w-[min(12rem,100%)] flex-1 leading-snug">
        <b>{`${line.renewMaterial} at ${line.part}`}</b>
        <span className="caption block">
          {running ? `cures until ${clock(end)}, ${day(end)}` : `cured since ${clock(end)}, ${day(end)}`}
        </span>
      </span>
      <NumberField
        className="w-28"
        label="Hours, as printed on the tube"
        typed={typed}
        quantity="count"
        unit="h"
        onType={setTyped}
        onDone={change}
      />
    </div>
  )
}
