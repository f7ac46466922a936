'use client'

import { useEffect, useState } from 'react'
import type { WaitRow } from '@/core/job'
import { useJob } from '../../job/JobProvider'
import { Section } from '../../kit/Section'
import { clock } from '../../kit/time'
import { Strike } from './Strike'

/** Cooling and running down: timers that go on while the page is closed. */
export function WaitBlock() {
  const { snapshot } = useJob()
  const waits = snapshot.waits.filter((wait) => !wait.struckAt)
  if (waits.length === 0) return null
  return (
    <Section title="Wait">
      {waits.map((wait) => (
        <WaitLine key={wait.id} wait={wait} />
      ))}
    </Section>
  )
}

function WaitLine({ wait }: { wait: WaitRow }) {
  const { act, snapshot, energy } = useJob()
  const [now, setNow] = useState(() => Date.now())
  const until = wait.startedAt ? Date.parse(wait.startedAt) + wait.minutes * 60_000 : null
  const running = until !== null && now < until
  useEffect(() => {
    if (!running) return
    const tick = setInterval(() => setNow(Date.now()), 1000)
    return () => clearInterval(tick)
  }, [running])
  const left = until === null ? wait.minutes * 60 : Math.max(0, Math.ceil((until - now) / 1000))
  const allOff =
    energy.allPoints > 0 && energy.openPoints === energy.allPoints && snapshot.job.phase === 'work'
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-line border-b py-2">
      <span className="num w-20 text-2xl" role="timer" aria-label={`${wait.label}, time left`}>
        {`${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')}`}
      </span>
      <span className="min-w-48 flex-1 leading-snug">
        <b>{wait.label}</b> <span className="caption block">{wait.why}</span>
      </span>
      {until === null ? (
        <button
          type="button"
          className="btn"
          disabled={!allOff}
          onClick={() => act({ kind: 'wait.start', id: wait.id })}
        >
          {`Start ${wait.minutes} min`}
        </button>
      ) : (
        <b className="num text-sm">
          {running
            ? `till ${clock(new Date(until).toISOString())}`
            : `over since ${clock(new Date(until).toISOString())}`}
        </b>
      )}
      <Strike what={wait.label} onStrike={(reason) => act({ kind: 'wait.strike', id: wait.id, reason })} />
    </div>
  )
}
