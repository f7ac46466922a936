'use client'

import { useEffect, useRef, useState } from 'react'
import { speedOfJob } from '@/core/job/evidence/speedOfJob'
import { heardOf } from '@/core/job/proving/sounds'
import { valueLabel } from '@/core/knowledge/valueLabels'
import { type Audible, audible, type HeardAs, makeSound } from '@/core/sound'
import { useJob } from '../../job/JobProvider'
import { Player } from '../../sound/play'

/** From the next room: three metres. */
const FAR_M = 3

/**
 * Short made-up sounds to hold against what is heard: one plays at a time, a second press stops it. They run at this machine's
 * mains, speed and blades, as far as they are known.
 */
export function SoundsToCompare() {
  const { snapshot } = useJob()
  const [playing, setPlaying] = useState<Audible | null>(null)
  const [far, setFar] = useState(false)
  const player = useRef<Player | null>(null)
  useEffect(() => () => player.current?.close(), [])
  const as = (): HeardAs => {
    const { lineHz, blades, plateRpm } = heardOf(snapshot)
    const rpm = speedOfJob(snapshot)?.rpm ?? plateRpm?.[0]
    return {
      lineHz,
      ...(blades ? { blades } : {}),
      ...(rpm ? { rpm } : {}),
      ...(far ? { distanceM: FAR_M } : {}),
    }
  }
  const play = (kind: Audible) => {
    player.current ??= new Player()
    if (playing === kind) {
      player.current.stop()
      setPlaying(null)
      return
    }
    const own = as()
    player.current.play(
      (rate) => makeSound(kind, rate, own),
      () => setPlaying((now) => (now === kind ? null : now)),
    )
    setPlaying(kind)
  }
  return (
    <fieldset className="mt-2 flex flex-wrap items-center gap-x-1 gap-y-1" data-testid="sounds">
      <legend className="caption float-left mr-2 min-h-9 pt-2">Compare by ear:</legend>
      {audible.map((kind) => (
        <button
          key={kind}
          type="button"
          className="flex min-h-9 items-center gap-1.5 px-1.5 text-sm text-teal underline underline-offset-4"
          aria-label={`${playing === kind ? 'Stop' : 'Play'} ${valueLabel('sound', kind)}`}
          aria-pressed={playing === kind}
          onClick={() => play(kind)}
        >
          <svg viewBox="0 0 12 12" className="size-3 fill-current" aria-hidden="true">
            <path d={playing === kind ? 'M1 1h10v10H1z' : 'M2 0v12l10-6z'} />
          </svg>
          {valueLabel('sound', kind)}
        </button>
      ))}
      <label className="flex min-h-9 items-center gap-1.5 px-1.5 text-sm">
        <input
          type="checkbox"
          className="size-4 accent-[var(--teal)]"
          checked={far}
          onChange={(event) => setFar(event.target.checked)}
        />
        from the next room
      </label>
    </fieldset>
  )
}
