'use client'

import { useRouter } from 'next/navigation'
import { type ObservationId, observationInfo } from '@/core/knowledge/vocabulary'
import { useJob } from '../../../job/JobProvider'
import { Head } from './Head'
import { Results } from './Results'
import { focusOn, placeOf } from './readings'

/** The power is on for a reading: that reading, and the way back to off. */
export function LiveNow({ chosen }: { chosen: ObservationId | null }) {
  const { snapshot, diagnosis, act } = useJob()
  const router = useRouter()
  const live = diagnosis.nextTests.filter((each) => each.risk === 'live')
  const test = live.find((each) => each.observation === chosen) ?? live[0]
  const off = () => {
    if (act({ kind: 'job.phase', phase: 'work' })) router.push(`/jobs/${snapshot.job.id}/make-dead`)
  }
  const place = test ? placeOf(test.observation) : undefined
  return (
    <div className="border-l-8 border-l-[var(--amber)] pl-3" data-testid="live-now">
      <Head
        title={
          test
            ? `The power is on: ${observationInfo(test.observation).label.replace(/, .*/, '').toLowerCase()}`
            : 'The power is on, and nothing more is to be read live'
        }
        text="Hands away. Read it, then power off: open every point again and prove it anew before anything is touched."
      >
        {place ? (
          <button type="button" className="btn" onClick={() => focusOn(place)}>
            Type the reading
          </button>
        ) : null}
        <button type="button" data-key="n" data-asserts className="btn btn-main" onClick={off}>
          Power off again, and prove <kbd className="num text-sm">N</kbd>
        </button>
      </Head>
      {test ? (
        <div className="mt-2">
          <Results test={test} locked={false} />
        </div>
      ) : null}
    </div>
  )
}
