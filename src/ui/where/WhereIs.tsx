'use client'

import dynamic from 'next/dynamic'
import { useState } from 'react'
import { atHand } from '../kit/whenReached'
import type { WhereDrawnProps } from './WhereDrawn'

const WhereDrawn = dynamic(
  atHand(() => import('./WhereDrawn')),
  { ssr: false, loading: () => <div className="aspect-[720/440] max-w-[560px]" /> },
)

interface WhereIsProps extends WhereDrawnProps {
  /** What is looked for, for those who hear the button. */
  what: string
  /** Drawn at once, without a tap. */
  open?: boolean
}

/** “Where is it?”: the drawing of the machine opened, with the part ringed, at a tap. */
export function WhereIs({ what, open: atOnce = false, ...drawn }: WhereIsProps) {
  const [open, setOpen] = useState(atOnce)
  return (
    <div>
      <button
        type="button"
        className="chip"
        aria-expanded={open}
        aria-label={`Where is it: ${what}`}
        onClick={() => setOpen(!open)}
      >
        Where is it?
      </button>
      {open ? <WhereDrawn {...drawn} /> : null}
    </div>
  )
}
