import { type Act, newId } from '@/core/job'
import { ageOf, type DoneAt } from './clockAge'

export type SaveState = 'saved' | 'saving' | 'offline'

export interface Refusal {
  code: string
  message: string
}

/** An act that waits to be stored: its own id, so that sent twice it is stored once, and when it was done. */
export interface Waiting {
  id: string
  act: Act
  done: DoneAt
}

export interface Refused extends Waiting {
  reason: Refusal
}

interface Stored {
  rev: number
  canUndo: boolean
  canRedo: boolean
}

interface Callbacks {
  onState: (state: SaveState) => void
  /** Acts that were not stored, with their reasons; what was innocent in the same batch is. */
  onRefused: (refused: Refused[]) => void
  onStored: (stored: Stored) => void
  who: () => string
  /** The door closed behind this window; what was typed is kept. */
  onNoSession: () => void
}

/** Tries with the same act alone before it is put aside as refused. */
const MOST_TRIES = 3
/** A browser drops a longer body that is sent while its page closes. */
const KEEPALIVE_BYTES = 60_000

/**
 * Acts wait here until the server has stored them. What waits stands in local storage as well, each window under a key of
 * its own, so that a closed browser loses nothing: the next page of the job sends it. Every act has an id, so that two
 * pages may send the same one.
 */
export class ActQueue {
  private waiting: Waiting[] = []
  private sending: Waiting[] = []
  private timer: ReturnType<typeof setTimeout> | null = null
  private alone = false
  private tries = 0
  private adopted: string[] = []
  private readonly prefix: string
  private readonly pageId = newId(Date.now(), Math.random)

  constructor(
    private readonly jobId: string,
    private readonly windowId: string,
    private readonly callbacks: Callbacks,
  ) {
    this.prefix = `rest-cog/queue/${jobId}/`
  }

  private get key(): string {
    return this.prefix + this.windowId
  }

  /** Take over what earlier pages of this job did not get stored, and send it. True where there was something. */
  recover(): boolean {
    const kept: Waiting[] = []
    for (const key of Object.keys(localStorage).filter((each) => each.startsWith(this.prefix))) {
      kept.push(...read(key))
      if (key !== this.key) this.adopted.push(key)
    }
    if (kept.length === 0) return false
    this.waiting = [...kept.sort((one, two) => one.done.wall - two.done.wall), ...this.waiting]
    this.callbacks.onState('saving')
    if (this.sending.length === 0) void this.send()
    return true
  }

  push(act: Act): void {
    const next: Waiting = { id: newId(Date.now(), Math.random), act, done: this.now() }
    const last = this.waiting.at(-1)
    // Only the newest text of a field that is being typed has to travel.
    if (last && sameField(last.act, act)) this.waiting[this.waiting.length - 1] = next
    else this.waiting.push(next)
    this.keep()
    this.callbacks.onState('saving')
    if (this.sending.length === 0) void this.send()
  }

  get idle(): boolean {
    return this.waiting.length === 0 && this.sending.length === 0
  }

  private now(): DoneAt {
    return { wall: Date.now(), page: performance.now(), pageId: this.pageId }
  }

  private keep(): void {
    const all = [...this.sending, ...this.waiting]
    if (all.length === 0) {
      localStorage.removeItem(this.key)
      for (const key of this.adopted.splice(0)) localStorage.removeItem(key)
    } else localStorage.setItem(this.key, JSON.stringify(all))
  }

  /** Send at once what waits, as when the server has answered again. */
  wake(): void {
    if (this.waiting.length > 0 && this.sending.length === 0) void this.send()
  }

  private async send(): Promise<void> {
    if (this.timer) clearTimeout(this.timer)
    if (this.waiting.length === 0) return
    const count = this.alone ? 1 : Math.min(this.waiting.length, 200)
    this.sending = this.waiting.slice(0, count)
    this.waiting = this.waiting.slice(count)
    try {
      const answer = await this.post()
      this.alone = false
      this.tries = 0
      const refused = this.sending.flatMap((each): Refused[] => {
        const reason = answer.error ?? answer.answers?.find(({ id }) => id === each.id)?.error
        return reason ? [{ ...each, reason }] : []
      })
      this.sending = []
      this.keep()
      if (refused.length > 0) this.callbacks.onRefused(refused)
      if (!answer.error)
        this.callbacks.onStored({
          rev: answer.rev ?? 0,
          canUndo: answer.canUndo ?? true,
          canRedo: answer.canRedo ?? false,
        })
    } catch (error) {
      this.putBack(error instanceof ServerFault)
      return
    }
    if (this.waiting.length > 0) void this.send()
    else this.callbacks.onState('saved')
  }

  private async post(): Promise<Answer> {
    const now = this.now()
    const body = JSON.stringify({
      acts: this.sending.map(({ id, act, done }) => ({ id, act, ageMs: ageOf(done, now) })),
      who: this.callbacks.who(),
      window: this.windowId,
    })
    const response = await fetch(`/api/jobs/${this.jobId}/acts`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body,
      keepalive: body.length < KEEPALIVE_BYTES,
    })
    if (response.status === 401) {
      // The session ended: everything is kept, and sent when the door is open again.
      this.callbacks.onNoSession()
      throw new Error('no session')
    }
    if (response.status >= 500) throw new ServerFault()
    return (await response.json()) as Answer
  }

  /** The server is away or has failed: keep everything and try again; an act that fails alone is put aside. */
  private putBack(fault: boolean): void {
    if (fault && this.alone && this.sending.length === 1 && ++this.tries >= MOST_TRIES) {
      const refused = this.sending.map((each) => ({ ...each, reason: faultReason }))
      this.sending = []
      this.tries = 0
      this.keep()
      this.callbacks.onRefused(refused)
    } else {
      this.waiting = [...this.sending, ...this.waiting]
      this.sending = []
      this.alone = fault
      this.keep()
    }
    this.callbacks.onState(this.waiting.length > 0 ? 'offline' : 'saved')
    this.timer = setTimeout(() => void this.send(), 2000)
  }

  /** Resolves true when nothing waits, false where that does not come about in time. */
  async settled(mostMs = 4000): Promise<boolean> {
    const until = Date.now() + mostMs
    while (!this.idle) {
      if (Date.now() > until) return false
      await new Promise((resolve) => setTimeout(resolve, 30))
    }
    return true
  }
}

class ServerFault extends Error {}

interface Answer extends Partial<Stored> {
  error?: Refusal
  answers?: { id: string; error?: Refusal }[]
}

const faultReason: Refusal = {
  code: 'internal',
  message: 'The server failed on this one three times. It was put aside so that the rest can be stored.',
}

/** What is kept under a key; damaged content is nothing. */
function read(key: string): Waiting[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? '[]')
    return Array.isArray(kept) ? kept.filter(isWaiting) : []
  } catch {
    return []
  }
}

function isWaiting(value: unknown): value is Waiting {
  const { id, act, done } = (value ?? {}) as Partial<Waiting>
  return (
    typeof id === 'string' &&
    typeof act === 'object' &&
    act !== null &&
    typeof act.kind === 'string' &&
    typeof done?.wall === 'number'
  )
}

function sameField(a: Act, b: Act): boolean {
  if (a.kind !== b.kind) return false
  if (a.kind === 'field.set' && b.kind === 'field.set')
    return a.part === b.part && a.field === b.field && a.typed !== '' && b.typed !== ''
  if (a.kind === 'reading.set' && b.kind === 'reading.set')
    return (
      a.a === b.a &&
      a.b === b.b &&
      a.reading === b.reading &&
      a.part === b.part &&
      a.typed !== '' &&
      b.typed !== ''
    )
  if (a.kind === 'job.edit' && b.kind === 'job.edit') return a.field === b.field
  if (a.kind === 'machine.edit' && b.kind === 'machine.edit') return a.field === b.field
  if (a.kind === 'point.held' && b.kind === 'point.held') return a.id === b.id
  return false
}
