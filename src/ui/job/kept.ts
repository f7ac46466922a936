import type { Act } from '@/core/job'
import type { DoneAt } from './clockAge'

export interface Refusal {
  code: string
  message: string
}

/** An act that waits to be stored: its own id, so that sent twice it is stored once, and when it was done. */
export interface Waiting {
  id: string
  act: Act
  done: DoneAt
  /** What the field held that it types into, as this window showed it. */
  was?: string
}

export interface Refused extends Waiting {
  reason: Refusal
}

/** A waiting or refused act as it stands in the browser’s own database. */
export interface Kept extends Waiting {
  jobId: string
  windowId: string
  /** Place among acts of the same moment. */
  order: number
  /** Set where the server refused it: it waits for the person, not for the server. */
  reason?: Refusal
}

/** Where acts stand until they are stored, shared by all tabs of this browser. */
export interface KeptActs {
  put: (rows: Kept[]) => Promise<void>
  remove: (ids: string[]) => Promise<void>
  /** What this window, or a window that is gone, left of a job, oldest first. */
  left: (jobId: string, windowId: string, now: number) => Promise<Kept[]>
  /** Has a window not said for a while that it is there? */
  isGone: (windowId: string, now: number) => Promise<boolean>
  /** This window is there. */
  present: (windowId: string, now: number) => Promise<void>
}

/** A window that has not said for this long that it is there is gone; what it left is taken over. */
export const GONE_MS = 10_000

export function isWaiting(value: unknown): value is Waiting {
  const { id, act, done } = (value ?? {}) as Partial<Waiting>
  return (
    typeof id === 'string' &&
    typeof act === 'object' &&
    act !== null &&
    typeof act.kind === 'string' &&
    typeof done?.wall === 'number'
  )
}
