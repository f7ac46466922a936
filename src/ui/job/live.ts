/** What a window knows of the server: when it last answered, and whether it is away now. */
export interface Reach {
  confirmedAt: number
  away: boolean
  /** The page was opened without the server: nothing of it is known to be the present. */
  kept?: boolean
}

interface Callbacks {
  onRev: (rev: number) => void
  onReach: (reach: Reach) => void
}

const CHANNEL = 'rest-cog/live'
/**
 * The server gives a sign of life every three seconds: where one is missing it is asked, and what it does not answer in time
 * is no answer. A server that is frozen is noticed within ten seconds so.
 */
const SILENT_MS = 4500
const LOOK_EVERY_MS = 1500
const ANSWER_WITHIN_MS = 3500

/** `opened`: the stream stands now, and what was announced before it did was heard by nobody. */
type News = { job: string; rev: number } | 'beat' | 'opened'

/**
 * Tells a window of what other windows and devices wrote. One tab of the browser holds the stream and passes it on to the
 * others; where the browser has no locks or no channel, and while the stream is silent, each window asks for itself, and
 * always when it comes to the front.
 */
export class LiveLink {
  private channel: BroadcastChannel | null = null
  private source: EventSource | null = null
  private release: (() => void) | null = null
  private timer: ReturnType<typeof setInterval> | null = null
  private heardAt = Date.now()
  private asking = false
  private again = false
  private closed = false

  constructor(
    private readonly jobId: string,
    private readonly callbacks: Callbacks,
  ) {}

  open(): void {
    if (typeof BroadcastChannel === 'function' && navigator.locks) {
      this.channel = new BroadcastChannel(CHANNEL)
      this.channel.onmessage = (message: MessageEvent<News>) => this.hear(message.data)
      void navigator.locks.request(CHANNEL, () => this.lead())
    }
    this.timer = setInterval(() => {
      const silent = Date.now() - this.heardAt > SILENT_MS || this.channel === null
      if (silent && document.visibilityState === 'visible') void this.ask()
    }, LOOK_EVERY_MS)
    for (const name of ['focus', 'pageshow', 'online']) window.addEventListener(name, this.front)
    document.addEventListener('visibilitychange', this.front)
    // What was stored between the reading of the page and now was announced to nobody here.
    void this.ask()
  }

  close(): void {
    this.closed = true
    if (this.timer) clearInterval(this.timer)
    this.source?.close()
    this.release?.()
    this.channel?.close()
    for (const name of ['focus', 'pageshow', 'online']) window.removeEventListener(name, this.front)
    document.removeEventListener('visibilitychange', this.front)
  }

  private readonly front = (): void => {
    if (document.visibilityState === 'visible') void this.ask()
  }

  /** Hold the stream for all tabs, until this one closes. */
  private lead(): Promise<void> {
    if (this.closed) return Promise.resolve()
    const source = new EventSource('/api/live')
    this.source = source
    const pass = (news: News) => {
      this.channel?.postMessage(news)
      this.hear(news)
    }
    source.addEventListener('open', () => pass('opened'))
    source.addEventListener('beat', () => pass('beat'))
    source.addEventListener('job', (event) => {
      try {
        pass(JSON.parse((event as MessageEvent<string>).data) as News)
      } catch {}
    })
    // A stream that breaks says that the server may be gone: ask at once.
    source.addEventListener('error', () => void this.ask())
    return new Promise((resolve) => {
      this.release = resolve
    })
  }

  private hear(news: News): void {
    this.heardAt = Date.now()
    this.callbacks.onReach({ confirmedAt: this.heardAt, away: false })
    if (news === 'opened') void this.ask()
    else if (news !== 'beat' && news.job === this.jobId) this.callbacks.onRev(news.rev)
  }

  /** Ask the server for the number of this job. */
  async ask(): Promise<void> {
    // What is being answered may be older than what it is asked for now.
    if (this.asking) this.again = true
    if (this.asking || this.closed) return
    this.asking = true
    try {
      const response = await fetch(`/api/jobs/${this.jobId}/rev`, {
        cache: 'no-store',
        signal: AbortSignal.timeout(ANSWER_WITHIN_MS),
      })
      const { rev } = (await response.json()) as { rev?: number }
      if (!response.ok || rev === undefined) throw new Error('no answer')
      this.heardAt = Date.now()
      this.callbacks.onReach({ confirmedAt: this.heardAt, away: false })
      this.callbacks.onRev(rev)
    } catch {
      if (!this.closed) this.callbacks.onReach({ confirmedAt: this.heardAt, away: true })
    } finally {
      this.asking = false
    }
    if (!this.again) return
    this.again = false
    await this.ask()
  }
}
