'use client'

import dynamic from 'next/dynamic'
import { useEffect, useRef, useState } from 'react'
import { fieldText } from '@/core/job'
import { comparedSounds, type HeardSound, SOUND_PART } from '@/core/job/proving/sounds'
import { useJob } from '../job/JobProvider'
import { NumberField } from '../kit/NumberField'
import { pageCan } from '../kit/pageCan'
import { Section } from '../kit/Section'
import { atHand } from '../kit/whenReached'
import { heardIn, recorded } from './listen'

const SoundChart = dynamic(
  atHand(() => import('./SoundChart').then((piece) => piece.SoundChart)),
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
      aside="a few seconds, from the same place each time"
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
      {closed ? null : <TakeSound way={way} />}
      {sounds.before || sounds.after ? (
        <div className="mt-3 max-w-56">
          <NumberField
            label="Blades of the wheel"
            typed={fieldText(snapshot, SOUND_PART, 'blades')}
            quantity="count"
            placeholder="5"
            onType={(typed) => act({ kind: 'field.set', id: id(), part: SOUND_PART, field: 'blades', typed })}
          />
        </div>
      ) : null}
      {sounds.difference.length > 0 ? (
        <ul className="mt-3 list-disc pl-5" data-testid="sound-difference">
          {sounds.difference.map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </ul>
      ) : null}
      {way === 'after' && (sounds.before || sounds.after) ? <SoundChart sounds={sounds} /> : null}
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

function TakeSound({ way }: { way: 'before' | 'after' }) {
  const { act, id } = useJob()
  const [busy, setBusy] = useState('')
  const [error, setError] = useState('')
  const [canRecord, setCanRecord] = useState(true)
  const running = useRef<AbortController | null>(null)
  useEffect(() => {
    setCanRecord(pageCan.microphone.can())
    return () => running.current?.abort()
  }, [])
  const take = async (name: string, doing: string, from: (signal: AbortSignal) => Promise<Blob>) => {
    const abort = new AbortController()
    running.current = abort
    setError('')
    setBusy(doing)
    try {
      const heard = await heardIn(await from(abort.signal), abort.signal)
      act({ kind: 'sound.add', id: id(), way, name: name.slice(0, 200), analysis: JSON.stringify(heard) })
    } catch (failure) {
      if (!abort.signal.aborted)
        setError(failure instanceof Error ? failure.message : 'This could not be heard.')
    }
    setBusy('')
  }
  return (
    <div className="mt-3">
      <div className="flex flex-wrap items-center gap-2">
        {canRecord ? (
          <button
            type="button"
            className="btn"
            disabled={busy !== ''}
            onClick={() => void take('recorded here', 'Six seconds are recorded. Keep quiet.', recorded)}
          >
            Record six seconds
          </button>
        ) : null}
        <label className="btn inline-flex focus-within:outline-2 focus-within:outline-teal">
          Choose a recording
          <input
            type="file"
            accept="audio/*"
            className="sr-only"
            disabled={busy !== ''}
            onChange={(event) => {
              const file = event.target.files?.[0]
              event.target.value = ''
              if (file) void take(file.name, 'It is listened to.', async () => file)
            }}
          />
        </label>
        {busy ? (
          <>
            <span role="status">{busy}</span>
            <button type="button" className="btn" onClick={() => running.current?.abort()}>
              Cancel
            </button>
          </>
        ) : null}
      </div>
      <p className="caption mt-1">
        {canRecord ? '' : `${pageCan.microphone.without} `}
        Its level and spectrum are kept with the job; the recording itself stays with you.
      </p>
      {error ? (
        <p className="mt-1 border-stop border-l-4 pl-2" role="alert">
          {error}
        </p>
      ) : null}
    </div>
  )
}
