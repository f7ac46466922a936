'use client'

import type { LinePhotoRow } from '@/core/job'

/** A photo, small: a tap opens it. */
export function PhotoThumb({
  photo,
  about,
  onOpen,
}: {
  photo: LinePhotoRow
  about: string
  onOpen: () => void
}) {
  return (
    <button
      type="button"
      className="block"
      aria-label={`Photo of ${about}${photo.caption ? `: ${photo.caption}` : ''}, open it`}
      onClick={onOpen}
    >
      {/* biome-ignore lint/performance/noImgElement: served from the data folder, already small */}
      <img
        src={`/api/photos/${photo.hash}`}
        alt=""
        className="h-16 w-20 border border-line object-cover"
        loading="lazy"
      />
    </button>
  )
}
