'use client'

import dynamic from 'next/dynamic'
import { useEffect, useId, useRef, useState } from 'react'
import { useJob } from '../job/JobProvider'
import type { Progress, Recognition } from './recognise'
import { oldPartTarget, type PlateTarget } from './target'

const Proposals = dynamic(() => import('./Proposals').then((module) => module.Proposals), { ssr: false })

/** A photo of a plate, read on this machine; every field beside the piece it came from, to be corrected and taken. */
export function PlatePhoto({
  kind,
  target = oldPartTarget(kind),
}: {
  kind: 'motor' | 'capacitor'
  target?: PlateTarget
}) {
  const input = useId()
  const [progress, setProgress] = useState<Progress | null>(null)
  const [error, setError] = useState<string | null>(null)
  const [found, setFound] = useState<Recognition | null>(null)
  const running = useRef<AbortController | null>(null)
  const { snapshot, act } = useJob()
  const onFile = kind === 'motor' && !target.candidate ? snapshot.machine.platePictureHash : null
  useEffect(() => () => running.current?.abort(), [])
  const read = async (photo: Blob, keep: boolean) => {
    const abort = new AbortController()
    running.current = abort
    setError(null)
    setFound(null)
    try {
      const { recognisePlate } = await import('./recognise')
      setFound(
        await recognisePlate(photo, kind, (next) => !abort.signal.aborted && setProgress(next), abort.signal),
      )
      if (keep && kind === 'motor' && !target.candidate) {
        await keepPicture(photo, (hash) =>
          act({ kind: 'machine.edit', field: 'platePictureHash', value: hash }),
        )
      }
    } catch (failure) {
      if (!abort.signal.aborted)
        setError(failure instanceof Error ? failure.message : 'The plate could not be read. Type it instead.')
    }
    setProgress(null)
  }
  return (
    <div className="mb-4 border-line border-b pb-4" data-testid="plate-photo">
      <div className="flex flex-wrap items-center gap-3">
        <label htmlFor={input} className="btn">
          {kind === 'motor' ? 'Read the plate from a photo' : 'Read the label from a photo'}
        </label>
        <input
          id={input}
          type="file"
          accept="image/*"
          capture="environment"
          className="sr-only"
          onChange={(event) => {
            const photo = event.target.files?.[0]
            if (photo) void read(photo, true)
            event.target.value = ''
          }}
        />
        {onFile && !progress ? (
          <button
            type="button"
            className="btn"
            onClick={() =>
              void fetch(`/api/photos/${onFile}`).then(async (response) => read(await response.blob(), false))
            }
          >
            Read the plate on file
          </button>
        ) : null}
        {progress ? (
          <>
            <span className="flex min-w-48 flex-1 items-center gap-2 text-sm" role="status">
              <progress
                className="h-2 flex-1 accent-[var(--teal)]"
                value={progress.share}
                max={1}
                aria-label={progress.step}
              />
              {progress.step}
            </span>
            <button
              type="button"
              className="btn"
              onClick={() => {
                running.current?.abort()
                setProgress(null)
              }}
            >
              Cancel
            </button>
          </>
        ) : (
          <span className="caption">
            Flash, straight on, the plate filling the picture. It stays on this machine; typing is as good.
          </span>
        )}
      </div>
      {error ? (
        <p className="mt-2 text-stop" role="alert">
          {error}
        </p>
      ) : null}
      {found ? <Proposals kind={kind} found={found} target={target} onClose={() => setFound(null)} /> : null}
    </div>
  )
}

/** The picture stays with the machine, upright and without its location. */
async function keepPicture(photo: Blob, onKept: (hash: string) => void): Promise<void> {
  const response = await fetch('/api/photos', { method: 'POST', body: photo })
  const answer = (await response.json()) as { hash?: string }
  if (answer.hash) onKept(answer.hash)
}
