'use client'

import { useEffect, useRef, useState } from 'react'
import type { SoundAnalysis } from '@/core/sound/analyse'
import type { HeardOf } from '@/core/sound/hear'
import { pageCan } from '../kit/pageCan'
import { heardIn, recorded } from './listen'

interface TakeSoundProps {
  /** What is known of the machine that is heard. */
  of: HeardOf
  onHeard: (name: string, heard: SoundAnalysis) => void
  /** What becomes of the recording. */
  kept: string
}

/** A few seconds from the microphone or a file, listened to in a worker. */
export function TakeSound({ of, onHeard, kept }: TakeSoundProps) {
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
      onHeard(name, await heardIn(await from(abort.signal), of, abort.signal))
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
