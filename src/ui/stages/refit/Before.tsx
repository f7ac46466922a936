'use client'

import { useState } from 'react'
import type { LinePhotoRow } from '@/core/job'
import { seenBefore } from '@/core/job/ledger/seenBefore'
import { useJob } from '../../job/JobProvider'
import { PhotoThumb } from '../../photos/PhotoThumb'
import { PhotoView } from '../../photos/PhotoView'
import { NoPhoto } from '../NoPhoto'

/** How a line of the way back stood before it came apart: the photograph ahead of it on the way in, or what was said instead. */
export function Before({ lineId }: { lineId: string }) {
  const { snapshot } = useJob()
  const [open, setOpen] = useState<LinePhotoRow | null>(null)
  const before = seenBefore(snapshot, lineId)
  if (!before) return null
  const about = before.line.part || 'how it was'
  return (
    <div className="flex flex-wrap items-center gap-2 py-1" data-testid="before">
      {before.photos.length > 0 ? <span className="caption">{`Before: ${about}`}</span> : null}
      {before.photos.map((photo) => (
        <PhotoThumb key={photo.id} photo={photo} about={about} onOpen={() => setOpen(photo)} />
      ))}
      <NoPhoto before={before} />
      {open ? (
        <PhotoView photo={open} about={about} beside={before.photos} onClose={() => setOpen(null)} />
      ) : null}
    </div>
  )
}
