'use client'

import { Popover } from 'radix-ui'
import { type RefObject, useRef } from 'react'
import type { PointRow } from '@/core/job'
import { breakWords } from '@/core/knowledge/breakWords'
import { useJob } from '../job/JobProvider'

interface BreakPopoverProps {
  point: PointRow
  anchor: RefObject<HTMLButtonElement | null>
  onClose: () => void
}

/** What a break is, how it is held, and the one act it offers. Loaded when a break is first touched. */
export function BreakPopover({ point, anchor, onClose }: BreakPopoverProps) {
  const { act, when, now } = useJob()
  const open = point.openedAt !== null
  const words = breakWords[point.point]
  const virtual = useRef({
    getBoundingClientRect: () => anchor.current?.getBoundingClientRect() ?? new DOMRect(),
  })
  return (
    <Popover.Root open onOpenChange={(next) => !next && onClose()}>
      <Popover.Anchor virtualRef={virtual} />
      <Popover.Portal>
        <Popover.Content
          className="z-50 w-72 border border-ink bg-surface p-3 shadow-lg"
          aria-label={point.label}
          sideOffset={6}
          collisionPadding={8}
          onCloseAutoFocus={(event) => {
            event.preventDefault()
            anchor.current?.focus()
          }}
        >
          <p className="font-bold">{point.label}</p>
          <p className="caption mb-2">
            {open
              ? `${words.open} since ${when(point.openedAt, now)}, held: ${point.held || 'not said'}`
              : `It is ${words.closed} now. Once it is ${words.open}, hold it so that nobody turns it back.`}
          </p>
          <Popover.Close asChild>
            <button
              type="button"
              className={`btn w-full ${open ? '' : 'btn-main'}`}
              onClick={() => act({ kind: open ? 'point.close' : 'point.open', id: point.id })}
            >
              {`It is ${open ? `${words.closed} again` : words.open}`}
            </button>
          </Popover.Close>
          <Popover.Arrow className="fill-ink" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
