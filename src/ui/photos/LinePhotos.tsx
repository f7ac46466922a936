'use client'

import { useEffect, useId, useState } from 'react'
import type { LinePhotoRow } from '@/core/job'
import { useJob } from '../job/JobProvider'
import { usePhotos } from './PhotoSender'
import { PhotoThumb } from './PhotoThumb'
import { PhotoView } from './PhotoView'
import type { UnsentPhoto } from './unsent'

interface LinePhotosProps {
  /** Empty: the machine as it was found. */
  lineId: string
  way: 'in' | 'back'
  /** What is photographed, for those who do not see it. */
  about: string
  /** The key P takes one of it. */
  keyed?: boolean
  /** Taking it is the next act: a button for a gloved thumb. */
  large?: boolean
}

/** The photos of one line, and a camera to take another. */
export function LinePhotos({ lineId, way, about, keyed = false, large = false }: LinePhotosProps) {
  const { snapshot } = useJob()
  const { unsent, take } = usePhotos()
  const input = useId()
  const [open, setOpen] = useState<LinePhotoRow | null>(null)
  const rows = snapshot.photos.filter((photo) => photo.lineId === lineId)
  const waiting = unsent.filter((photo) => photo.lineId === lineId)
  return (
    <div className="flex flex-wrap items-center gap-2 py-1" data-testid="line-photos">
      {rows.map((photo) => (
        <PhotoThumb key={photo.id} photo={photo} about={about} onOpen={() => setOpen(photo)} />
      ))}
      {waiting.map((photo) => (
        <Waiting key={photo.id} photo={photo} />
      ))}
      <label
        htmlFor={input}
        className={large ? 'btn btn-main !min-h-20 w-full justify-center text-2xl' : 'btn'}
      >
        {rows.length + waiting.length > 0 ? 'Another photo' : large ? 'Take the photo' : 'Photo'}
      </label>
      <input
        id={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        capture="environment"
        className="sr-only"
        {...(keyed ? { 'data-key': 'p' } : {})}
        aria-label={`Take a photo of ${about}`}
        onChange={(event) => {
          const photo = event.target.files?.[0]
          if (photo) take(photo, lineId, way)
          event.target.value = ''
        }}
      />
      {open ? <PhotoView photo={open} about={about} beside={rows} onClose={() => setOpen(null)} /> : null}
    </div>
  )
}

/** A photo that is here and not stored yet. */
function Waiting({ photo }: { photo: UnsentPhoto }) {
  const [url, setUrl] = useState('')
  useEffect(() => {
    const made = URL.createObjectURL(photo.picture)
    setUrl(made)
    return () => URL.revokeObjectURL(made)
  }, [photo.picture])
  return (
    <span className="relative block" data-testid="unsent-photo">
      {url ? (
        // biome-ignore lint/performance/noImgElement: a picture made here, in memory
        <img src={url} alt="" className="h-16 w-20 border border-line object-cover opacity-70" />
      ) : null}
      <span className="caption absolute inset-x-0 bottom-0 bg-surface px-1 leading-tight">kept here</span>
    </span>
  )
}
