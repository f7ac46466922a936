/** Who listens to what was written: one stream for each browser, told the job and its number and nothing else. */
type Listener = (news: { job: string; rev: number }) => void

const holder = globalThis as unknown as { restCogListeners?: Set<Listener> }

const listeners = (): Set<Listener> => {
  holder.restCogListeners ??= new Set()
  return holder.restCogListeners
}

/** Tell every stream that a job was written to. Called after the transaction, never inside it. */
export function announce(job: string, rev: number): void {
  for (const tell of listeners()) tell({ job, rev })
}

/** Seconds between two signs of life on a stream that has nothing to tell. */
const HEARTBEAT_MS = 3000

/** News as server-sent events until the browser goes away: `job` events, and a beat that says the server is there. */
export function newsStream(signal: AbortSignal): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder()
  let stop = () => {}
  return new ReadableStream({
    start(controller) {
      const send = (text: string) => {
        try {
          controller.enqueue(encoder.encode(text))
        } catch {
          stop()
        }
      }
      const tell: Listener = (news) => send(`event: job\ndata: ${JSON.stringify(news)}\n\n`)
      const beat = setInterval(() => send('event: beat\ndata: 1\n\n'), HEARTBEAT_MS)
      stop = () => {
        clearInterval(beat)
        listeners().delete(tell)
      }
      listeners().add(tell)
      signal.addEventListener('abort', () => {
        stop()
        try {
          controller.close()
        } catch {}
      })
      send('retry: 2000\nevent: beat\ndata: 1\n\n')
    },
    cancel() {
      stop()
    },
  })
}
