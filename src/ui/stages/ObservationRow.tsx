'use client'

import { derivedFindings } from '@/core/job'
import { tests } from '@/core/knowledge/tests'
import { shortLabels, valueLabel } from '@/core/knowledge/valueLabels'
import { type ObservationId, observationInfo } from '@/core/knowledge/vocabulary'
import { useJob } from '../job/JobProvider'
import { Chips } from '../kit/Chips'

/** One observation: what is asked, how it is looked at, its answers. Unknown is a good answer. */
export function ObservationRow({
  observation,
  question,
  locked = false,
}: {
  observation: ObservationId
  question?: string
  locked?: boolean
}) {
  const { snapshot, findings, act, id } = useJob()
  const info = observationInfo(observation)
  const derived = derivedFindings(snapshot).find((finding) => finding.observation === observation)
  const how = tests[observation][0]?.how
  const { label } = info
  return (
    <div
      className="grid gap-x-5 gap-y-1 border-line border-b py-2.5 mid:grid-cols-[190px_minmax(0,1fr)]"
      data-testid={`observation-${observation}`}
    >
      <div className="leading-snug">
        <p className="font-semibold">{question ?? shortLabels[observation]}</p>
        {how ? (
          <details className="caption">
            <summary className="min-h-6 underline decoration-dotted underline-offset-2">how</summary>
            {label}. {how}
          </details>
        ) : null}
      </div>
      <Chips
        label={label}
        values={info.values.map((value) => ({ value, label: valueLabel(observation, value) }))}
        chosen={findings[observation] ?? null}
        disabled={locked || derived !== undefined}
        {...(derived ? { note: `from a reading: ${derived.from}` } : {})}
        onChoose={(value) => act({ kind: 'finding.set', id: id(), observation, value })}
      />
    </div>
  )
}
