/** How long a piece that did not come waits before it is asked for again, in milliseconds. */
const AGAIN_MS = 4000

/**
 * A piece of script that comes only when it is needed. Where there is no connection just then, it is asked for again until it
 * comes, instead of taking the page down with what is typed on it.
 */
export const whenReached = <T>(load: () => Promise<T>): Promise<T> =>
  load().catch(
    () =>
      new Promise<T>((resolve) => {
        const again = () => {
          clearTimeout(timer)
          removeEventListener('online', again)
          resolve(whenReached(load))
        }
        // Where there is no page to listen to, as in a test, it fails here, before a clock runs that nobody could stop.
        addEventListener('online', again)
        const timer = setTimeout(again, AGAIN_MS)
      }),
  )

const kept: (() => Promise<unknown>)[] = []

/** A piece that the page must have without a connection too: it is fetched behind the first page, see `fetchKept`. */
export function atHand<T>(load: () => Promise<T>): () => Promise<T> {
  kept.push(load)
  return () => whenReached(load)
}

/** Fetches what the pages of now keep at hand; from then on a dead connection takes nothing away. */
export async function fetchKept(): Promise<void> {
  await Promise.allSettled(kept.map((load) => load()))
  document.documentElement.dataset.warm = ''
}
