'use client'

import Link from 'next/link'
import { liveReading } from '@/core/job/energy/liveReading'
import { vocabulary } from '@/core/knowledge/vocabulary'
import { useJob } from './JobProvider'

/** What is left on top while a stop is read past, and the failed proof while its source is looked for. */
export function StopStrip({ reading, onBack }: { reading: boolean; onBack: () => void }) {
  const { stops, energy, snapshot, act, id } = useJob()
  if (energy.stop)
    return (
      <section
        role="alert"
        className="border-stop border-b-4 bg-surface px-5 py-4"
        data-testid="live-reading"
      >
        <h2 className="text-stop text-xl">{`Stop: ${liveReading(energy.stop)}`}</h2>
        <p className="max-w-[75ch] text-lg">
          Hands away: this is live. Find what still feeds it, open that point, and begin the proof anew. Typed
          wrong, or the dial stood wrong? Say so at that reading.
        </p>
        <div className="mt-2 flex flex-wrap gap-2">
          <Link className="btn" href={`/jobs/${snapshot.job.id}/make-dead`}>
            I know what feeds it
          </Link>
          <button
            type="button"
            className="btn btn-stop"
            onClick={() =>
              act({
                kind: 'stop.raise',
                id: id(),
                rule: 'proof-failed',
                note: energy.stop ? liveReading(energy.stop) : '',
              })
            }
          >
            I cannot find it
          </button>
        </div>
      </section>
    )
  if (stops.length === 0 || !reading) return null
  return (
    <section
      aria-label="Stop"
      className="flex flex-wrap items-center gap-4 border-stop border-b-4 bg-surface px-5 py-2"
    >
      <p className="font-bold text-stop">
        {`STOP: ${stops.map((stop) => vocabulary.stopRules[stop.rule].label).join(', ')}`}
      </p>
      <p className="caption">
        {stops.every((stop) => stop.scope === 'live')
          ? 'Nothing live goes on. The parted load may be read dead.'
          : 'Reading only. No work is recorded while this stands.'}
      </p>
      <button type="button" className="btn" onClick={onBack}>
        Back to the stop
      </button>
    </section>
  )
}
