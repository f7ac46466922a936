'use client'

import { useEffect, useState } from 'react'
import { useJob } from '../job/JobProvider'
import { Proposals } from './Proposals'
import type { Progress, Recognition } from './recognise'
import type { PlateTarget } from './target'

interface PlateReadingProps {
  kind: 'motor' | 'capacitor'
  target: PlateTarget
  /** A photo just taken, or the hash of the one on file. */
  photo: Blob | string
  onClose: () => void
}

/** One photo read: how far it is, what came of it, every field beside the piece it came from. */
export function PlateReading({ kind, target, photo, onClose }: PlateReadingProps) {
  const { act } = useJob()
  const [progress, setProgress] = useState<Progress | null>({ step: 'The picture is opened', share: 0 })
  const [error, setError] = useState<string | null>(null)
  const [found, setFound] = useState<Recognition[]>([])
  /** Photos of the same plate, in the order in which they were taken. */
  const [photos, setPhotos] = useState<(Blob | string)[]>([photo])
  const latest = photos.at(-1) ?? photo
  // biome-ignore lint/correctness/useExhaustiveDependencies: each photo is read once, when it is the latest
  useEffect(() => {
    const abort = new AbortController()
    const read = async () => {
      const picture =
        typeof latest === 'string' ? await (await fetch(`/api/photos/${latest}`)).blob() : latest
      const { recognisePlate } = await import('./recognise')
      const read = await recognisePlate(
        picture,
        kind,
        (next) => !abort.signal.aborted && setProgress(next),
        abort.signal,
      )
      if (abort.signal.aborted) return
      setFound((before) => [...before, read])
      if (typeof latest !== 'string' && kind === 'motor' && !target.candidate)
        await keepPicture(latest, (hash) =>
          act({ kind: 'machine.edit', field: 'platePictureHash', value: hash }),
        )
    }
    read()
      .catch((failure: unknown) => {
        if (!abort.signal.aborted)
          setError(
            failure instanceof Error && !(failure instanceof TypeError)
              ? failure.message
              : 'The plate could not be read now. Try again when the server can be reached, or type it.',
          )
      })
      .finally(() => !abort.signal.aborted && setProgress(null))
    return () => abort.abort()
  }, [latest])
  return (
    <>
      {progress ? (
        <div className="mt-2 flex flex-wrap items-center gap-3">
          <span className="flex min-w-48 flex-1 items-center gap-2 text-sm" role="status">
            <progress
              className="h-2 flex-1 accent-[var(--teal)]"
              value={progress.share}
              max={1}
              aria-label={progress.step}
            />
            {progress.step}
          </span>
          <button type="button" className="btn" onClick={onClose}>
            Cancel
          </button>
        </div>
      ) : null}
      {error ? (
        <p className="mt-2 text-stop" role="alert">
          {error}
        </p>
      ) : null}
      {found.length > 0 ? (
        <Proposals
          kind={kind}
          found={found}
          target={target}
          onMore={(more) => {
            setError(null)
            setProgress({ step: 'The picture is opened', share: 0 })
            setPhotos([...photos, more])
          }}
          onClose={onClose}
        />
      ) : null}
    </>
  )
}

/** The picture stays with the machine, upright and without its location. */
async function keepPicture(photo: Blob, onKept: (hash: string) => void): Promise<void> {
  const response = await fetch('/api/photos', { method: 'POST', body: photo })
  const answer = (await response.json()) as { hash?: string }
  if (answer.hash) onKept(answer.hash)
}
