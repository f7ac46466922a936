'use client'

import { usePathname } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import type { Term } from '@/core/knowledge/terms'
import { NOT_IN, termAt, termsOnPage } from './pageTerms'
import { TermCard } from './TermCard'
import { WordList } from './WordList'

/** How long a page has to be still before its words are looked for again, in milliseconds. */
const STILL_MS = 300
/** A page that changes all the time, as a running clock does, is looked at no oftener than this, in milliseconds. */
const APART_MS = 2000

interface Open {
  term: Term
  left: number
  top: number
}

/**
 * Words of the trade in the sentences of a page: a dotted line under each where it stands first, a tap explains it. For keys
 * and screen readers the words of the page are a list. Nothing of the page itself is changed: the line is a highlight.
 */
export function Words() {
  const path = usePathname()
  const [all, setAll] = useState<Term[]>([])
  const [open, setOpen] = useState<Open | null>(null)
  const [listing, setListing] = useState(false)
  const lookNow = useRef(() => {})
  // biome-ignore lint/correctness/useExhaustiveDependencies: another page has another root
  useEffect(() => {
    const root = document.getElementById('work')
    if (!root) return
    let marked: ReturnType<typeof termsOnPage>['marked'] = []
    let looked = Number.NEGATIVE_INFINITY
    const look = () => {
      looked = performance.now()
      const found = termsOnPage(root)
      marked = found.marked
      setAll((known) => (sameTerms(known, found.all) ? known : found.all))
      highlight(marked.map(({ range }) => range))
    }
    let timer: ReturnType<typeof setTimeout> | undefined
    const lookLater = () => {
      clearTimeout(timer)
      timer = setTimeout(look, Math.max(STILL_MS, looked + APART_MS - performance.now()))
    }
    const watcher = new MutationObserver(lookLater)
    // A part of a stage is shown and hidden by its class.
    watcher.observe(root, {
      childList: true,
      subtree: true,
      characterData: true,
      attributes: true,
      attributeFilter: ['class', 'hidden', 'open'],
    })
    lookNow.current = look
    const onClick = (event: MouseEvent) => {
      if (event.target instanceof Element && event.target.closest(NOT_IN)) return
      const hit = termAt(marked, event.clientX, event.clientY)
      if (!hit) return
      const rect = hit.range.getBoundingClientRect()
      setOpen({ term: hit.term, left: rect.left, top: rect.bottom })
    }
    root.addEventListener('click', onClick)
    lookLater()
    return () => {
      clearTimeout(timer)
      watcher.disconnect()
      root.removeEventListener('click', onClick)
      highlight([])
    }
  }, [path])
  return (
    <>
      {all.length > 0 && path !== '/words' ? (
        <footer className="no-print mx-auto max-w-[1180px] -mt-12 px-4 pb-36 mid:mt-0 mid:px-5 mid:pb-10">
          <button
            type="button"
            className="min-h-11 text-soft underline decoration-dotted underline-offset-4"
            onClick={() => {
              lookNow.current()
              setListing(true)
            }}
          >
            {`Words on this page, explained (${all.length})`}
          </button>
        </footer>
      ) : null}
      {open ? <TermCard {...open} onClose={() => setOpen(null)} /> : null}
      {listing ? <WordList terms={all} onClose={() => setListing(false)} /> : null}
    </>
  )
}

const sameTerms = (one: Term[], other: Term[]): boolean =>
  one.length === other.length && one.every((term, place) => term === other[place])

/** The dotted line, by the browser's own highlights; where it has none the list remains. */
function highlight(ranges: Range[]): void {
  if (!('highlights' in CSS)) return
  if (ranges.length > 0) CSS.highlights.set('term', new Highlight(...ranges))
  else CSS.highlights.delete('term')
}
