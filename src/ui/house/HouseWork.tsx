'use client'

import { useRouter } from 'next/navigation'
import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
} from 'react'
import type { HouseAnswer } from '@/server/house'
import { house } from '@/wording/en/house'
import { say } from '@/wording/say'
import { asked } from '../data/asked'
import { whoIsHere, windowId } from '../kit/who'
import { inField, keysOn } from '../shell/keys'

export interface HouseActs {
  /** Do something to the household; null where it was refused, and the reason stands in `error`. */
  act: (act: { kind: string } & Record<string, unknown>) => Promise<HouseAnswer | null>
  busy: boolean
}

const Context = createContext<HouseActs | null>(null)

/** Acts on the household, for any part of a page within `HouseWork`. */
export function useHouse(): HouseActs {
  const acts = useContext(Context)
  if (!acts) throw new Error('useHouse is used outside HouseWork')
  return acts
}

interface Done {
  event: string | null
  text: string
}

/** A page of the household: what is done on it is told in one line, with its undoing; a refusal stands in the same place. */
export function HouseWork({ children }: { children: ReactNode }) {
  const router = useRouter()
  const [done, setDone] = useState<Done | null>(null)
  const [error, setError] = useState('')
  const [busy, setBusy] = useState(false)
  const doing = useRef(false)
  const run = useCallback(
    async <Answer,>(work: () => Promise<Answer>): Promise<Answer | null> => {
      // A second press while the first is on its way is the same press.
      if (doing.current) return null
      doing.current = true
      setBusy(true)
      setError('')
      try {
        const answer = await work()
        router.refresh()
        return answer
      } catch (problem) {
        setError(problem instanceof Error ? problem.message : 'This could not be done. Try again.')
        return null
      } finally {
        doing.current = false
        setBusy(false)
      }
    },
    [router],
  )
  const act = useCallback<HouseActs['act']>(
    async (wanted) => {
      const body = { act: wanted, who: whoIsHere(), window: windowId() }
      const answer = await run(() => asked<HouseAnswer>('/api/house', 'POST', body))
      if (answer) setDone({ event: answer.event, text: say(answer.said, house) })
      return answer
    },
    [run],
  )
  const undo = useCallback(async () => {
    const event = done?.event
    if (!event) return
    if (await run(() => asked('/api/house/undo', 'POST', { event })))
      setDone({ event: null, text: `Undone: ${done.text}` })
  }, [done, run])
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!keysOn() || inField(event) || event.ctrlKey || event.metaKey || event.altKey || event.shiftKey)
        return
      if (event.key.toLowerCase() === 'z') void undo()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [undo])
  const acts = useMemo(() => ({ act, busy }), [act, busy])
  return (
    <Context.Provider value={acts}>
      {children}
      <LastDone done={done} error={error} busy={busy} onUndo={() => void undo()} />
    </Context.Provider>
  )
}

interface LastDoneProps {
  done: Done | null
  error: string
  busy: boolean
  onUndo: () => void
}

function LastDone({ done, error, busy, onUndo }: LastDoneProps) {
  return (
    <div
      className="no-print sticky bottom-0 z-20 border-ink border-t bg-surface px-4 empty:hidden mid:px-5"
      data-testid="last-done"
    >
      {error ? (
        <p role="alert" className="mx-auto max-w-[1180px] border-stop border-l-4 py-2.5 pl-3">
          {error}
        </p>
      ) : done ? (
        <p role="status" className="mx-auto flex max-w-[1180px] items-center gap-x-4 py-1.5">
          <span>{done.text}</span>
          {done.event ? (
            <button type="button" className="btn btn-plain" disabled={busy} onClick={onUndo}>
              Undo
            </button>
          ) : null}
        </p>
      ) : null}
    </div>
  )
}
