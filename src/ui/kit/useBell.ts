'use client'

import { useEffect, useRef } from 'react'
import { pageCan } from './pageCan'

/**
 * A clock that runs out while the page is open is heard and seen: two tones, the title of the tab, and a notification where
 * the person has allowed one. While it runs, the title counts down.
 *
 * @param left seconds
 * @param what in a few words, what is waited for
 */
export function useBell(running: boolean, left: number, what: string): void {
  const ran = useRef(false)
  const title = useRef('')
  useEffect(() => {
    if (running) {
      if (!ran.current) title.current = document.title
      ran.current = true
      document.title = `${Math.floor(left / 60)}:${String(left % 60).padStart(2, '0')} ${what}`
      return
    }
    if (!ran.current) return
    ran.current = false
    // Taken back before its end, it is not over.
    if (left > 0) {
      document.title = title.current
      return
    }
    document.title = `Over: ${what}`
    ring()
    if (pageCan.notifications.can() && Notification.permission === 'granted')
      new Notification('The wait is over', { body: what })
  }, [running, left, what])
  useEffect(
    () => () => {
      if (title.current) document.title = title.current
    },
    [],
  )
}

/** Two tones a third apart, as loud as the device is set to; a browser that allows no sound stays silent. */
function ring(): void {
  try {
    const audio = new AudioContext()
    const tone = (hz: number, from: number) => {
      const [source, gain] = [audio.createOscillator(), audio.createGain()]
      source.frequency.value = hz
      gain.gain.setValueAtTime(0.0001, audio.currentTime + from)
      gain.gain.exponentialRampToValueAtTime(0.3, audio.currentTime + from + 0.03)
      gain.gain.exponentialRampToValueAtTime(0.0001, audio.currentTime + from + 0.5)
      source.connect(gain).connect(audio.destination)
      source.start(audio.currentTime + from)
      source.stop(audio.currentTime + from + 0.55)
    }
    tone(660, 0)
    tone(830, 0.35)
    setTimeout(() => void audio.close(), 1500)
  } catch {}
}
