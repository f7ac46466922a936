'use client'

import Link from 'next/link'
import { useEffect, useRef } from 'react'
import type { Term } from '@/core/knowledge/terms'
import { TermText } from './TermText'

/** Width of the card and its distance from the edge of the screen, in pixels. */
const WIDE = 340
const EDGE = 8

/** What a word means, right under it; gone by Escape, a tap elsewhere, or when the page moves. */
export function TermCard({
  term,
  left,
  top,
  onClose,
}: {
  term: Term
  left: number
  top: number
  onClose: () => void
}) {
  const card = useRef<HTMLDivElement>(null)
  useEffect(() => {
    card.current?.focus()
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Escape') onClose()
    }
    const onDown = (event: PointerEvent) => {
      if (event.target instanceof Node && !card.current?.contains(event.target)) onClose()
    }
    document.addEventListener('keydown', onKey)
    document.addEventListener('pointerdown', onDown)
    window.addEventListener('scroll', onClose, { passive: true })
    return () => {
      document.removeEventListener('keydown', onKey)
      document.removeEventListener('pointerdown', onDown)
      window.removeEventListener('scroll', onClose)
    }
  }, [onClose])
  const width = Math.min(WIDE, window.innerWidth - 2 * EDGE)
  const low = top > window.innerHeight * 0.6
  return (
    <div
      ref={card}
      role="dialog"
      aria-label={term.name}
      tabIndex={-1}
      className="fixed z-50 border border-ink bg-surface p-4 shadow-lg outline-none"
      style={{
        width,
        left: Math.max(EDGE, Math.min(left, window.innerWidth - width - EDGE)),
        ...(low ? { bottom: window.innerHeight - top + 30 } : { top: top + 6 }),
      }}
    >
      <p className="font-bold">{term.name}</p>
      <TermText term={term} />
      <div className="mt-1 flex items-center justify-between">
        <Link
          prefetch={false}
          className="inline-flex min-h-11 items-center text-teal underline"
          href={`/words#${term.id}`}
        >
          All words
        </Link>
        <button type="button" className="btn" onClick={onClose}>
          Close
        </button>
      </div>
    </div>
  )
}
