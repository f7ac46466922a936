'use client'

import { Popover } from 'radix-ui'
import { type RefObject, useRef, useState } from 'react'
import { TextField } from '../../kit/TextField'

interface StrikePopoverProps {
  what: string
  reasons: string[]
  example: string
  anchor: RefObject<HTMLButtonElement | null>
  onStrike: (reason: string) => boolean
  onClose: () => void
}

/** Asks for the reason that the record keeps. */
export function StrikePopover({ what, reasons, example, anchor, onStrike, onClose }: StrikePopoverProps) {
  const [reason, setReason] = useState('')
  const virtual = useRef({
    getBoundingClientRect: () => anchor.current?.getBoundingClientRect() ?? new DOMRect(),
  })
  return (
    <Popover.Root open onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor virtualRef={virtual} />
      <Popover.Portal>
        <Popover.Content
          className="z-50 w-80 border border-ink bg-surface p-3 shadow-lg"
          aria-label={`Strike ${what}`}
          sideOffset={4}
          collisionPadding={8}
        >
          {reasons.length > 0 ? (
            <p className="mb-1 font-semibold">{`Why does this machine not have it: ${what}?`}</p>
          ) : null}
          {reasons.map((each) => (
            <button
              key={each}
              type="button"
              className="btn mb-2 w-full justify-start text-left"
              onClick={() => {
                if (onStrike(each)) onClose()
              }}
            >
              {each}
            </button>
          ))}
          <TextField
            label={reasons.length > 0 ? 'Another reason' : `Why does this machine not have it: ${what}?`}
            value={reason}
            placeholder={example}
            onType={setReason}
          />
          <button
            type="button"
            className="btn mt-2 w-full"
            disabled={reason.trim().length < 3}
            onClick={() => {
              if (onStrike(reason)) onClose()
            }}
          >
            Strike it
          </button>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
