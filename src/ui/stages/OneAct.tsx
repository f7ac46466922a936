'use client'

import { Dialog } from 'radix-ui'
import { type ReactNode, useEffect, useState } from 'react'
import { pageCan } from '../kit/pageCan'
import { LinePhotos } from '../photos/LinePhotos'
import { usePhotos } from '../photos/PhotoSender'

/** An act as the large view shows it. */
export interface LargeAct {
  id: string
  /** What is photographed at it, for those who do not see it. */
  about: string
  title: string
  details: string[]
  done: boolean
  /** What stands against it now. */
  problem: string | null
  /** A figure, a photo or a word is wanted before it can be ticked. */
  lacks?: boolean
  /** Where that is given. */
  asks?: ReactNode
}

interface OneActProps {
  way: 'in' | 'back'
  acts: LargeAct[]
  onTick: (id: string) => unknown
}

/** The next act alone, in letters that are read at arm's length: done, photo, read aloud, for a gloved thumb. */
export function OneAct({ way, acts, onTick }: OneActProps) {
  const [open, setOpen] = useState(false)
  const next = acts.find((each) => !each.done)
  const done = acts.filter((each) => each.done).length
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="btn" disabled={!next && !open}>
        One act at a time, large
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-0 z-50 flex flex-col gap-4 overflow-y-auto bg-surface p-4"
          data-testid="one-act"
        >
          <div className="flex items-center justify-between gap-3">
            <Dialog.Title className="text-lg">{`${done} of ${acts.length} ${way === 'in' ? 'done' : 'back'}`}</Dialog.Title>
            <Dialog.Close className="btn min-h-14">Back to the list</Dialog.Close>
          </div>
          {next ? (
            <Act key={next.id} act={next} way={way} onTick={onTick} />
          ) : (
            <p className="text-3xl">{way === 'in' ? 'All of it is done.' : 'All of it is back.'}</p>
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

function Act({ act, way, onTick }: { act: LargeAct } & Omit<OneActProps, 'acts'>) {
  const { unsent } = usePhotos()
  const waits = unsent.some(({ lineId }) => lineId === act.id)
  return (
    <>
      <div aria-live="polite" className="flex-1">
        <p className="font-bold text-4xl leading-tight">{act.title}</p>
        {act.details.map((sentence) => (
          <p key={sentence} className="mt-3 text-2xl leading-snug">
            {sentence}
          </p>
        ))}
        {act.problem ? (
          <p className="mt-4 border-stop border-l-4 pl-3 text-xl">{`First: ${act.problem}`}</p>
        ) : null}
      </div>
      {act.asks}
      <LinePhotos lineId={act.id} way={way} about={act.about} />
      <ReadAloud text={[act.title, ...act.details].join('. ')} />
      <button
        type="button"
        className="btn btn-main !min-h-20 w-full shrink-0 text-2xl"
        disabled={act.problem !== null || (act.lacks === true && !waits)}
        onClick={() => onTick(act.id)}
      >
        Done, next
      </button>
    </>
  )
}

/** Spoken by a voice of this device alone; nothing is sent elsewhere. */
function ReadAloud({ text }: { text: string }) {
  const [can, setCan] = useState(false)
  useEffect(() => {
    if (typeof speechSynthesis === 'undefined') return
    const look = () => setCan(pageCan.localVoice.can())
    look()
    // A browser knows its voices a moment after the page.
    speechSynthesis.addEventListener('voiceschanged', look)
    return () => {
      speechSynthesis.removeEventListener('voiceschanged', look)
      speechSynthesis.cancel()
    }
  }, [])
  if (!can) return null
  const speak = () => {
    speechSynthesis.cancel()
    const voices = speechSynthesis.getVoices().filter(({ localService }) => localService)
    const spoken = new SpeechSynthesisUtterance(text)
    spoken.voice = voices.find(({ lang }) => lang.startsWith('en')) ?? voices[0] ?? null
    spoken.rate = 0.95
    speechSynthesis.speak(spoken)
  }
  return (
    <button type="button" className="btn min-h-14 w-full text-lg" onClick={speak}>
      Read it aloud
    </button>
  )
}
