'use client'

import dynamic from 'next/dynamic'
import { useRef, useState } from 'react'
import { atHand } from '../../kit/whenReached'

const StrikePopover = dynamic(
  atHand(() => import('./StrikePopover').then((module) => module.StrikePopover)),
  {
    ssr: false,
  },
)

interface StrikeProps {
  what: string
  /** Reasons that are tapped instead of typed. */
  reasons?: string[]
  /** What such a reason reads like. */
  example: string
  onStrike: (reason: string) => boolean
}

/** Take a line out of the plan, with the reason that the record keeps. */
export function Strike({ what, reasons, example, onStrike }: StrikeProps) {
  const [open, setOpen] = useState(false)
  const button = useRef<HTMLButtonElement>(null)
  return (
    <>
      <button
        ref={button}
        type="button"
        className="btn btn-plain min-h-9 text-sm"
        aria-haspopup="dialog"
        aria-expanded={open}
        aria-label={`${what}: not here`}
        onClick={() => setOpen(true)}
      >
        not here
      </button>
      {open ? (
        <StrikePopover
          what={what}
          reasons={reasons ?? []}
          example={example}
          anchor={button}
          onStrike={onStrike}
          onClose={() => setOpen(false)}
        />
      ) : null}
    </>
  )
}
