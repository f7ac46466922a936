'use client'

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
import { isCoreError } from '@/core/errors'
import {
  type Act,
  type ActiveStop,
  activeStops,
  capacitorOf,
  diagnosisOf,
  type Energy,
  energyOf,
  findingsOf,
  type JobSnapshot,
  newId,
  planAct,
  windingOf,
  withChanges,
} from '@/core/job'
import { notify } from '../kit/notify'
import { ActQueue, type SaveState } from './queue'

export interface JobContext {
  snapshot: JobSnapshot
  energy: Energy
  now: number
  save: SaveState
  canUndo: boolean
  canRedo: boolean
  diagnosis: ReturnType<typeof diagnosisOf>
  findings: ReturnType<typeof findingsOf>
  stops: ActiveStop[]
  capacitor: ReturnType<typeof capacitorOf>
  winding: ReturnType<typeof windingOf>
  /** Do an act: shown at once, stored behind it. False where it is refused. */
  act: (act: Act) => boolean
  history: (direction: 'undo' | 'redo') => void
  id: () => string
}

const Context = createContext<JobContext | null>(null)

export function useJob(): JobContext {
  const context = useContext(Context)
  if (!context) throw new Error('useJob belongs inside a job page')
  return context
}

interface Props {
  initial: JobSnapshot
  canUndo: boolean
  canRedo: boolean
  serverNow: number
  children: ReactNode
}

/** Holds one job in the browser: acts are planned by the core here and again on the server. */
export function JobProvider({ initial, canUndo, canRedo, serverNow, children }: Props) {
  const [snapshot, setSnapshot] = useState(initial)
  const [save, setSave] = useState<SaveState>('saved')
  const [steps, setSteps] = useState({ canUndo, canRedo })
  const [now, setNow] = useState(serverNow)
  const current = useRef(initial)
  const queue = useRef<ActQueue | null>(null)
  const jobId = initial.job.id

  const show = useCallback((next: JobSnapshot) => {
    current.current = next
    setSnapshot(next)
  }, [])

  const reload = useCallback(async () => {
    const response = await fetch(`/api/jobs/${jobId}`)
    if (!response.ok) return
    const stored = (await response.json()) as { snapshot: JobSnapshot; canUndo: boolean; canRedo: boolean }
    show(stored.snapshot)
    setSteps({ canUndo: stored.canUndo, canRedo: stored.canRedo })
  }, [jobId, show])

  const act = useCallback(
    (what: Act): boolean => {
      try {
        const { changes } = planAct(current.current, what, Date.now())
        if (changes.length === 0) return true
        show(withChanges(current.current, changes))
        setNow(Date.now())
        queue.current?.push(what)
        return true
      } catch (error) {
        if (!isCoreError(error)) throw error
        notify(error.message)
        return false
      }
    },
    [show],
  )

  useEffect(() => {
    const mine = new ActQueue(jobId, {
      onState: setSave,
      onStored: setSteps,
      onRefused: (refusal) => {
        notify(refusal.message)
        void reload()
      },
    })
    queue.current = mine
    const kept = mine.recovered()
    for (const waiting of kept) act(waiting)
    const tick = setInterval(() => setNow(Date.now()), 15_000)
    return () => clearInterval(tick)
  }, [jobId, act, reload])

  const history = useCallback(
    async (direction: 'undo' | 'redo') => {
      await queue.current?.settled()
      const response = await fetch(`/api/jobs/${jobId}/history`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ direction }),
      })
      const answer = (await response.json()) as {
        snapshot?: JobSnapshot
        canUndo?: boolean
        canRedo?: boolean
        text?: string
        error?: { message: string }
      }
      if (answer.snapshot) {
        show(answer.snapshot)
        setSteps({ canUndo: answer.canUndo ?? false, canRedo: answer.canRedo ?? false })
        notify(`${direction === 'undo' ? 'Taken back' : 'Done again'}: ${answer.text}`)
      } else if (answer.error) notify(answer.error.message)
    },
    [jobId, show],
  )

  const value = useMemo((): JobContext => {
    return {
      snapshot,
      energy: energyOf(snapshot, now),
      now,
      save,
      ...steps,
      diagnosis: diagnosisOf(snapshot),
      findings: findingsOf(snapshot),
      stops: activeStops(snapshot),
      capacitor: capacitorOf(snapshot, 'old'),
      winding: windingOf(snapshot, 'old'),
      act,
      history: (direction) => void history(direction),
      id: () => newId(Date.now(), Math.random),
    }
  }, [snapshot, now, save, steps, act, history])

  return <Context.Provider value={value}>{children}</Context.Provider>
}
