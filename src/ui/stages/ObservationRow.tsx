'use client'

import type { ReactNode } from 'react'
import { derivedFindings } from '@/core/job'
import { tests } from '@/core/knowledge/tests'
import { shortLabels, valueLabel } from '@/core/knowledge/valueLabels'
import { type ObservationId, observationInfo } from '@/core/knowledge/vocabulary'
import { useJob } from '../job/JobProvider'
import { Chips } from '../kit/Chips'
import { useRowClass } from '../kit/focus'
import { AnswerInWords } from './AnswerInWords'

/** Not a value of the vocabulary: the question is left out, and not asked again. */
const CANNOT_TELL = 'cannot-tell'
/** Values of the vocabulary that say the same themselves. */
const UNKNOWNS = ['unsure', 'unknown', 'not-done', 'not-opened']

/** One observation: what is asked, how it is looked at, its answers. Unknown is a good answer. */
export function ObservationRow({
  observation,
  question,
  locked = false,
  alone = false,
  children,
}: {
  observation: ObservationId
  question?: string
  locked?: boolean
  /** A phone asks it alone, when it is its turn. */
  alone?: boolean
  /** Stands under the answers. */
  children?: ReactNode
}) {
  const { snapshot, findings, act, id } = useJob()
  const classOf = useRowClass()
  const shown = alone ? classOf(observation) : ''
  const info = observationInfo(observation)
  const derived = derivedFindings(snapshot).find((finding) => finding.observation === observation)
  const how = tests[observation][0]?.how
  const { label } = info
  const ownUnknown = info.values.some((value) => UNKNOWNS.includes(value))
  const leftOut = snapshot.declined.some((row) => row.observation === observation)
  const choose = (value: string | null) => {
    if (value === CANNOT_TELL || (value === null && leftOut)) {
      if (findings[observation] !== undefined)
        act({ kind: 'finding.set', id: id(), observation, value: null })
      act({ kind: 'declined.set', id: id(), observation, on: value === CANNOT_TELL, why: 'unknown' })
    } else act({ kind: 'finding.set', id: id(), observation, value })
  }
  return (
    <div
      className={`grid gap-x-5 gap-y-1 border-line border-b py-2.5 mid:grid-cols-[190px_minmax(0,1fr)] ${shown}`}
      data-testid={`observation-${observation}`}
    >
      <div className="leading-snug">
        <p className="font-semibold">{question ?? shortLabels[observation]}</p>
        <div className="flex flex-wrap items-baseline gap-x-5">
          {how ? (
            <details className="caption open:basis-full">
              <summary className="min-h-6 underline decoration-dotted underline-offset-2">how</summary>
              {label}. {how}
            </details>
          ) : null}
          {locked || derived ? null : (
            <AnswerInWords
              observation={observation}
              onValue={(value) => choose(value)}
              onUnknown={() => choose(CANNOT_TELL)}
            />
          )}
        </div>
      </div>
      <div>
        <Chips
          label={label}
          values={[
            ...info.values.map((value) => ({ value, label: valueLabel(observation, value) })),
            ...(derived || ownUnknown ? [] : [{ value: CANNOT_TELL, label: 'cannot tell' }]),
          ]}
          chosen={findings[observation] ?? (leftOut ? CANNOT_TELL : null)}
          disabled={locked || derived !== undefined}
          {...(derived ? { note: `from a reading: ${derived.from}` } : {})}
          onChoose={choose}
        />
        {children}
      </div>
    </div>
  )
}
