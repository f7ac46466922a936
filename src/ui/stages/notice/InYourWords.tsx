'use client'

import { useRef } from 'react'
import { wasStopped } from '@/core/job'
import { inOrderOfLife, triggersOf } from '@/core/knowledge/stops'
import { shortLabels, valueLabel } from '@/core/knowledge/valueLabels'
import { observationInfo, type StopRuleId } from '@/core/knowledge/vocabulary'
import { factsTold } from '@/core/words/factsTold'
import { useNoticed } from '../../bench/useNoticed'
import { DangerNow } from '../../danger/DangerNow'
import { useJob } from '../../job/JobProvider'
import { TextField } from '../../kit/TextField'

/**
 * The story in the person's own words. What is added to it later is read like the first sentence: a danger shows its advice at
 * once and stops the job when the field is left; a fact that nobody has tapped yet is offered.
 */
export function InYourWords() {
  const { snapshot, stops, findings, act, id } = useJob()
  const { job } = snapshot
  const noticed = useNoticed(job.symptom)
  const opened = useRef(job.symptom)
  const stands = (rule: StopRuleId) => stops.some((stop) => stop.rule === rule)
  const raised = inOrderOfLife(noticed?.raised ?? []).filter((rule) => !stands(rule))
  const fresh = raised.filter((rule) => !wasStopped(snapshot, rule))
  // Lifted once, the same words stop nobody again; words that are changed afterwards are asked about.
  const again = job.symptom === opened.current ? [] : raised.filter((rule) => wasStopped(snapshot, rule))
  const asking = [
    ...again,
    ...inOrderOfLife(noticed?.asked ?? []).filter((rule) => !stands(rule) && !wasStopped(snapshot, rule)),
  ]
  const raise = (rule: StopRuleId, note: string) => act({ kind: 'stop.raise', id: id(), rule, note })
  const meant = (rule: StopRuleId, reason: string) => {
    raise(rule, 'in your words')
    act({ kind: 'stop.lift', rule, how: 'mistake', reason })
  }
  const offered = factsTold(noticed).filter(
    ({ observation, value }) =>
      findings[observation] === undefined &&
      observationInfo(observation).values.includes(value) &&
      !snapshot.declined.some((row) => row.observation === observation) &&
      triggersOf(observation, value).length === 0,
  )
  return (
    <fieldset
      className="mt-3"
      onBlur={(event) => {
        // Who goes on to say what was meant is not stopped meanwhile.
        if (event.currentTarget.contains(event.relatedTarget)) return
        for (const rule of fresh) raise(rule, 'in your words')
      }}
    >
      <TextField
        label="In your words"
        lines={2}
        value={job.symptom}
        onType={(value) => act({ kind: 'job.edit', field: 'symptom', value })}
      />
      {fresh.length > 0 || asking.length > 0 ? (
        <DangerNow
          standing={fresh}
          asking={asking}
          guessed={noticed?.guessed ?? []}
          onMeant={meant}
          onSo={(rule) =>
            raise(
              rule,
              noticed?.guessed.includes(rule)
                ? 'perhaps in your words, and not denied'
                : 'denied in your words, and not sure',
            )
          }
        />
      ) : null}
      {offered.length > 0 ? (
        <div className="mt-2 flex flex-wrap items-center gap-1.5 text-sm" data-testid="words-offered">
          Your words also say, if it is so now:
          {offered.map(({ observation, value }) => (
            <button
              key={observation}
              type="button"
              className="chip"
              onClick={() => act({ kind: 'finding.set', id: id(), observation, value })}
            >
              {`${shortLabels[observation].toLowerCase()}: ${valueLabel(observation, value)}`}
            </button>
          ))}
        </div>
      ) : null}
    </fieldset>
  )
}
