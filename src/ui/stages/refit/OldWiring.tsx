'use client'

import { useState } from 'react'
import { type WiringPhoto, wiringPhotosOf } from '@/core/wiring/oldPhotos'
import { useJob } from '../../job/JobProvider'
import { MarkedPhoto } from '../../photos/MarkedPhoto'
import { PhotoView } from '../../photos/PhotoView'

/** How the old wiring looked, beside where the new leads land: one photo large, the others a tap away. */
export function OldWiring() {
  const { snapshot } = useJob()
  const photos = wiringPhotosOf(snapshot)
  const [chosen, setChosen] = useState('')
  const [open, setOpen] = useState<WiringPhoto | null>(null)
  const shown = photos.find(({ photo }) => photo.id === chosen) ?? photos[0]
  return (
    <div className="mb-5" data-testid="old-wiring">
      <h3 className="font-bold">The old wiring as photographed</h3>
      {shown ? (
        <>
          <button
            type="button"
            className="mt-1 block w-full border border-line"
            aria-label={`Photo of ${shown.about}, open it`}
            onClick={() => setOpen(shown)}
          >
            <MarkedPhoto
              hash={shown.photo.hash}
              marks={shown.photo.marks}
              alt={shown.about}
              className="aspect-[4/3] w-full"
            />
          </button>
          <p className="caption mt-1 first-letter:uppercase">{shown.about}</p>
          {photos.length > 1 ? (
            <div className="mt-1 flex flex-wrap gap-1.5">
              {photos.map(({ photo, about }) => (
                <button
                  key={photo.id}
                  type="button"
                  className="block"
                  aria-pressed={photo.id === shown.photo.id}
                  aria-label={`Show the photo of ${about}`}
                  onClick={() => setChosen(photo.id)}
                >
                  {/* biome-ignore lint/performance/noImgElement: served from the data folder, already small */}
                  <img
                    src={`/api/photos/${photo.hash}`}
                    alt=""
                    loading="lazy"
                    className={`h-12 w-16 border object-cover ${photo.id === shown.photo.id ? 'border-ink border-2' : 'border-line'}`}
                  />
                </button>
              ))}
            </div>
          ) : null}
        </>
      ) : (
        <p className="caption mt-1">
          None was taken on the way in. The list of landings stands on the plate and the ohms alone: read the
          plate’s own diagram before you land a lead.
        </p>
      )}
      {open ? (
        <PhotoView
          photo={open.photo}
          about={open.about}
          beside={snapshot.photos.filter(({ lineId }) => lineId === open.photo.lineId)}
          onClose={() => setOpen(null)}
        />
      ) : null}
    </div>
  )
}
