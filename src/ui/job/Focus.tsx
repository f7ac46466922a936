'use client'

import { type ReactNode, useEffect, useRef, useState } from 'react'
import { sameFocus, stageFocus } from '@/core/job/phone/stageFocus'
import { FocusContext } from '../kit/focus'
import { useJob } from './JobProvider'

/** Which of the two a phone showed last, for the next page as well. */
const KEPT = 'rest-cog-phone'

/**
 * Another thing is next: its heading and drawing are shown, and not what stands where the last one was pressed. Never away
 * from under somebody who types.
 */
function toTheTop(): void {
  if (!window.matchMedia('(max-width: 699px)').matches) return
  const typing = document.activeElement
  if (typing instanceof HTMLInputElement && typing.type !== 'checkbox' && !typing.closest('.not-next')) return
  window.scrollTo({ top: 0 })
}

/** The stage on a phone: the next thing alone, and all of it one tap away. Wider pages show all of it always. */
export function PhoneFocus({ stage, children }: { stage: string; children: ReactNode }) {
  const { snapshot, energy, diagnosis } = useJob()
  const [all, setAll] = useState(false)
  const next = diagnosis.nextTests[0]?.observation ?? null
  const told = stageFocus(snapshot, energy, stage, next)
  // The same answer stays the same object: letters typed into a field draw no other part of the stage anew.
  const [focus, setFocus] = useState(told)
  if (!sameFocus(focus, told)) setFocus(told)
  useEffect(() => setAll(sessionStorage.getItem(KEPT) === 'all'), [])
  useEffect(() => {
    // A link into the page leads to what is hidden: then all of it is shown.
    const look = () => {
      const target = window.location.hash.slice(1)
      if (target && document.getElementById(target)?.closest('.not-next')) setAll(true)
    }
    look()
    window.addEventListener('hashchange', look)
    return () => window.removeEventListener('hashchange', look)
  }, [])
  const parts = focus?.parts.join(' ') ?? ''
  const before = useRef(parts)
  useEffect(() => {
    if (before.current === parts) return
    before.current = parts
    if (!all) toTheTop()
  }, [parts, all])
  const show = (every: boolean) => {
    setAll(every)
    sessionStorage.setItem(KEPT, every ? 'all' : 'next')
    window.scrollTo({ top: 0 })
  }
  return (
    <FocusContext.Provider value={focus}>
      <div data-phone={all ? 'all' : 'next'}>
        {children}
        {focus ? (
          <button
            type="button"
            className="btn mt-4 w-full mid:hidden"
            aria-pressed={all}
            onClick={() => show(!all)}
          >
            {all ? 'The next thing alone' : 'All of this stage'}
          </button>
        ) : null}
      </div>
    </FocusContext.Provider>
  )
}
