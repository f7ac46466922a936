'use client'

import { Dialog } from 'radix-ui'
import { type ReactNode, type RefObject, useEffect, useRef, useState } from 'react'
import type { SeenBefore } from '@/core/job/ledger/seenBefore'
import { useJob } from '../job/JobProvider'
import { pageCan } from '../kit/pageCan'
import { useNarrow } from '../kit/useNarrow'
import { LinePhotos } from '../photos/LinePhotos'
import { MarkedPhoto } from '../photos/MarkedPhoto'
import { usePhotos } from '../photos/PhotoSender'
import { WhereIs } from '../where/WhereIs'
import { CupsDrawn } from './CupsDrawn'
import { GoOn } from './GoOn'
import { NoPhoto } from './NoPhoto'

/** An act as the large view shows it. */
export interface LargeAct {
  id: string
  /** What is photographed at it, for those who do not see it. */
  about: string
  /** Its part by name, to be shown in the drawing of the machine. */
  part: string
  title: string
  details: string[]
  done: boolean
  /** What stands against it now. */
  problem: string | null
  /** A figure, a photo or a word is wanted before it can be ticked. */
  lacks?: boolean
  /** What is wanted is a photo: the large button takes it. */
  lacksPhoto?: boolean
  /** Wants nothing but hands: no figure, photo or note, and nothing that cannot be undone. */
  plain: boolean
  /** How it stood before it came apart, on the way back. */
  before?: SeenBefore | null
  /** The cup its fasteners lie in; empty where there is none. */
  cup: string
  /** Where that is given. */
  asks?: ReactNode
}

interface OneActProps {
  way: 'in' | 'back'
  acts: LargeAct[]
  onTick: (id: string) => unknown
  onUntick: (id: string) => unknown
}

interface ActProps extends Pick<OneActProps, 'way' | 'onTick'> {
  act: LargeAct
  then: LargeAct[]
}

/** How many acts behind the next one are told. */
const AHEAD = 2

/** The next act alone, in letters that are read at arm's length: done, photo, read aloud, for a gloved thumb. */
export function OneAct({ way, acts, onTick, onUntick }: OneActProps) {
  const next = acts.find((each) => !each.done)
  const trigger = useRef<HTMLButtonElement>(null)
  const [open, setOpen] = useOpenByItself(way, next?.problem === null ? acts.length : 0, trigger)
  const done = acts.filter((each) => each.done).length
  // What stands before the act that is shown: ticked by a thumb too many, it is taken back here.
  const last = acts.slice(0, next ? acts.indexOf(next) : undefined).findLast((each) => each.done)
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger ref={trigger} className="btn" disabled={!next && !open}>
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
          {last ? (
            <button type="button" className="btn btn-plain self-start" onClick={() => onUntick(last.id)}>
              {`Not ${way === 'in' ? 'done' : 'back'} after all: ${last.title}`}
            </button>
          ) : null}
          {next ? (
            <Act
              key={next.id}
              act={next}
              way={way}
              then={acts.filter((each) => !each.done && each.id !== next.id).slice(0, AHEAD)}
              onTick={onTick}
            />
          ) : (
            <>
              <p className="text-3xl">{way === 'in' ? 'All of it is done.' : 'All of it is back.'}</p>
              <GoOn from={way === 'in' ? 'take-apart' : 'refit'} />
            </>
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

/** So many lines at once are a way that was planted; lines that are spoken come one by one. */
const A_WAY = 5

/**
 * On a phone the large act is the view to work in: it opens by itself once a whole way stands and its act may be done, and
 * stays shut once somebody went back to the list.
 *
 * @param lines of the way; none while its act may not be done
 */
function useOpenByItself(
  way: 'in' | 'back',
  lines: number,
  trigger: RefObject<HTMLButtonElement | null>,
): [boolean, (open: boolean) => void] {
  const { snapshot } = useJob()
  const narrow = useNarrow()
  const [open, setOpen] = useState(false)
  const known = useRef(0)
  const key = `rest-cog-list-${snapshot.job.id}-${way}`
  useEffect(() => {
    // The server draws the wide page: what it knew is no way that was planted since.
    if (!narrow) return
    const more = lines - known.current
    known.current = lines
    // Where something else of the stage comes first, as leads that are not landed, the page does not show the way yet.
    const isNext = trigger.current !== null && trigger.current.offsetParent !== null
    if (isNext && more >= A_WAY && sessionStorage.getItem(key) === null) setOpen(true)
  }, [lines, narrow, key, trigger])
  const change = (wanted: boolean) => {
    if (wanted) sessionStorage.removeItem(key)
    else sessionStorage.setItem(key, 'list')
    setOpen(wanted)
  }
  return [open, change]
}

function Act({ act, way, then, onTick }: ActProps) {
  const { snapshot } = useJob()
  const { waits } = usePhotos()
  // On the way back the photo of the way in shows how it was.
  const photoFirst = act.lacksPhoto === true && !waits(act.id)
  const own = snapshot.photos.find((row) => row.lineId === act.id && row.way === 'in')
  const photo = own ?? act.before?.photos[0]
  const shows = own ? act.about : (act.before?.line.part ?? act.about)
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
        <div className="mt-3">
          <WhereIs key={act.id} what={act.about} line={act.part} />
        </div>
      </div>
      {photo ? (
        <MarkedPhoto
          hash={photo.hash}
          marks={photo.marks}
          alt={`${shows}${photo.caption ? `: ${photo.caption}` : ''}`}
          className="aspect-[4/3] w-full shrink-0"
        />
      ) : null}
      {act.before ? <NoPhoto before={act.before} /> : null}
      {act.asks}
      <LinePhotos lineId={act.id} way={way} about={act.about} large={photoFirst && act.problem === null} />
      <ReadAloud text={[act.title, ...act.details].join('. ')} />
      {photoFirst && act.problem === null ? null : (
        <button
          type="button"
          className="btn btn-main !min-h-20 w-full shrink-0 text-2xl"
          disabled={act.problem !== null || (act.lacks === true && !waits(act.id))}
          onClick={() => onTick(act.id)}
        >
          Done, next
        </button>
      )}
      <CupsDrawn only={act.cup} />
      <Ahead act={act} then={then} onTick={onTick} />
    </>
  )
}

/**
 * What follows, with its details. Acts that want nothing but hands are said to be done together, once they are: a thumb that
 * is black with oil taps once for three.
 */
function Ahead({ act, then, onTick }: Pick<ActProps, 'act' | 'then' | 'onTick'>) {
  if (then.length === 0) return null
  const simple = ({ plain, problem, lacks }: LargeAct) => plain && problem === null && lacks !== true
  const upTo = (index: number) => [act, ...then.slice(0, index + 1)]
  return (
    <div className="shrink-0">
      <p className="caption text-base">Then:</p>
      <ul>
        {then.map((each, index) => (
          <li key={each.id} className="flex items-center justify-between gap-3 border-line border-b py-1">
            <span className="min-w-0 leading-snug">
              <b className="block font-semibold">{each.title}</b>
              {each.details.length > 0 ? (
                <span className="caption block">{each.details.join(' ')}</span>
              ) : null}
            </span>
            {upTo(index).every(simple) ? (
              <button
                type="button"
                className="btn min-h-14 shrink-0"
                aria-label={`Done to here: ${each.title}`}
                onClick={() => upTo(index).every(({ id }) => onTick(id) !== false)}
              >
                Done to here
              </button>
            ) : null}
          </li>
        ))}
      </ul>
    </div>
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
