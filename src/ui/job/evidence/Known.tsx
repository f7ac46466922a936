'use client'

import { derivedFindings, fieldText } from '@/core/job'
import { shortLabels, valueLabel } from '@/core/knowledge/valueLabels'
import type { ObservationId } from '@/core/knowledge/vocabulary'
import { useJob } from '../JobProvider'

/** Key findings and the plate; what was said by hand can be taken back here. */
export function Known() {
  const { snapshot, findings, act, id } = useJob()
  const derived = new Map(derivedFindings(snapshot).map((finding) => [finding.observation, finding.from]))
  const rows = Object.entries(findings) as [ObservationId, string][]
  const plate = [
    fieldText(snapshot, 'motor-old', 'voltages'),
    fieldText(snapshot, 'motor-old', 'amps'),
  ].filter(Boolean)
  return (
    <section aria-label="What is known">
      <h2 className="mb-1 text-[1.05rem]">What is known</h2>
      {rows.length === 0 && plate.length === 0 ? (
        <p className="caption">Nothing yet. Say what you see and hear under Notice.</p>
      ) : null}
      <ul>
        {rows.map(([observation, value]) => {
          const from = derived.get(observation)
          const text = from ?? valueLabel(observation, value)
          return (
            <li
              key={observation}
              className="flex min-h-9 items-center justify-between gap-2 border-line border-b py-1"
            >
              <span className="shrink-0">{shortLabels[observation]}</span>
              <span className="flex items-center gap-1">
                <span className={`num text-right text-[0.9rem] leading-tight ${from ? 'text-copper' : ''}`}>
                  {text}
                </span>
                {from ? (
                  <span className="w-6" />
                ) : (
                  <button
                    type="button"
                    className="grid size-6 shrink-0 place-items-center text-lg text-soft leading-none hover:text-ink"
                    aria-label={`Take back ${shortLabels[observation]}: ${text}`}
                    title="Take it back"
                    onClick={() => act({ kind: 'finding.set', id: id(), observation, value: null })}
                  >
                    ×
                  </button>
                )}
              </span>
            </li>
          )
        })}
        {plate.length > 0 ? (
          <li className="flex justify-between gap-3 border-line border-b py-1.5 pr-7">
            <span>Plate</span>
            <span className="num text-[0.9rem]">{plate.join(' V ') + (plate.length > 1 ? ' A' : ' V')}</span>
          </li>
        ) : null}
      </ul>
    </section>
  )
}
