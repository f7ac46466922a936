'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { useJob } from '../job/JobProvider'
import { atHand } from '../kit/whenReached'
import { PhotoButton } from './PhotoButton'
import { oldPartTarget, type PlateTarget } from './target'

const PlateReading = dynamic(
  atHand(() => import('./PlateReading').then((module) => module.PlateReading)),
  {
    ssr: false,
  },
)

interface PlatePhotoProps {
  kind: 'motor' | 'capacitor'
  target?: PlateTarget
}

/** A photo of a plate, read on this machine; what reads it is loaded when there is something to read. */
export function PlatePhoto({ kind, target = oldPartTarget(kind) }: PlatePhotoProps) {
  const { snapshot } = useJob()
  const [reading, setReading] = useState<{ photo: Blob | string; count: number } | null>(null)
  const onFile = kind === 'motor' && !target.candidate ? snapshot.machine.platePictureHash : null
  const read = (photo: Blob | string) => setReading((before) => ({ photo, count: (before?.count ?? 0) + 1 }))
  return (
    <div className="mb-4 border-line border-b pb-4" data-testid="plate-photo">
      <div className="flex flex-wrap items-center gap-3">
        <PhotoButton
          label={kind === 'motor' ? 'Read the plate from a photo' : 'Read the label from a photo'}
          onPhoto={read}
          onOpen={() => void import('./recognise').then(({ warmUp }) => warmUp())}
        />
        {onFile ? (
          <button type="button" className="btn" onClick={() => read(onFile)}>
            Read the plate on file
          </button>
        ) : null}
        <span className="caption">
          Flash, straight on, the plate filling the picture. It stays on this machine; typing is as good.
        </span>
      </div>
      {reading ? (
        <PlateReading
          key={reading.count}
          kind={kind}
          target={target}
          photo={reading.photo}
          onClose={() => setReading(null)}
        />
      ) : null}
    </div>
  )
}
