'use client'

import { useMemo } from 'react'
import { fieldText } from '@/core/job'
import { SOUND_PART } from '@/core/job/fields'
import { comparedSounds } from '@/core/job/proving/sounds'
import type { RecordedSureness } from '@/core/knowledge/recordingsCounted'
import { changeLines } from '@/wording/sayHeard'
import type { DrawnSound } from '@/wording/soundCharts'
import { useJob } from '../job/JobProvider'
import { AgainstNormal } from './AgainstNormal'
import { SoundChart } from './SoundChart'
import { Told } from './Told'

/** What the recordings of a job tell: what the newest may be, what differs from before and from a good day, both drawn. */
export function WasHeard({ way }: { way: 'before' | 'after' }) {
  const { snapshot, act, id } = useJob()
  const sounds = comparedSounds(snapshot)
  const own = sounds[way]
  const closed = snapshot.job.status === 'closed'
  const drawn = useMemo<DrawnSound[]>(
    () => [
      ...(sounds.before ? [{ name: 'before' as const, ...sounds.before }] : []),
      ...(way === 'after' && sounds.after ? [{ name: 'after' as const, ...sounds.after }] : []),
    ],
    [sounds, way],
  )
  const rpm = own?.heard.rpm ? Math.round(own.heard.rpm.value) : null
  const lines = way === 'after' && sounds.change ? changeLines(sounds.change) : []
  return (
    <>
      {own ? (
        <Told
          heard={own.heard}
          {...(way === 'before' && !closed
            ? {
                noted: snapshot.findings.find(({ observation }) => observation === 'sound')?.value ?? null,
                onNote: (value: string, recorded: RecordedSureness) =>
                  act({ kind: 'finding.set', id: id(), observation: 'sound', value, recorded }),
              }
            : {})}
        />
      ) : null}
      {rpm !== null && !closed && fieldText(snapshot, SOUND_PART, 'rpm') !== String(rpm) ? (
        <button
          type="button"
          className="btn mt-2"
          onClick={() =>
            act({ kind: 'field.set', id: id(), part: SOUND_PART, field: 'rpm', typed: String(rpm) })
          }
        >
          {`Take ${rpm} rpm as the speed that is measured`}
        </button>
      ) : null}
      {lines.length > 0 ? (
        <ul className="mt-3 list-disc pl-5" data-testid="sound-difference">
          {lines.map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </ul>
      ) : null}
      {own ? <AgainstNormal heard={own.heard} /> : null}
      {drawn.length > 0 ? <SoundChart sounds={drawn} marks={sounds.marks} /> : null}
    </>
  )
}
