'use client'

import { Dialog } from 'radix-ui'
import { useEffect, useState } from 'react'
import { type LedgerRow, reachOfLine } from '@/core/job'
import { spokenAct } from '@/core/job/actWords'
import { irreversible } from '@/core/refit'
import { useJob } from '../../job/JobProvider'
import { pageCan } from '../../kit/pageCan'
import { LinePhotos } from '../../photos/LinePhotos'

/** The next act alone, in letters that are read at arm's length: done, photo, read aloud, for a gloved thumb. */
export function OneAct({ lines }: { lines: LedgerRow[] }) {
  const [open, setOpen] = useState(false)
  const next = lines.find((line) => !line.doneAt)
  const done = lines.filter((line) => line.doneAt).length
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
            <Dialog.Title className="text-lg">{`${done} of ${lines.length} done`}</Dialog.Title>
            <Dialog.Close className="btn min-h-14">Back to the list</Dialog.Close>
          </div>
          {next ? <Act key={next.id} line={next} /> : <p className="text-3xl">All of it is done.</p>}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

function Act({ line }: { line: LedgerRow }) {
  const { snapshot, act, gate } = useJob()
  const { title, details } = spokenAct(line, line.caution || irreversible[line.action])
  const problem = gate(reachOfLine(snapshot, line))
  return (
    <>
      <div aria-live="polite" className="flex-1">
        <p className="font-bold text-4xl leading-tight">{title}</p>
        {details.map((sentence) => (
          <p key={sentence} className="mt-3 text-2xl leading-snug">
            {sentence}
          </p>
        ))}
        {problem ? <p className="mt-4 border-stop border-l-4 pl-3 text-xl">{`First: ${problem}`}</p> : null}
      </div>
      <LinePhotos lineId={line.id} way="in" about={line.part || 'this line'} />
      <ReadAloud text={[title, ...details].join('. ')} />
      <button
        type="button"
        className="btn btn-main !min-h-20 w-full shrink-0 text-2xl"
        disabled={problem !== null}
        onClick={() => act({ kind: 'ledger.tick', id: line.id, on: true })}
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
