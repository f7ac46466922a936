'use client'

import { useEffect, useRef, useState } from 'react'
import type { RecordingLevel } from '@/core/sound/advice'
import type { SoundAnalysis } from '@/core/sound/analyse'
import type { HeardOf } from '@/core/sound/hear'
import { pageCan } from '../kit/pageCan'
import { LevelBar } from './LevelBar'
import { heardIn, recorded } from './listen'

interface TakeSoundProps {
  /** What is known of the machine that is heard. */
  of: HeardOf
  /** `file`: the recording itself, where it is asked to be kept. */
  onHeard: (name: string, heard: SoundAnalysis, file: Blob | null) => void | Promise<void>
  /** What becomes of the recording. */
  kept: string
  /** Whether the recording itself can be kept. */
  keeps?: boolean
}

/** What is under way: nothing, a recording with its level, or listening with its share done. */
type Doing = { what: 'recording'; level: RecordingLevel | null } | { what: 'listening'; share: number } | null

/** A few seconds from the microphone or a file, listened to in a worker. */
export function TakeSound({ of, onHeard, kept, keeps = false }: TakeSoundProps) {
  const [doing, setDoing] = useState<Doing>(null)
  const [error, setError] = useState('')
  const [canRecord, setCanRecord] = useState(true)
  const [keep, setKeep] = useState(false)
  const running = useRef<AbortController | null>(null)
  const enough = useRef<AbortController | null>(null)
  // What is typed while it records counts: it is asked for when the listening begins.
  const known = useRef(of)
  known.current = of
  useEffect(() => {
    setCanRecord(pageCan.microphone.can())
    return () => running.current?.abort()
  }, [])
  const take = async (name: string, from: (signal: AbortSignal) => Promise<Blob>) => {
    const abort = new AbortController()
    running.current = abort
    setError('')
    try {
      const file = await from(abort.signal)
      const onShare = (share: number) => setDoing({ what: 'listening', share })
      onShare(0)
      const heard = await heardIn(file, () => known.current, abort.signal, onShare)
      await onHeard(name, heard, keeps && keep ? file : null)
    } catch (failure) {
      if (!abort.signal.aborted)
        setError(failure instanceof Error ? failure.message : 'This could not be heard.')
    }
    setDoing(null)
  }
  const record = (signal: AbortSignal) => {
    const own = new AbortController()
    enough.current = own
    setDoing({ what: 'recording', level: null })
    return recorded({
      signal,
      enough: own.signal,
      onLevel: (level) => setDoing({ what: 'recording', level }),
    })
  }
  const choose = (file: File | undefined) => {
    if (file && doing === null) void take(file.name, async () => file)
  }
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the button beside it takes a file by keyboard and thumb
    <div
      className="mt-3"
      data-testid="take-sound"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault()
        choose(event.dataTransfer.files[0])
      }}
    >
      <div className="flex flex-wrap items-center gap-2">
        {canRecord && doing?.what !== 'recording' ? (
          <button
            type="button"
            className="btn"
            disabled={doing !== null}
            onClick={() => void take('recorded here', record)}
          >
            Record it
          </button>
        ) : null}
        {doing?.what === 'recording' ? (
          <LevelBar level={doing.level} onEnough={() => enough.current?.abort()} />
        ) : (
          <label className="btn inline-flex focus-within:outline-2 focus-within:outline-teal">
            Choose a recording
            <input
              type="file"
              accept="audio/*"
              className="sr-only"
              disabled={doing !== null}
              onChange={(event) => {
                const file = event.target.files?.[0]
                event.target.value = ''
                choose(file)
              }}
            />
          </label>
        )}
        {doing?.what === 'listening' ? (
          <>
            <progress
              className="h-3 w-40 accent-[var(--teal)]"
              max={1}
              value={doing.share}
              aria-label="It is listened to"
            />
            <span className="num text-sm" aria-hidden="true">{`${Math.round(100 * doing.share)} %`}</span>
          </>
        ) : null}
        {doing ? (
          <button type="button" className="btn" onClick={() => running.current?.abort()}>
            Cancel
          </button>
        ) : null}
      </div>
      {keeps ? (
        <label className="mt-1 flex min-h-11 w-fit items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={keep}
            onChange={(event) => setKeep(event.target.checked)}
          />
          Keep the recording itself too, to hear it again
        </label>
      ) : null}
      <p className="caption mt-1">
        {canRecord ? '' : `${pageCan.microphone.without} `}
        {kept}
      </p>
      {error ? (
        <p className="mt-1 border-stop border-l-4 pl-2" role="alert">
          {error}
        </p>
      ) : null}
    </div>
  )
}
