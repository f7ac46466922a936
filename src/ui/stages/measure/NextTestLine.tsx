'use client'

import { useRouter } from 'next/navigation'
import type { NextTest } from '@/core/diagnose'
import { shortCauses } from '@/core/knowledge/shortCauses'
import { tests } from '@/core/knowledge/tests'
import { valueLabel } from '@/core/knowledge/valueLabels'
import { observationInfo } from '@/core/knowledge/vocabulary'
import { formatPercent } from '@/core/units'
import { useJob } from '../../job/JobProvider'

const atNotice = new Set([
  'fan-state',
  'sound',
  'smell',
  'onset',
  'companion',
  'should-run-now',
  'danger-signs',
  'breaker',
  'speeds',
  'air-flow',
  'direction',
  'coast-down',
  'wiring-changed',
  'temperature-effect',
])

/** The next best test: what, with what, how long, what each result would mean. */
export function NextTestLine() {
  const { snapshot, diagnosis, winding, energy, act, id } = useJob()
  const router = useRouter()
  const pair = winding?.missing[0]
  const next = diagnosis.nextTests.find((test) => fitsState(test, energy.handsIn || snapshot.job.bench === 1))
  if (diagnosis.decided && !pair) {
    return (
      <Line
        title={`Decided: ${shortCauses[diagnosis.decided.cause]}`}
        text="More readings can still change it. Agree or disagree under Decide."
      >
        <button
          type="button"
          data-key="n"
          className="btn btn-main"
          onClick={() => router.push(`/jobs/${snapshot.job.id}/decide`)}
        >
          Decide <kbd className="num text-sm">N</kbd>
        </button>
      </Line>
    )
  }
  if (pair) {
    return (
      <Line
        title={`Next: read ${pair[0]} to ${pair[1]}`}
        text="Closes the winding map. Dead, half a minute, ohm range."
      >
        <button
          type="button"
          data-key="n"
          className="btn btn-main"
          onClick={() =>
            focusOn(`[aria-label^="${pair[0]} to ${pair[1]}"],[aria-label^="${pair[1]} to ${pair[0]}"]`)
          }
        >
          Read it <kbd className="num text-sm">N</kbd>
        </button>
      </Line>
    )
  }
  if (!next) return null
  const info = tests[next.observation][0]!
  const power = { none: 'from outside', dead: 'power off', live: 'live' }[next.risk]
  const go = () => {
    if (atNotice.has(next.observation)) {
      router.push(`/jobs/${snapshot.job.id}/notice`)
      return
    }
    if (next.observation === 'capacitor-fan-reading' || next.observation === 'capacitor-other-reading')
      return focusOn('#capacitor-old input:not(:disabled)')
    if (next.observation === 'winding' || next.observation === 'to-frame')
      return focusOn('#winding-old input:not(:disabled), #winding-old button:not(:disabled)')
    if (next.observation === 'supply-voltage')
      return focusOn('#supply input:not(:disabled), #supply a, #supply button')
    focusOn(`[data-testid="observation-${next.observation}"] button`)
  }
  return (
    <Line
      title={`Next: ${observationInfo(next.observation).label.replace(/, .*/, '').toLowerCase()}`}
      text={`${info.how} ${next.minutes} min, ${power}. ${meanings(next)}`}
      {...(info.caution && next.risk === 'live' ? { caution: info.caution } : {})}
    >
      <button
        type="button"
        className="btn"
        onClick={() => act({ kind: 'declined.set', id: id(), observation: next.observation, on: true })}
      >
        {next.risk === 'live' ? 'Decline' : 'Skip'}
      </button>
      <button type="button" data-key="n" className="btn btn-main" onClick={go}>
        {next.risk === 'none' || info.tools.includes('hand') ? 'Look' : 'Read it'}{' '}
        <kbd className="num text-sm">N</kbd>
      </button>
    </Line>
  )
}

/** While proved dead the dead tests come first; a live one would need the power back. */
const fitsState = (test: NextTest, dead: boolean) => !(dead && test.risk === 'live')

function meanings(test: NextTest): string {
  const telling = test.reads
    .filter((read) => read.points.length > 0)
    .sort((one, two) => two.probability - one.probability)
    .slice(0, 2)
  return telling
    .map(
      (read) =>
        `"${valueLabel(test.observation, read.value)}" (${formatPercent(read.probability)}) would point to: ${shortCauses[read.points[0]!].toLowerCase()}.`,
    )
    .join(' ')
}

function Line({
  title,
  text,
  caution,
  children,
}: {
  title: string
  text: string
  caution?: string
  children: React.ReactNode
}) {
  const { snapshot, act, id } = useJob()
  const declined = snapshot.declined
  return (
    <section aria-label="Next test" className="py-4" data-testid="next-test">
      <div className="flex flex-wrap items-start justify-between gap-x-4 gap-y-2">
        <div className="min-w-0 flex-1 basis-64">
          <h2 className="text-[1.1rem]">{title}</h2>
          <p className="max-w-[72ch] text-[0.95rem] text-soft leading-snug">{text}</p>
          {caution ? (
            <p className="mt-1 max-w-[72ch] border-l-4 border-l-[var(--amber)] pl-2 text-sm">{caution}</p>
          ) : null}
        </div>
        <div className="flex gap-2">{children}</div>
      </div>
      {declined.length > 0 ? (
        <p className="caption mt-1">
          Left out:{' '}
          {declined.map((row) => (
            <button
              key={row.id}
              type="button"
              className="mr-2 underline"
              onClick={() => act({ kind: 'declined.set', id: id(), observation: row.observation, on: false })}
            >
              {observationInfo(row.observation).label.toLowerCase()}
            </button>
          ))}
        </p>
      ) : null}
    </section>
  )
}

function focusOn(selector: string): void {
  const target = document.querySelector<HTMLElement>(selector)
  target?.scrollIntoView({ block: 'center', behavior: 'instant' })
  target?.focus()
}
