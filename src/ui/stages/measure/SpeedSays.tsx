'use client'

import { speedOfJob } from '@/core/job/evidence/speedOfJob'
import { valueLabel } from '@/core/knowledge/valueLabels'
import { saySpeed } from '@/wording/saySpeed'
import { useJob } from '../../job/JobProvider'

/** What the running speed says beside its plate; one that is too slow is noted by a tap. */
export function SpeedSays() {
  const { snapshot, act, id } = useJob()
  const speed = speedOfJob(snapshot)
  const state = snapshot.findings.find(({ observation }) => observation === 'fan-state')?.value
  if (!speed) return null
  return (
    <>
      <p className="mt-1 leading-snug" role="status" data-testid="speed-verdict">
        {saySpeed(speed)}
      </p>
      {speed.verdict === 'slow' && state !== 'slow' ? (
        <button
          type="button"
          className="chip mt-2"
          onClick={() => act({ kind: 'finding.set', id: id(), observation: 'fan-state', value: 'slow' })}
        >
          {`It was on its fastest speed: note “${valueLabel('fan-state', 'slow')}”`}
        </button>
      ) : null}
    </>
  )
}
