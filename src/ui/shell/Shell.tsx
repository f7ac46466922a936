'use client'

import dynamic from 'next/dynamic'
import Link from 'next/link'
import { usePathname, useRouter } from 'next/navigation'
import { type ReactNode, useEffect, useRef, useState } from 'react'
import { onNotice } from '../kit/notify'
import { ownZone } from '../kit/time'
import { atHand } from '../kit/whenReached'
import { holdKeys, inField, keysOn, setKeysOn } from './keys'

const Palette = dynamic(
  atHand(() => import('./Palette').then((module) => module.Palette)),
  {
    ssr: false,
  },
)
const Notices = dynamic(
  atHand(() => import('./Notices').then((module) => module.Notices)),
  {
    ssr: false,
  },
)
const DangerHere = dynamic(
  atHand(() => import('../danger/DangerHere').then((module) => module.DangerHere)),
  {
    ssr: false,
  },
)
const KeyList = dynamic(
  atHand(() => import('./KeyList').then((module) => module.KeyList)),
  {
    ssr: false,
  },
)

const Around = dynamic(
  atHand(() => import('./Around').then((module) => module.Around)),
  { ssr: false },
)
const Words = dynamic(
  atHand(() => import('../terms/Words').then((module) => module.Words)),
  {
    ssr: false,
  },
)

const places = [
  { href: '/', name: 'Bench', key: 'b' },
  { href: '/household', name: 'Household', key: 'h' },
  { href: '/shelf', name: 'Shelf', key: 's' },
  { href: '/instruments', name: 'Instruments', key: 'i' },
  { href: '/practice', name: 'Practice', key: 'p' },
]

/** The frame of every page: name, places, find-and-act. */
export function Shell({
  householdName,
  singleKeys,
  children,
}: {
  householdName: string
  singleKeys: boolean
  children: ReactNode
}) {
  const [finding, setFinding] = useState(false)
  const [listing, setListing] = useState(false)
  const [danger, setDanger] = useState(false)
  const [notices, setNotices] = useState<string[]>([])
  useEffect(() => onNotice((text) => setNotices((all) => [...all, text])), [])
  const path = usePathname()
  const router = useRouter()
  const goes = useRef(false)
  useEffect(() => holdKeys(finding || listing || danger), [finding, listing, danger])
  useEffect(() => {
    // The server tells by it which day it is where the person is.
    // biome-ignore lint/suspicious/noDocumentCookie: the cookie store is missing at a home network’s plain address
    document.cookie = `rest-cog-zone=${ownZone()}; path=/; max-age=31536000; samesite=lax`
  }, [])
  useEffect(() => {
    setKeysOn(singleKeys)
    // Keys and buttons answer from here on.
    document.documentElement.dataset.ready = ''
    const onKey = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
        event.preventDefault()
        holdKeys(true)
        setFinding(true)
        return
      }
      if (!keysOn() || inField(event) || event.ctrlKey || event.metaKey || event.altKey) return
      const key = event.key.toLowerCase()
      const place = goes.current ? places.find((each) => each.key === key) : undefined
      goes.current = key === 'g'
      if (place) router.push(place.href)
      else if (event.key === '/') setFinding(true)
      else if (event.key === '?') setListing(true)
      else if (key === 'n' && path === '/') document.getElementById('stopped')?.focus()
      else return
      event.preventDefault()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [router, singleKeys, path])
  return (
    <>
      <a
        href="#work"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-surface focus:p-3"
      >
        Go to the work
      </a>
      <header className="no-print flex min-h-11 items-center gap-x-3 border-ink border-b bg-surface px-4 mid:gap-x-6 mid:px-5">
        <Link prefetch={false} href="/" className="hidden shrink-0 font-bold mid:inline mid:text-[1.12rem]">
          Rest Cog
        </Link>
        <nav
          aria-label="Places"
          className="flex min-w-0 flex-1 gap-x-2.5 overflow-x-auto text-[0.78rem] mid:gap-x-6 mid:text-[1rem]"
        >
          {places.map((place) => (
            <Link
              prefetch={false}
              key={place.href}
              href={place.href}
              aria-current={
                (place.href === '/' ? path === '/' : path.startsWith(place.href)) ? 'page' : undefined
              }
              className="flex min-h-11 items-center underline-offset-4 hover:underline aria-[current=page]:font-bold aria-[current=page]:underline"
            >
              {place.name}
            </Link>
          ))}
        </nav>
        <button
          type="button"
          className="min-h-11 shrink-0 border-2 border-stop px-2 font-bold text-[0.78rem] text-stop mid:min-h-9 mid:px-3 mid:text-[0.93rem]"
          onClick={() => setDanger(true)}
        >
          Danger<span className="hidden mid:inline"> here</span>
        </button>
        <button
          type="button"
          className="hidden min-h-9 w-64 items-center justify-between border border-soft bg-surface px-2.5 text-soft mid:flex"
          onClick={() => setFinding(true)}
        >
          <span>Find or do</span>
          <kbd className="num border border-line px-1.5 text-xs">Ctrl K</kbd>
        </button>
        <button
          type="button"
          className="grid size-11 place-items-center mid:hidden"
          aria-label="Find or do"
          onClick={() => setFinding(true)}
        >
          <svg
            viewBox="0 0 24 24"
            className="size-6"
            fill="none"
            stroke="currentColor"
            strokeWidth="2"
            aria-hidden="true"
          >
            <circle cx="10" cy="10" r="6" />
            <path d="M14.5 14.5 21 21" />
          </svg>
        </button>
        <span className="sr-only">{householdName}</span>
      </header>
      <Around job={path.startsWith('/jobs/')} />
      {children}
      <Words />
      {finding ? <Palette onClose={() => setFinding(false)} onKeys={() => setListing(true)} /> : null}
      {danger ? <DangerHere onClose={() => setDanger(false)} /> : null}
      {listing ? <KeyList onClose={() => setListing(false)} /> : null}
      {notices.length > 0 ? <Notices texts={notices} /> : null}
    </>
  )
}
