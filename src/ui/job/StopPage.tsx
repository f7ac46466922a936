'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { type ActiveStop, standingPoints } from '@/core/job'
import type { LiftWay } from '@/core/job/acts/actTypes'
import { stopGaps } from '@/core/knowledge/stopGaps'
import { stopSigns } from '@/core/knowledge/stopSigns'
import { shortLabels, valueLabel } from '@/core/knowledge/valueLabels'
import { vocabulary } from '@/core/knowledge/vocabulary'
import { Meant } from '../danger/Meant'
import { StopAdvice } from '../danger/StopAdvice'
import { Chips } from '../kit/Chips'
import { TextField } from '../kit/TextField'
import { useJob } from './JobProvider'

/** A stop takes the place of the work: what it is, what to do this minute, whom to call, and the ways out that there are. */
export function StopPage({ onRead }: { onRead: () => void }) {
  const { snapshot, stops, act, energy } = useJob()
  const router = useRouter()
  // It ends where a job ends: there it says that it is closed, and the record is opened.
  const handOver = () => {
    if (act({ kind: 'job.close', result: 'handed-over' })) router.push(`/jobs/${snapshot.job.id}/prove`)
  }
  return (
    <div className="py-5" role="alert" data-testid="stop">
      {stops.map((stop) => (
        <OneStop key={stop.rule} stop={stop} />
      ))}
      {snapshot.job.status === 'open' ? (
        <section aria-label="Then" className="rule-top mt-5 pt-4">
          <h2 className="mb-2 text-[1.05rem]">Then</h2>
          <div className="flex flex-wrap gap-2">
            <Link prefetch={false} className="btn" href={`/jobs/${snapshot.job.id}/call-card`}>
              The card to show them
            </Link>
            <Link prefetch={false} className="btn" href={`/jobs/${snapshot.job.id}/record`}>
              The record, to show them
            </Link>
            <button type="button" className="btn" onClick={handOver}>
              Hand the job over and close it
            </button>
            {stops.every((stop) => stop.scope === 'live') ? (
              <Link
                className="btn btn-plain"
                href={`/jobs/${snapshot.job.id}/${energy.handsIn ? 'measure' : 'make-dead'}`}
                prefetch={false}
                onClick={onRead}
              >
                Isolate it, and read it dead
              </Link>
            ) : (
              <button type="button" className="btn btn-plain" onClick={onRead}>
                Read on, without working
              </button>
            )}
          </div>
        </section>
      ) : (
        <HandedOver />
      )}
      {stops.every((stop) => stop.rule !== 'gas-smell' && stop.rule !== 'co-or-soot') ? (
        <section aria-label="Meanwhile" className="rule-top mt-5 pt-4">
          <h2 className="mb-1 text-[1.05rem]">Meanwhile</h2>
          {stopGaps[snapshot.machine.family].map((text) => (
            <p key={text} className="max-w-[70ch]">
              {text}
            </p>
          ))}
        </section>
      ) : null}
    </div>
  )
}

/** The job is closed with its stop standing: what of the machine is still on, for whoever comes. */
function HandedOver() {
  const { snapshot } = useJob()
  const on = standingPoints(snapshot).filter(({ openedAt }) => openedAt === null)
  return (
    <section aria-label="Handed over" className="rule-top mt-5 pt-4">
      <h2 className="mb-1 text-[1.05rem]">The job is closed</h2>
      <p className="max-w-[70ch]">
        {on.length > 0
          ? `Nobody said of these that they are off: ${on.map(({ label }) => label.toLowerCase()).join(', ')}. Tell whoever comes.`
          : 'Every point of the plan was said to be off. Tell whoever comes how each is held.'}
      </p>
      <Link className="btn mt-2" href={`/jobs/${snapshot.job.id}/record`}>
        The record, to show them
      </Link>
    </section>
  )
}

function OneStop({ stop }: { stop: ActiveStop }) {
  const { findings, clock } = useJob()
  const seen = stop.observation
    ? `${shortLabels[stop.observation]}: ${valueLabel(stop.observation, findings[stop.observation] ?? '')}`
    : stop.note || stopSigns[stop.rule]
  return (
    <section aria-label={vocabulary.stopRules[stop.rule].label} className="mb-6 border-stop border-l-8 pl-4">
      <StopAdvice rule={stop.rule} text={stop.text} call={stop.call} />
      <p className="caption mt-4">{`${seen}, ${clock(stop.at)}.`}</p>
      {stop.job ? (
        <p className="mt-2 max-w-[65ch]">
          It was said in another job at this machine, and is lifted there:{' '}
          <Link className="text-teal underline" href={`/jobs/${stop.job}`} prefetch={false}>
            open that job
          </Link>
          .
        </p>
      ) : (
        <WaysOut stop={stop} />
      )}
    </section>
  )
}

const LIFTS = [
  { value: 'mended', label: 'It was put right' },
  { value: 'mistake', label: 'It was said by mistake' },
] as const

/** A hard stop is lifted by one sentence: who put it right, or what was meant instead. A warning may be overridden. */
function WaysOut({ stop }: { stop: ActiveStop }) {
  const { act, id } = useJob()
  const [reason, setReason] = useState('')
  const [how, setHow] = useState<LiftWay | null>(null)
  const warning = stop.level === 'warning'
  const lift = (way: LiftWay, said: string) => {
    if (stop.observation)
      act({
        kind: 'finding.set',
        id: id(),
        observation: stop.observation,
        value: null,
        how: way,
        reason: said,
      })
    else act({ kind: 'stop.lift', rule: stop.rule, how: way, reason: said })
  }
  const send = () => {
    if (warning) act({ kind: 'stop.override', rule: stop.rule, reason })
    else if (how) lift(how, reason)
  }
  return (
    <form
      className="mt-2 max-w-xl"
      onSubmit={(event) => {
        event.preventDefault()
        send()
      }}
    >
      {warning ? null : (
        <Chips
          label="What lifts this stop"
          values={LIFTS.map(({ value, label }) => ({ value, label }))}
          chosen={how ?? ''}
          onChoose={(value) => setHow(LIFTS.find((each) => each.value === value)?.value ?? null)}
        />
      )}
      {how === 'mistake' ? <Meant rule={stop.rule} onMeant={(said) => lift('mistake', said)} /> : null}
      {warning || how === 'mended' ? (
        <div className="mt-2 flex flex-wrap items-end gap-2">
          <TextField
            className="min-w-0 flex-1 basis-60"
            label={warning ? 'Why may the work go on?' : 'Who put it right, and what was done?'}
            value={reason}
            placeholder={
              warning ? 'the landlord agreed in writing' : 'an electrician renewed the wire, Tuesday'
            }
            onType={setReason}
          />
          <button type="submit" className="btn" disabled={reason.trim().length < 3}>
            {warning ? 'Go on with this reason' : 'It stands no longer'}
          </button>
        </div>
      ) : null}
    </form>
  )
}
