'use client'

import dynamic from 'next/dynamic'
import { fieldText } from '@/core/job'
import { SOUND_PART } from '@/core/job/fields'
import { comparedSounds, type HeardSound, heardOf } from '@/core/job/proving/sounds'
import { useJob } from '../job/JobProvider'
import { NumberField } from '../kit/NumberField'
import { Section } from '../kit/Section'
import { atHand } from '../kit/whenReached'
import { recordingAddress, sendRecording } from './sendRecording'
import { TakeSound } from './TakeSound'

/** What was heard, said and drawn, comes once something was: a job without a recording loads none of it. */
const WasHeard = dynamic(
  atHand(() => import('./WasHeard').then((piece) => piece.WasHeard)),
  { ssr: false },
)

/** A recording of the machine, before the repair or after it, and what differs between the two. */
export function SoundBlock({ way }: { way: 'before' | 'after' }) {
  const { snapshot, act, id } = useJob()
  const sounds = comparedSounds(snapshot)
  const closed = snapshot.job.status === 'closed'
  return (
    <Section
      title={way === 'before' ? 'How it sounds now' : 'How it sounds against before'}
      aside="three to ten seconds, from the same place each time"
      id="sound"
    >
      {way === 'after' || sounds.before ? (
        <ul>
          <Side name="Before" heard={sounds.before} />
          {way === 'after' ? <Side name="After" heard={sounds.after} /> : null}
        </ul>
      ) : (
        <p className="max-w-[72ch]">
          If it still runs, record it before you open it: the sound afterwards is compared with it.
        </p>
      )}
      <div className="mt-3 max-w-72">
        <NumberField
          label="Blades of the wheel"
          typed={fieldText(snapshot, SOUND_PART, 'blades')}
          quantity="count"
          placeholder="5"
          hint="Count them before you record: with them the beat tells the speed."
          onType={(typed) => act({ kind: 'field.set', id: id(), part: SOUND_PART, field: 'blades', typed })}
        />
      </div>
      {closed ? null : (
        <TakeSound
          of={heardOf(snapshot)}
          onHeard={async (name, sound, file) => {
            const own = id()
            const kept = file && (await sendRecording(snapshot.job.id, own, file))
            act({
              kind: 'sound.add',
              id: own,
              way,
              name: name.slice(0, 200),
              analysis: JSON.stringify(sound),
              ...(kept ? { kept } : {}),
            })
          }}
          keeps
          kept="Its level, spectrum and what it may be are kept with the job; the recording itself only if you ask for it."
        />
      )}
      {sounds.before || sounds.after ? <WasHeard way={way} /> : null}
    </Section>
  )
}

function Side({ name, heard }: { name: string; heard: HeardSound | null }) {
  const { snapshot, act, when, now } = useJob()
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-line border-b py-1">
      <b className="w-16 font-semibold">{name}</b>
      {heard ? (
        <>
          <span>{heard.row.name}</span>
          <span className="caption num">{`${heard.sound.seconds} s, heard ${when(heard.row.at, now)}`}</span>
          {heard.row.kept ? (
            // biome-ignore lint/a11y/useMediaCaption: what a machine sounds like has no words
            <audio
              className="h-11 max-w-full"
              controls
              preload="metadata"
              aria-label={`The recording ${name.toLowerCase()}`}
              src={recordingAddress(snapshot.job.id, heard.row.id)}
            />
          ) : null}
          {snapshot.job.status === 'closed' ? null : (
            <button
              type="button"
              className="btn ml-auto min-h-11"
              onClick={() => act({ kind: 'sound.remove', id: heard.row.id })}
            >
              Take away
            </button>
          )}
        </>
      ) : (
        <span className="caption">Nothing is recorded yet.</span>
      )}
    </li>
  )
}
