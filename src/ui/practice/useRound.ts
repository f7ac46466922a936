'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import type { Act } from '@/core/plant'
import type { SaidRound } from '@/wording/practiceRound'
import type { FromMachine, ToMachine } from '@/workers/practice.worker'
import { notify } from '../kit/notify'
import { resumed } from './unsent'
import { sendRound, setWaiting, waitingOf } from './waiting'

export interface RoundHandle {
  round: SaidRound | null
  /** Acts played so far of those that were stored, while the round is opened. */
  progress: { done: number; of: number } | null
  busy: boolean
  act: (act: Act) => void
}

/** One machine in its worker, and its acts to the server in their order. */
export function useRound(id: string, code: string, lesson: string | null, stored: Act[]): RoundHandle {
  const worker = useRef<Worker | null>(null)
  const [round, setRound] = useState<SaidRound | null>(null)
  const [progress, setProgress] = useState<RoundHandle['progress']>(null)
  const [busy, setBusy] = useState(true)
  const pending = useRef<Act | null>(null)
  const count = useRef(stored.length)
  const queue = useRef<Promise<void>>(Promise.resolve())
  const first = useRef(stored)
  useEffect(() => {
    const machine = new Worker(new URL('../../workers/practice.worker.ts', import.meta.url), {
      type: 'module',
    })
    worker.current = machine
    // What this tab did and the server has not yet: played with the rest, and sent again.
    const { left, lost } = resumed(first.current, waitingOf(id))
    setWaiting(id, left)
    if (lost > 0)
      notify('Another window has gone on with this round. What was done here since then is not in it.')
    queue.current = queue.current.then(() => sendRound(id))
    count.current = first.current.length + left.length
    machine.onmessage = ({ data }: MessageEvent<FromMachine>) => {
      if (data.kind === 'progress') {
        setProgress(data)
        return
      }
      setBusy(false)
      setProgress(null)
      const act = pending.current
      pending.current = null
      if (data.kind === 'refused') {
        notify(data.error.message)
        return
      }
      setRound(data.round)
      if (!act) return
      const nth = count.current++
      // Until the server has it, it stands here: a page that is loaded again takes it along.
      setWaiting(id, [...waitingOf(id), { nth, act }])
      queue.current = queue.current.then(() => sendRound(id))
    }
    machine.onerror = () => {
      setBusy(false)
      notify('This machine could not be simulated here. Load the page again.')
    }
    const open: ToMachine = {
      kind: 'open',
      code,
      lesson,
      acts: [...first.current, ...left.map(({ act }) => act)],
    }
    machine.postMessage(open)
    return () => machine.terminate()
  }, [id, code, lesson])
  const act = useCallback((wanted: Act) => {
    if (pending.current || !worker.current) return
    pending.current = wanted
    setBusy(true)
    const message: ToMachine = { kind: 'act', act: wanted }
    worker.current.postMessage(message)
  }, [])
  return { round, progress, busy, act }
}
