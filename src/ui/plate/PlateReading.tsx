'use client'

import { useEffect, useState } from 'react'
import { labels } from '@/core/job/ledger/labels'
import type { PlateKind } from '@/core/plate'
import { useJob } from '../job/JobProvider'
import { PhotoFrame } from './PhotoFrame'
import { Proposals } from './Proposals'
import type { Progress, Recognition } from './recognise'
import type { PlateTarget } from './target'

interface PlateReadingProps {
  kind: PlateKind
  target: PlateTarget
  /** A photo just taken, or the hash of the one on file. */
  photo: Blob | string
  onClose: () => void
}

const NOT_NOW = 'The plate could not be read now. Try again when the server can be reached, or type it.'

/** Photos of one plate: each is framed, then read; how far it is, and every field beside the piece it came from. */
export function PlateReading({ kind, target, photo, onClose }: PlateReadingProps) {
  const { act } = useJob()
  const [progress, setProgress] = useState<Progress | null>(null)
  const [error, setError] = useState<string | null>(null)
  const [found, setFound] = useState<Recognition[]>([])
  /** Waits to be turned and framed. */
  const [opened, setOpened] = useState<Blob | null>(null)
  const [framed, setFramed] = useState<Blob | null>(null)
  const fail = (failure: unknown) =>
    setError(failure instanceof Error && !(failure instanceof TypeError) ? failure.message : NOT_NOW)
  const onFile = typeof photo === 'string'
  // biome-ignore lint/correctness/useExhaustiveDependencies: a photo on file is fetched once
  useEffect(() => {
    let gone = false
    const open = async () => (onFile ? (await fetch(`/api/photos/${photo}`)).blob() : photo)
    open().then((blob) => !gone && setOpened(blob), fail)
    return () => {
      gone = true
    }
  }, [photo])
  // biome-ignore lint/correctness/useExhaustiveDependencies: each photo is read once, when it is framed
  useEffect(() => {
    if (!framed) return
    const abort = new AbortController()
    const read = async () => {
      setProgress({ step: 'The picture is opened', share: 0 })
      const { recognisePlate } = await import('./recognise')
      const recognition = await recognisePlate(
        framed,
        kind,
        (next) => !abort.signal.aborted && setProgress(next),
        abort.signal,
      )
      if (abort.signal.aborted) return
      setFound((before) => [...before, recognition])
      setProgress(null)
      // A part in the hand is none of the machine, and what is on file is there already.
      if (!target.candidate && !(onFile && found.length === 0))
        await keepPicture(framed, (value) => act({ kind: 'machine.edit', field: labels[kind].column, value }))
    }
    read()
      .catch((failure: unknown) => !abort.signal.aborted && fail(failure))
      .finally(() => !abort.signal.aborted && setProgress(null))
    return () => abort.abort()
  }, [framed])
  return (
    <>
      {opened ? (
        <PhotoFrame
          photo={opened}
          onFramed={(blob) => {
            setOpened(null)
            setFramed(blob)
          }}
          onError={(failure) => {
            setOpened(null)
            fail(failure)
          }}
          onLeave={() => (found.length > 0 ? setOpened(null) : onClose())}
        />
      ) : null}
      {progress ? (
        <div className="mt-2 flex flex-wrap items-center gap-3">
          <span className="flex min-w-[min(12rem,100%)] flex-1 items-center gap-2 text-sm" role="status">
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
            setOpened(more)
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
