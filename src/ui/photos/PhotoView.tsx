'use client'

import { Dialog } from 'radix-ui'
import { useState } from 'react'
import type { LinePhotoRow } from '@/core/job'
import { useJob } from '../job/JobProvider'
import { TextField } from '../kit/TextField'
import { MarkEditor } from './MarkEditor'
import { MarkedPhoto } from './MarkedPhoto'

interface PhotoViewProps {
  photo: LinePhotoRow
  about: string
  /** Photos of the same place: one of the other way is shown over it. */
  beside: LinePhotoRow[]
  onClose: () => void
}

/** A photo as large as the screen, with its words; before and after over each other, parted by a slider. */
export function PhotoView({ photo, about, beside, onClose }: PhotoViewProps) {
  const { snapshot, act, day, clock } = useJob()
  const [share, setShare] = useState(50)
  const [marking, setMarking] = useState(false)
  const now = snapshot.photos.find(({ id }) => id === photo.id)
  const other = beside.find((each) => each.id !== photo.id && each.way !== photo.way)
  if (!now) return null
  const [before, after] = now.way === 'in' ? [now, other] : [other, now]
  const shown = after ?? now
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/60" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-2 z-50 flex flex-col gap-2 overflow-y-auto border border-ink bg-surface p-3 mid:inset-8"
        >
          <div className="flex items-center justify-between gap-3">
            <Dialog.Title className="font-bold first-letter:uppercase">{`${about}, ${day(now.at)} ${clock(now.at)}`}</Dialog.Title>
            <Dialog.Close className="btn">Close</Dialog.Close>
          </div>
          {marking ? (
            <MarkEditor photo={now} />
          ) : (
            <div className="relative min-h-0 flex-1">
              <MarkedPhoto
                hash={shown.hash}
                marks={shown.marks}
                alt={now.caption || about}
                className="h-full w-full"
              />
              {before && after ? (
                // biome-ignore lint/performance/noImgElement: as above
                <img
                  src={`/api/photos/${before.hash}`}
                  alt="The same place before"
                  className="absolute inset-0 h-full w-full object-contain"
                  style={{ clipPath: `inset(0 ${100 - share}% 0 0)` }}
                />
              ) : null}
            </div>
          )}
          {before && after && !marking ? (
            <label className="flex items-center gap-3 text-sm">
              before
              <input
                type="range"
                min={0}
                max={100}
                value={share}
                className="flex-1"
                aria-label="How much of the photo from before is shown"
                onChange={(event) => setShare(Number(event.target.value))}
              />
              after
            </label>
          ) : null}
          <div className="flex flex-wrap items-end gap-3">
            <TextField
              className="min-w-[min(12rem,100%)] flex-1"
              label="What it shows"
              value={now.caption}
              onType={(caption) => act({ kind: 'photo.caption', id: photo.id, caption })}
            />
            <button type="button" className="btn" aria-pressed={marking} onClick={() => setMarking(!marking)}>
              {marking ? 'The marks are done' : 'Mark it'}
            </button>
            <button
              type="button"
              className="btn btn-plain btn-stop"
              onClick={() => {
                act({ kind: 'photo.remove', id: photo.id })
                onClose()
              }}
            >
              Take the photo away
            </button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
