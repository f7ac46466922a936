'use client'

import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
} from 'react'
import { isCoreError } from '@/core/errors'
import {
  type Act,
  type ActiveStop,
  activeStops,
  type By,
  capacitorOf,
  diagnosisOf,
  type Energy,
  energyOf,
  findingsOf,
  gateProblem,
  type Reach as HandsReach,
  type JobSnapshot,
  newId,
  windingOf,
  withChanges,
} from '@/core/job'
import { KEPT_HEADER } from '@/workers/offline/kept'
import { endKept, keptSince, tellStored } from '../kit/keptPage'
import { notify } from '../kit/notify'
import { serverTime, setServerTime, slept } from '../kit/serverClock'
import { type Clock, clockIn, ownZone } from '../kit/time'
import { whenReached } from '../kit/whenReached'
import { whoIsHere, windowId } from '../kit/who'
import type { KeptActs } from './kept'
import type { LiveLink, Reach } from './live'
import { ActQueue, type Refused, type SaveState } from './queue'

export interface JobContext extends Clock {
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
  /** When the server last confirmed what this window shows, and whether it is away now. */
  reach: Reach
  /** Acts that were not stored, with their reasons: done again or dropped by the person. */
  refused: Refused[]
  dropRefused: (id: string) => void
  /** What is missing before hands may do this here, or null. Nothing new opens while the server is away. */
  gate: (reach: HandsReach) => string | null
  /** Do an act: shown at once, stored behind it. False where it is refused. */
  act: (act: Act) => boolean
  history: (direction: 'undo' | 'redo') => void
  id: () => string
}

type Planner = Pick<typeof import('@/core/job/acts/plan'), 'planAct' | 'ruleOf' | 'sameTyping' | 'textBefore'>

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
  /** The zone that the server writes times by. */
  zone: string
  children: ReactNode
}

/** Holds one job in the browser: acts are planned by the core here and again on the server. */
export function JobProvider({ initial, canUndo, canRedo, serverNow, zone: serverZone, children }: Props) {
  const [snapshot, setSnapshot] = useState(initial)
  const [save, setSave] = useState<SaveState>('saved')
  const [steps, setSteps] = useState({ canUndo, canRedo })
  const [now, setNow] = useState(serverNow)
  const [zone, setZone] = useState(serverZone)
  const [reach, setReach] = useState<Reach>({ confirmedAt: serverNow, away: false })
  const [refused, setRefused] = useState<Refused[]>([])
  const current = useRef(initial)
  const queue = useRef<ActQueue | null>(null)
  const away = useRef(false)
  /** Whether hands were let in when the server last confirmed it: only that goes on while it is away. */
  const wasOpen = useRef(letsHandsIn(initial, serverNow))
  const wanted = useRef(initial.job.rev)
  /** Something was refused: what this window shows is not what is stored. */
  const stale = useRef(false)
  /** The rules of the acts: not needed to show a job, so loaded behind its first paint. */
  const planner = useRef<Planner | null>(null)
  const early = useRef<Act[]>([])
  const jobId = initial.job.id
  const keptRef = useRef<number | null>(null)
  const keptShown = useRef<Promise<void>>(Promise.resolve())
  const first = useRef(true)
  if (first.current) {
    first.current = false
    setServerTime(serverNow)
  }

  const show = useCallback((next: JobSnapshot) => {
    current.current = next
    setSnapshot(next)
    if (!away.current) wasOpen.current = letsHandsIn(next, serverTime())
  }, [])

  const reload = useCallback(async () => {
    for (let tries = 0; tries < 3; tries++) {
      const response = await fetch(`/api/jobs/${jobId}`, { cache: 'no-store' })
      if (!response.ok) return
      const stored = (await response.json()) as {
        snapshot: JobSnapshot
        canUndo: boolean
        canRedo: boolean
        serverNow: number
      }
      // Out of the store of this device: the time that it was given is not now.
      if (response.headers.get(KEPT_HEADER) === null) setServerTime(stored.serverNow)
      else if (keptRef.current === null) return
      // What was typed meanwhile is on its way, and the server's answer to it comes later than this one.
      // Then it is asked again: what this answer would have shown is not shown yet.
      // Without the server nothing is on its way; what waits is shown on top of what was kept.
      if (keptRef.current === null && queue.current && !queue.current.idle) {
        stale.current = true
        return
      }
      // An answer from before the last act was stored came late: shown, it would take that act off the screen.
      if (stored.snapshot.job.rev < wanted.current) continue
      show(stored.snapshot)
      setNow(serverTime())
      setSteps({ canUndo: stored.canUndo, canRedo: stored.canRedo })
      return
    }
    stale.current = true
  }, [jobId, show])

  useLayoutEffect(() => {
    const since = keptSince()
    if (since === null) return
    keptRef.current = since
    away.current = true
    wasOpen.current = false
    setServerTime(Date.now())
    setNow(serverTime())
    setReach({ confirmedAt: since, away: true, kept: true })
    keptShown.current = reload().catch(() => {})
  }, [reload])

  const catchUp = useCallback(() => {
    const behind = stale.current || wanted.current > current.current.job.rev
    if (!behind || !queue.current?.idle) return
    stale.current = false
    void reload()
  }, [reload])

  const act = useCallback(
    (what: Act): boolean => {
      const plan = planner.current
      // Done before the planner is there, it is on its way already, and shown as soon as the planner has come: the server
      // plans it again in any case.
      if (!plan) {
        early.current.push(what)
        queue.current?.push(what)
        return true
      }
      try {
        const { energy } = plan.ruleOf(what)
        if (away.current && (energy === 'asserts' || (energy === 'hands' && !wasOpen.current))) {
          notify('The server cannot be reached, and nothing new opens until it answers.')
          return false
        }
        const was = plan.textBefore(current.current, what)
        const { changes } = plan.planAct(current.current, what, serverTime(), byHere())
        if (changes.length === 0) return true
        show(withChanges(current.current, changes))
        setNow(serverTime())
        queue.current?.push(what, was)
        return true
      } catch (error) {
        if (!isCoreError(error)) throw error
        notify(error.message)
        return false
      }
    },
    [show],
  )

  /** Without the server what waits to be sent is in nothing that it has said: shown on top of what was kept. */
  const showWaiting = useCallback(
    async (acts: Act[]) => {
      const { planAct } = await whenReached(() => import('@/core/job/acts/plan'))
      for (const waiting of acts) {
        try {
          show(
            withChanges(current.current, planAct(current.current, waiting, serverTime(), byHere()).changes),
          )
        } catch (error) {
          // What does not fit on what was kept stands in the queue all the same.
          if (!isCoreError(error)) throw error
        }
      }
    },
    [show],
  )

  useEffect(() => {
    void whenReached(() => import('@/core/job/acts/plan')).then((loaded) => {
      planner.current = loaded
      for (const waiting of early.current.splice(0)) {
        try {
          const { changes } = loaded.planAct(current.current, waiting, serverTime(), byHere())
          show(withChanges(current.current, changes))
        } catch (error) {
          // The server refuses it too, and that refusal stays on the screen with its reason.
          if (!isCoreError(error)) throw error
        }
      }
    })
  }, [show])

  useEffect(() => {
    const mine = new ActQueue(
      jobId,
      windowId(),
      {
        who: whoIsHere,
        sameTyping: (older, newer) => planner.current?.sameTyping(older, newer) ?? false,
        onOther: (text) =>
          notify(`Another window had written “${text || 'nothing'}” there. What you typed stands.`),
        onNoSession: () => window.location.assign(`/door?to=${encodeURIComponent(window.location.pathname)}`),
        onState: (state) => {
          setSave(state)
          if (state === 'saved') {
            catchUp()
            tellStored(jobId)
          }
        },
        onStored: ({ rev, canUndo, canRedo }) => {
          setSteps({ canUndo, canRedo })
          wanted.current = Math.max(wanted.current, rev)
          // One step further is what this window wrote itself; more than that, another wrote as well.
          const { job } = current.current
          if (rev === job.rev + 1) show({ ...current.current, job: { ...job, rev } })
        },
        onRefused: (some, { again }) => {
          setRefused((before) => [...before, ...some])
          if (again) return
          for (const { reason } of some.slice(0, 1)) notify(reason.message)
          stale.current = true
        },
      },
      keptActs(),
    )
    queue.current = mine
    // What an earlier page left is not in what the server showed: look again once it is stored.
    void mine.recover().then((sends) => {
      if (sends) stale.current = true
      if (sends && keptRef.current !== null)
        void keptShown.current.then(() => showWaiting(mine.waitingActs()))
    })
    let link: LiveLink | null = null
    let left = false
    // Other windows are listened to as soon as this one stands.
    void loaded()
      .then(() => whenReached(() => import('./live')))
      .then(({ LiveLink: Link }) => {
        if (left) return
        link = new Link(jobId, {
          onRev: (rev) => {
            wanted.current = Math.max(wanted.current, rev)
            catchUp()
          },
          onReach: (next) => {
            const back = away.current && !next.away
            away.current = next.away
            // A page out of the store stays one until the server has said what stands now.
            if (next.away && keptRef.current !== null) return
            if (keptRef.current !== null) {
              keptRef.current = null
              stale.current = true
              endKept()
            }
            if (!next.away) wasOpen.current = letsHandsIn(current.current, serverTime())
            setReach(next)
            if (back) {
              mine.wake()
              catchUp()
            }
          },
        })
        link.open()
      })
      // The server went away before it could be listened to: nothing new opens.
      .catch(() => {
        away.current = true
        setReach((before) => ({ ...before, away: true }))
      })
    setZone(ownZone())
    let last = { wall: Date.now(), page: performance.now() }
    const tick = setInterval(() => {
      // A page that slept asks before it shows what stands now.
      if (slept(last)) {
        stale.current = true
        catchUp()
      }
      last = { wall: Date.now(), page: performance.now() }
      setNow(serverTime())
    }, 15_000)
    return () => {
      clearInterval(tick)
      mine.close()
      left = true
      link?.close()
    }
  }, [jobId, show, catchUp, showWaiting])

  const history = useCallback(
    async (direction: 'undo' | 'redo') => {
      if (!(await (queue.current?.settled() ?? true))) {
        notify('The server cannot be reached: nothing is taken back or done again until it answers.')
        return
      }
      try {
        const response = await fetch(`/api/jobs/${jobId}/history`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ direction, ...byHere() }),
        })
        const answer = (await response.json()) as {
          snapshot?: JobSnapshot
          canUndo?: boolean
          canRedo?: boolean
          text?: string
          error?: { message: string }
        }
        if (answer.snapshot) {
          wanted.current = Math.max(wanted.current, answer.snapshot.job.rev)
          show(answer.snapshot)
          setNow(serverTime())
          setSteps({ canUndo: answer.canUndo ?? false, canRedo: answer.canRedo ?? false })
          notify(`${direction === 'undo' ? 'Taken back' : 'Done again'}: ${answer.text}`)
        } else if (answer.error) notify(answer.error.message)
      } catch {
        notify('The server cannot be reached: nothing is taken back or done again until it answers.')
      }
    },
    [jobId, show],
  )

  const value = useMemo((): JobContext => {
    const shut = reach.away && !wasOpen.current
    let energy: Energy | null = null
    return {
      snapshot,
      // What is worked out is asked for where it is shown: what cannot be worked out takes its block along and not the page.
      get energy() {
        energy ??= reach.kept
          ? notKnown(energyOf(snapshot, now))
          : shut
            ? heldBack(energyOf(snapshot, now))
            : energyOf(snapshot, now)
        return energy
      },
      now,
      reach,
      refused,
      dropRefused: (id) => {
        queue.current?.forget(id)
        setRefused((before) => before.filter((each) => each.id !== id))
      },
      gate: (hands) => (shut && hands.kind !== 'free' ? AWAY : gateProblem(snapshot, now, hands)),
      save,
      ...steps,
      ...clockIn(zone),
      get diagnosis() {
        return diagnosisOf(snapshot)
      },
      get findings() {
        return findingsOf(snapshot)
      },
      get stops() {
        return activeStops(snapshot)
      },
      get capacitor() {
        return capacitorOf(snapshot, 'old')
      },
      get winding() {
        return windingOf(snapshot, 'old')
      },
      act,
      history: (direction) => void history(direction),
      id: () => newId(Date.now(), Math.random),
    }
  }, [snapshot, now, save, steps, act, history, reach, refused, zone])

  return <Context.Provider value={value}>{children}</Context.Provider>
}

/** Whether hands were let in; a state that cannot be worked out lets nobody in. */
function letsHandsIn(snapshot: JobSnapshot, now: number): boolean {
  try {
    return energyOf(snapshot, now).handsIn
  } catch {
    return false
  }
}

/** The browser's own database, or null where it has none to give: then acts stand as long as the page does. */
const keptActs = async (): Promise<KeptActs | null> => {
  try {
    await loaded()
    const { openKeptActs } = await whenReached(() => import('./keptActs'))
    return await openKeptActs()
  } catch {
    return null
  }
}

/** The page stands: what is not needed to show it is fetched from here on. */
const loaded = (): Promise<void> =>
  new Promise((resolve) => {
    if (document.readyState === 'complete') resolve()
    else window.addEventListener('load', () => resolve(), { once: true })
  })

const AWAY = 'the server cannot be reached, and nothing new opens'

/** Nobody knows what stands now: taken for live, whatever stood when the page was kept. */
const notKnown = (energy: Energy): Energy => ({
  ...heldBack(energy),
  state: 'live',
  openPoints: 0,
  provenAt: null,
  provenVolts: null,
  holdsUntil: null,
})

/** Nothing opens that was not open when the server last confirmed it. */
const heldBack = (energy: Energy): Energy => ({
  ...energy,
  handsIn: false,
  coversBeforeProof: false,
  coversBeforeDischarge: false,
  missing: [AWAY, ...energy.missing],
})

const byHere = (): By => ({ who: whoIsHere(), window: windowId() })
