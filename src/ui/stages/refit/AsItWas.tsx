'use client'

import { asFoundOf } from '@/core/job/ledger/asFound'
import { useJob } from '../../job/JobProvider'
import { LinePhotos } from '../../photos/LinePhotos'

/** The machine as it was found, at the head of its way back: what was said of it, which wires sat where, its photos. */
export function AsItWas() {
  const { snapshot } = useJob()
  const { remarks, wires } = asFoundOf(snapshot)
  const hasPhoto = snapshot.photos.some(({ lineId, way }) => lineId === '' && way === 'in')
  if (remarks === '' && wires.length === 0 && !hasPhoto) return null
  return (
    <div className="mb-3 border-ink border-l-2 pl-3" data-testid="as-it-was">
      <h3 className="font-bold">As it was found</h3>
      {remarks ? <p className="max-w-[75ch]">{remarks}</p> : null}
      {wires.length > 0 ? (
        <p className="max-w-[75ch]">
          {wires.map(({ terminal, colours }) => `${terminal}: ${colours.join(', ')}`).join(' · ')}
        </p>
      ) : null}
      {hasPhoto ? <LinePhotos lineId="" way="back" about="the machine as it was found" /> : null}
    </div>
  )
}
