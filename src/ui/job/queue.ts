import { type Act, newId } from '@/core/job'
import { ageOf, type DoneAt } from './clockAge'
import {
  GONE_MS,
  isWaiting,
  type Kept,
  type KeptActs,
  type Refusal,
  type Refused,
  type Waiting,
} from './kept'

export type SaveState = 'saved' | 'saving' | 'offline'

export type { Refused, Waiting } from './kept'

interface Stored {
  rev: number
  canUndo: boolean
  canRedo: boolean
}

interface Callbacks {
  onState: (state: SaveState) => void
  /** Acts that were not stored, with their reasons; what was innocent in the same batch is. */
  onRefused: (refused: Refused[], how: { again: boolean }) => void
  onStored: (stored: Stored) => void
  who: () => string
  /** Whether two acts are letters of one text: the planner knows. */
  sameTyping: (older: Act, newer: Act) => boolean
  /** Another window had written this into the same field; what was typed here stands. */
  onOther: (text: string) => void
  /** The door closed behind this window; what was typed is kept. */
  onNoSession: () => void
}

/** Tries with the same act alone before it is put aside as refused. */
const MOST_TRIES = 3
/** The browser's own database opens within this time, or what it holds waits for the next page. */
const LONGEST_OPENING_MS = 3000
/** How often a window says that it is there. */
const BEAT_MS = 4000
/** A browser drops a longer body that is sent while its page closes. */
const KEEPALIVE_BYTES = 60_000

/**
 * Acts wait here until the server has stored them. What waits, and what was refused, stands in the browser's own database as
 * well, a row for each act, so that a closed browser loses nothing: the next page of the job sends it. Every act has an id,
 * so that two pages may send the same one.
 */
export class ActQueue {
  private waiting: Waiting[] = []
  private sending: Waiting[] = []
  private timer: ReturnType<typeof setTimeout> | null = null
  private beat: ReturnType<typeof setInterval> | null = null
  private alone = false
  private tries = 0
  private order = 0
  /** Acts of this page, whatever became of them: their rows are nobody's to take over here. */
  private readonly own = new Set<string>()
  /** Rows on their way into the database. */
  private bridge: Kept[] = []
  private readonly pageId = newId(Date.now(), Math.random)
  /** Rows follow each other into the database in the order in which they were made. */
  private writes: Promise<unknown> = Promise.resolve()

  /** What this page is not to send before: acts of an earlier page come first, they are older. */
  private recovering = false

  constructor(
    private readonly jobId: string,
    private readonly windowId: string,
    private readonly callbacks: Callbacks,
    private readonly kept: Promise<KeptActs | null>,
  ) {
    // Read before this page writes under the same key: an earlier page of this window may have been gone too soon.
    this.bridge = rowsIn(localStorage.getItem(this.bridgeKey)).map((row, order) => this.asOwn(row, order))
    this.order = Math.max(-1, ...this.bridge.map(({ order }) => order)) + 1
  }

  /** Take over what earlier pages of this job did not get stored, and send it. True where there was something to send. */
  async recover(): Promise<boolean> {
    this.recovering = true
    try {
      return await this.takeOver()
    } finally {
      this.recovering = false
      if (this.waiting.length > 0 && this.sending.length === 0) void this.send()
      // Who waited for the queue to be idle hears of it.
      else if (this.idle) this.callbacks.onState('saved')
    }
  }

  /** What waits to be sent, the oldest first. */
  waitingActs(): Act[] {
    return [...this.sending, ...this.waiting].map(({ act }) => act)
  }

  private async takeOver(): Promise<boolean> {
    const inherited = this.bridge.filter(({ id }) => !this.own.has(id))
    const kept = await Promise.race([
      this.kept,
      new Promise<null>((no) => setTimeout(no, LONGEST_OPENING_MS, null)),
    ])
    if (kept) this.say(kept)
    const old = [...inherited, ...(await this.leftElsewhere(kept))]
    if (old.length > 0)
      this.write(async (database) => {
        await database.put(old)
        this.bridge = this.bridge.filter((row) => !inherited.includes(row))
        this.holdBridge()
      })
    if (kept) await this.writes
    const found = kept ? await kept.left(this.jobId, this.windowId, Date.now()) : old
    // A text that was typed over since is still in the database for a moment: sent again it would undo the newer one.
    const rows = found.filter(({ id }) => !this.own.has(id))
    const refused = rows.flatMap(({ reason, ...row }): Refused[] => (reason ? [{ ...row, reason }] : []))
    if (refused.length > 0) this.callbacks.onRefused(refused, { again: true })
    const left = rows.filter(({ reason }) => !reason)
    if (left.length === 0) return false
    for (const { id } of left) this.own.add(id)
    this.waiting = [...left, ...this.waiting]
    this.callbacks.onState('saving')
    return true
  }

  /** What windows that are gone left of this job in local storage. */
  private async leftElsewhere(kept: KeptActs | null): Promise<Kept[]> {
    const prefix = `rest-cog/queue/${this.jobId}/`
    const rows: Kept[] = []
    for (const key of Object.keys(localStorage).filter((each) => each.startsWith(prefix))) {
      const windowId = key.slice(prefix.length)
      // What a window that is there holds is its own: it may have typed over it already.
      if (windowId === this.windowId || !(await kept?.isGone(windowId, Date.now()))) continue
      const left = rowsIn(localStorage.getItem(key))
      // A window that has only just begun may not have said so yet: what is young is left to it.
      if (left.some(({ done }) => Date.now() - done.wall < GONE_MS)) continue
      rows.push(...left.map((row, order) => this.asOwn(row, order)))
      localStorage.removeItem(key)
    }
    return rows
  }

  private asOwn(row: Waiting & { order?: number }, order: number): Kept {
    return { order, ...row, jobId: this.jobId, windowId: this.windowId }
  }

  /** This window is there, so that no other takes its acts for left behind. */
  private say(kept: KeptActs): void {
    const present = () => void kept.present(this.windowId, Date.now()).catch(() => {})
    present()
    this.beat = setInterval(present, BEAT_MS)
  }

  close(): void {
    if (this.beat) clearInterval(this.beat)
  }

  /** The person did it again or dropped it. */
  forget(id: string): void {
    this.write((kept) => kept.remove([id]))
  }

  /** @param was what the text field held before, as this window showed it; null for an act that types into none */
  push(act: Act, was: string | null = null): void {
    const last = this.waiting.at(-1)
    // A field that is being typed into was last seen before its first letter.
    const seen = last && this.callbacks.sameTyping(last.act, act) ? (last.was ?? null) : was
    const next: Waiting = {
      id: newId(Date.now(), Math.random),
      act,
      done: this.now(),
      ...(seen === null ? {} : { was: seen }),
    }
    // Only the newest text of a field that is being typed has to travel.
    this.own.add(next.id)
    if (last && this.callbacks.sameTyping(last.act, act)) {
      this.waiting[this.waiting.length - 1] = next
      this.write((kept) => kept.remove([last.id]))
    } else this.waiting.push(next)
    this.keep([next])
    this.callbacks.onState('saving')
    if (this.sending.length === 0 && !this.recovering) void this.send()
  }

  get idle(): boolean {
    return this.waiting.length === 0 && this.sending.length === 0 && !this.recovering
  }

  private now(): DoneAt {
    return { wall: Date.now(), page: performance.now(), pageId: this.pageId }
  }

  private keep(some: (Waiting & { reason?: Refusal })[]): void {
    const rows = some.map(
      (row): Kept => ({ ...row, jobId: this.jobId, windowId: this.windowId, order: this.order++ }),
    )
    this.bridge.push(...rows)
    this.holdBridge()
    this.write(async (kept) => {
      await kept.put(rows)
      this.bridge = this.bridge.filter((row) => !rows.includes(row))
      this.holdBridge()
    })
  }

  /** Stored by the server: they stand nowhere here any more. */
  private drop(stored: Waiting[]): void {
    const ids = stored.map(({ id }) => id)
    this.bridge = this.bridge.filter(({ id }) => !ids.includes(id))
    this.holdBridge()
    this.write((kept) => kept.remove(ids))
  }

  /**
   * The database answers a moment later, and a page may be gone by then: until it has, rows stand in local storage, under a
   * key of this window.
   */
  private holdBridge(): void {
    try {
      if (this.bridge.length === 0) localStorage.removeItem(this.bridgeKey)
      else localStorage.setItem(this.bridgeKey, JSON.stringify(this.bridge.filter(({ reason }) => !reason)))
    } catch {
      // A full storage loses this moment only: the acts themselves are on their way.
    }
  }

  private get bridgeKey(): string {
    return `rest-cog/queue/${this.jobId}/${this.windowId}`
  }

  private write(work: (kept: KeptActs) => Promise<void>): void {
    this.writes = this.writes
      .then(async () => {
        const kept = await this.kept
        if (kept) await work(kept)
      })
      // A browser that keeps nothing still works as long as its page stands.
      .catch(() => {})
  }

  /** Send at once what waits, as when the server has answered again. */
  wake(): void {
    if (this.waiting.length > 0 && this.sending.length === 0 && !this.recovering) void this.send()
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
      const stored = this.sending.filter(({ id }) => !refused.some((each) => each.id === id))
      this.sending = []
      this.drop(stored)
      this.putAside(refused)
      for (const { other } of answer.answers ?? []) if (other !== undefined) this.callbacks.onOther(other)
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
      acts: this.sending.map(({ id, act, done, was }) => ({
        id,
        act,
        ageMs: ageOf(done, now),
        ...(was === undefined ? {} : { was }),
      })),
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
      this.putAside(refused)
    } else {
      this.waiting = [...this.sending, ...this.waiting]
      this.sending = []
      this.alone = fault
    }
    this.callbacks.onState(this.waiting.length > 0 ? 'offline' : 'saved')
    this.timer = setTimeout(() => void this.send(), 2000)
  }

  /** What was refused stays, also over a reload, until the person does it again or drops it. */
  private putAside(refused: Refused[]): void {
    if (refused.length === 0) return
    this.keep(refused)
    this.callbacks.onRefused(refused, { again: false })
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
  answers?: { id: string; error?: Refusal; other?: string }[]
}

const faultReason: Refusal = {
  code: 'internal',
  message: 'The server failed on this one three times. It was put aside so that the rest can be stored.',
}

/** What a text of local storage holds; damaged content is nothing. */
function rowsIn(text: string | null): Waiting[] {
  try {
    const rows: unknown = JSON.parse(text ?? '[]')
    return Array.isArray(rows) ? rows.filter(isWaiting) : []
  } catch {
    return []
  }
}
