'use client'

import { fieldText } from '@/core/job'
import { speedOfJob } from '@/core/job/evidence/speedOfJob'
import { SOUND_PART } from '@/core/job/proving/sounds'
import { valueLabel } from '@/core/knowledge/valueLabels'
import { saySpeed } from '@/wording/saySpeed'
import { useJob } from '../../job/JobProvider'
import { NumberField } from '../../kit/NumberField'
import { Section } from '../../kit/Section'

/** How fast it turned while it ran: from a meter, from taps on its beat, or from a recording. */
export function SpeedBlock() {
  const { snapshot, act, id } = useJob()
  const speed = speedOfJob(snapshot)
  const state = snapshot.findings.find(({ observation }) => observation === 'fan-state')?.value
  return (
    <Section
      id="speed"
      title="Speed"
      aside="while it runs; a recording under Notice tells it, or taps under Instruments"
    >
      <div className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <NumberField
          label="It turns, rpm"
          typed={fieldText(snapshot, SOUND_PART, 'rpm')}
          quantity="rpm"
          className="w-40"
          testId="running-speed"
          onType={(typed) => act({ kind: 'field.set', id: id(), part: SOUND_PART, field: 'rpm', typed })}
        />
        {speed ? (
          <p className="min-w-0 flex-1 basis-64 pb-2 leading-snug" role="status" data-testid="speed-verdict">
            {saySpeed(speed)}
          </p>
        ) : null}
      </div>
      {speed?.verdict === 'slow' && state !== 'slow' ? (
        <button
          type="button"
          className="chip mt-2"
          onClick={() => act({ kind: 'finding.set', id: id(), observation: 'fan-state', value: 'slow' })}
        >
          {`It was on its fastest speed: note “${valueLabel('fan-state', 'slow')}”`}
        </button>
      ) : null}
    </Section>
  )
}
