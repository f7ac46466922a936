'use client'

import { useEffect, useRef, useState } from 'react'
import { valueLabel } from '@/core/knowledge/valueLabels'
import { type Audible, audible, makeSound } from '@/core/sound'
import { useJob } from '../../job/JobProvider'

const SECONDS = 1.6

/** Short made-up sounds to hold against what is heard: one plays at a time, a second press stops it. */
export function SoundsToCompare() {
  const { snapshot } = useJob()
  const [playing, setPlaying] = useState<Audible | null>(null)
  const context = useRef<AudioContext | null>(null)
  const source = useRef<AudioBufferSourceNode | null>(null)
  useEffect(() => () => void context.current?.close(), [])
  const stop = () => {
    source.current?.stop()
    source.current = null
    setPlaying(null)
  }
  const play = (kind: Audible) => {
    const again = playing === kind
    stop()
    if (again) return
    context.current ??= new AudioContext()
    const audio = context.current
    const lineHz = snapshot.household.region === 'europe' ? 50 : 60
    const samples = makeSound(kind, audio.sampleRate, SECONDS, lineHz)
    const buffer = audio.createBuffer(1, samples.length, audio.sampleRate)
    buffer.copyToChannel(new Float32Array(samples), 0)
    const node = audio.createBufferSource()
    node.buffer = buffer
    node.connect(audio.destination)
    node.onended = () => setPlaying((now) => (now === kind ? null : now))
    node.start()
    source.current = node
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
    </fieldset>
  )
}
