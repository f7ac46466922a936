'use client'

import { stopSigns } from '@/core/knowledge/stopSigns'
import { type StopRuleId, vocabulary } from '@/core/knowledge/vocabulary'
import { useJob } from '../job/JobProvider'
import { FoldSection } from '../kit/FoldSection'

/** Signs that end the work here, to be looked for before hands go in. One tap stops the job. */
export function StopSigns({ rules, title }: { rules: StopRuleId[]; title: string }) {
  const { snapshot, act, id } = useJob()
  const settled = snapshot.stops.filter((row) => row.overriddenAt || row.liftedAt)
  return (
    <FoldSection title={title} aside="one tap stops the job and says whom to call">
      <ul className="grid gap-x-6 mid:grid-cols-2" data-testid="stop-signs">
        {rules.map((rule) => (
          <li key={rule} className="flex items-center justify-between gap-2 border-line border-b py-1">
            <span className="leading-snug">{stopSigns[rule]}</span>
            <button
              type="button"
              className="chip shrink-0"
              aria-label={`Yes: ${stopSigns[rule]}`}
              onClick={() => act({ kind: 'stop.raise', id: id(), rule, note: '' })}
            >
              yes, stop
            </button>
          </li>
        ))}
      </ul>
      {settled.map((row) => (
        <p key={row.id} className="caption mt-1">
          {`${vocabulary.stopRules[row.rule].label}: ${row.overriddenAt ? 'went on, because' : 'lifted,'} ${row.reason}`}
        </p>
      ))}
    </FoldSection>
  )
}
