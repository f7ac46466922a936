'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { labels } from '@/core/job/ledger/labels'
import type { PlateKind } from '@/core/plate'
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
  kind: PlateKind
  target?: PlateTarget
}

/** A photo of a plate, read on this machine; what reads it is loaded when there is something to read. */
export function PlatePhoto({ kind, target = oldPartTarget(kind) }: PlatePhotoProps) {
  const { snapshot } = useJob()
  const [reading, setReading] = useState<{ photo: Blob | string; count: number } | null>(null)
  const onFile = target.candidate ? null : snapshot.machine[labels[kind].column]
  const named = kind === 'motor' ? 'plate' : 'label'
  const machineNamed = snapshot.machine[labels.appliance.column] !== null
  const read = (photo: Blob | string) => setReading((before) => ({ photo, count: (before?.count ?? 0) + 1 }))
  return (
    <div className={kind === 'appliance' ? '' : 'mb-4 border-line border-b pb-4'} data-testid="plate-photo">
      <div className="flex flex-wrap items-center gap-3">
        <PhotoButton
          label={`Read the ${named} from a photo`}
          onPhoto={read}
          onOpen={() => void import('./recognise').then(({ warmUp }) => warmUp())}
        />
        {onFile ? (
          <button type="button" className="btn" onClick={() => read(onFile)}>
            {`Read the ${named} on file`}
          </button>
        ) : null}
        <span className="caption">
          {kind === 'appliance'
            ? 'It names the machine, and stays with it.'
            : `Flash, straight on, the ${named} filling the picture. It stays on this machine; typing is as good.`}
        </span>
      </div>
      {reading ? (
        <PlateReading
          key={reading.count}
          kind={kind}
          target={{ ...target, machineNamed }}
          photo={reading.photo}
          onClose={() => setReading(null)}
        />
      ) : null}
    </div>
  )
}
