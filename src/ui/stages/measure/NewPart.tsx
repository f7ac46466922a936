'use client'

import dynamic from 'next/dynamic'
import { atHand } from '../../kit/whenReached'
import { CapacitorBlock } from './CapacitorBlock'
import { WindingBlock } from './WindingBlock'

// A table to read may come late; fields may not: what is typed before they answer would be lost.
const BesideOld = dynamic(
  atHand(() => import('./BesideOld').then((module) => module.BesideOld)),
  { loading: () => null },
)

/** A new part is measured before it goes in, with the same pieces. */
export function NewPart() {
  return (
    <div className="mt-6 border-ink border-t-2 pt-2" id="new-part">
      <p className="font-bold">The new part, before it goes in</p>
      <CapacitorBlock part="new" locked={false} />
      <WindingBlock part="new" locked={false} />
      <BesideOld />
    </div>
  )
}
