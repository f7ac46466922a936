import type { Act } from '@/core/job'

export type SaveState = 'saved' | 'saving' | 'offline'

export interface Refusal {
  code: string
  message: string
}

interface Callbacks {
  onState: (state: SaveState) => void
  onRefused: (refusal: Refusal) => void
  onStored: (history: { canUndo: boolean; canRedo: boolean }) => void
}

/**
 * Acts wait here until the server has stored them. What waits stands in local storage as well, so that a closed browser
 * loses nothing: the next page of the job sends it.
 */
export class ActQueue {
  private waiting: Act[] = []
  private sending: Act[] = []
  private timer: ReturnType<typeof setTimeout> | null = null
  private readonly key: string

  constructor(
    private readonly jobId: string,
    private readonly callbacks: Callbacks,
  ) {
    this.key = `rest-cog/queue/${jobId}`
  }

  /** Acts of an earlier page that were not stored. */
  recovered(): Act[] {
    try {
      const kept: unknown = JSON.parse(localStorage.getItem(this.key) ?? '[]')
      return Array.isArray(kept) ? (kept as Act[]) : []
    } catch {
      return []
    }
  }

  push(act: Act): void {
    const last = this.waiting.at(-1)
    // Only the newest text of a field that is being typed has to travel.
    if (last && sameField(last, act)) this.waiting[this.waiting.length - 1] = act
    else this.waiting.push(act)
    this.keep()
    this.callbacks.onState('saving')
    if (this.sending.length === 0) void this.send()
  }

  private keep(): void {
    const all = [...this.sending, ...this.waiting]
    if (all.length === 0) localStorage.removeItem(this.key)
    else localStorage.setItem(this.key, JSON.stringify(all))
  }

  private async send(): Promise<void> {
    if (this.timer) clearTimeout(this.timer)
    if (this.waiting.length === 0) return
    this.sending = this.waiting
    this.waiting = []
    try {
      const response = await fetch(`/api/jobs/${this.jobId}/acts`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ acts: this.sending }),
        keepalive: true,
      })
      const answer = (await response.json()) as { error?: Refusal; canUndo?: boolean; canRedo?: boolean }
      if (answer.error && response.status === 500) throw new Error(answer.error.message)
      this.sending = []
      this.keep()
      if (answer.error) this.callbacks.onRefused(answer.error)
      else this.callbacks.onStored({ canUndo: answer.canUndo ?? true, canRedo: answer.canRedo ?? false })
    } catch {
      // The server is away: keep everything and try again.
      this.waiting = [...this.sending, ...this.waiting]
      this.sending = []
      this.keep()
      this.callbacks.onState('offline')
      this.timer = setTimeout(() => void this.send(), 2000)
      return
    }
    if (this.waiting.length > 0) void this.send()
    else this.callbacks.onState('saved')
  }

  /** Resolves when nothing waits. */
  async settled(): Promise<void> {
    while (this.waiting.length > 0 || this.sending.length > 0)
      await new Promise((resolve) => setTimeout(resolve, 30))
  }
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
  return false
}
