'use client'

import { stopTriggers } from '@/core/knowledge/stops'
import { type StopRuleId, vocabulary } from '@/core/knowledge/vocabulary'
import { useJob } from './JobProvider'

const observationOf = (rule: StopRuleId) => stopTriggers.find((trigger) => trigger.rule === rule)!.observation

/** A stop stands above everything else of the job, with why and whom to call. */
export function StopNotice() {
  const { diagnosis, energy, act, id } = useJob()
  const stops = diagnosis.stop
  if (stops.length === 0 && !energy.stop) return null
  return (
    <section role="alert" className="border-stop border-b-4 bg-surface px-5 py-4" data-testid="stop">
      <h2 className="mb-1 text-stop text-xl">Stop</h2>
      {energy.stop ? (
        <p className="max-w-[70ch] text-lg">{`${energy.stop.volts} V at ${energy.stop.pair}. Hands away: this is live. Find what still feeds it and open that point, then prove again. If the source is not found, call an electrician.`}</p>
      ) : null}
      {stops.map((stop) => (
        <p key={stop.rule} className="max-w-[70ch] text-lg">
          {stop.text}
        </p>
      ))}
      {stops.length > 0 ? (
        <p className="caption mt-2 max-w-[70ch]">
          The job goes no further while this stands.{' '}
          {diagnosis.stop.map((stop) => (
            <button
              key={stop.rule}
              type="button"
              className="mr-3 underline"
              onClick={() =>
                act({ kind: 'finding.set', id: id(), observation: observationOf(stop.rule), value: null })
              }
            >
              {diagnosis.stop.length > 1
                ? `${vocabulary.stopRules[stop.rule].label}: entered by mistake`
                : 'It was entered by mistake'}
            </button>
          ))}
        </p>
      ) : null}
    </section>
  )
}
