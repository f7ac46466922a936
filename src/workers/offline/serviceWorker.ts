import {
  CacheableResponsePlugin,
  CacheFirst,
  ExpirationPlugin,
  NetworkFirst,
  Serwist,
  type SerwistPlugin,
} from 'serwist'
import { KEPT_HEADER, keptAs, keptPage, neverOpened } from './kept'

/** Built files with their revisions: put in when the application is built. */
declare const BUILT_FILES: { url: string; revision: string | null }[]

const DAY = 86_400
const [PAGES, JOBS, PHOTOS] = ['rest-cog-pages', 'rest-cog-jobs', 'rest-cog-photos']
const SINCE = 'x-rest-cog-kept-at'

/** When an answer was kept is written on it. */
const stamped: SerwistPlugin = {
  cacheWillUpdate: async ({ response }) => {
    // An answer that led elsewhere, such as to the door, is none of this page.
    if (response.status !== 200 || response.redirected) return null
    const headers = new Headers(response.headers)
    headers.set(SINCE, new Date().toISOString())
    return new Response(await response.clone().blob(), { status: 200, headers })
  },
}

/** A page out of the store says in its first tag that it is not the present. */
const markedPage: SerwistPlugin = {
  cachedResponseWillBeUsed: async ({ cachedResponse }) => {
    if (!cachedResponse) return null
    try {
      const page = keptPage(await cachedResponse.text(), cachedResponse.headers.get(SINCE) ?? '')
      const headers = new Headers(cachedResponse.headers)
      headers.delete('content-length')
      headers.delete('content-encoding')
      return new Response(page, { status: 200, headers })
    } catch {
      return null
    }
  },
}

const markedJob: SerwistPlugin = {
  cachedResponseWillBeUsed: async ({ cachedResponse }) => {
    if (!cachedResponse) return null
    const headers = new Headers(cachedResponse.headers)
    headers.set(KEPT_HEADER, headers.get(SINCE) ?? '')
    return new Response(await cachedResponse.blob(), { status: 200, headers })
  },
}

const kept = (as: string) => (at: { url: URL; request: Request; sameOrigin: boolean }) =>
  at.sameOrigin &&
  keptAs({ path: at.url.pathname, method: at.request.method, navigates: at.request.mode === 'navigate' }) ===
    as

/** Waited for so long, then what is kept serves. */
const PATIENCE_SECONDS = 4

const serwist = new Serwist({
  precacheEntries: BUILT_FILES,
  // A newer one waits until the person takes it, or every page is closed: never in the middle of a job.
  skipWaiting: false,
  clientsClaim: true,
  runtimeCaching: [
    {
      matcher: kept('page'),
      handler: new NetworkFirst({
        cacheName: PAGES,
        networkTimeoutSeconds: PATIENCE_SECONDS,
        plugins: [
          stamped,
          markedPage,
          new ExpirationPlugin({ maxEntries: 120, maxAgeSeconds: 30 * DAY }),
          {
            handlerDidError: async () =>
              new Response(neverOpened, { headers: { 'content-type': 'text/html; charset=utf-8' } }),
          },
        ],
      }),
    },
    {
      matcher: kept('job'),
      handler: new NetworkFirst({
        cacheName: JOBS,
        networkTimeoutSeconds: PATIENCE_SECONDS,
        plugins: [stamped, markedJob, new ExpirationPlugin({ maxEntries: 40, maxAgeSeconds: 30 * DAY })],
      }),
    },
    {
      matcher: kept('photo'),
      handler: new CacheFirst({
        cacheName: PHOTOS,
        plugins: [
          new CacheableResponsePlugin({ statuses: [200] }),
          new ExpirationPlugin({ maxEntries: 300, maxAgeSeconds: 30 * DAY }),
        ],
      }),
    },
  ],
})

/** Pages that a job will want are kept beforehand; what the door has shut is forgotten. */
interface ToKeeper {
  keep?: string[]
  forget?: true
  take?: true
}

/** What the types of a page do not know of a service worker. */
interface Keeper {
  skipWaiting: () => Promise<void>
}
interface Extendable {
  waitUntil: (work: Promise<unknown>) => void
}

self.addEventListener('message', (event: MessageEvent<ToKeeper>) => {
  const { keep = [], forget, take } = event.data
  // A message to a service worker is one that it may be awake for; the page's own types have no such thing.
  const wait = (work: Promise<unknown>) => (event as unknown as Extendable).waitUntil(work)
  if (take) wait((self as unknown as Keeper).skipWaiting())
  if (forget) wait(Promise.all([PAGES, JOBS, PHOTOS].map((name) => caches.delete(name))))
  if (keep.length > 0) wait(keepPages(keep))
})

async function keepPages(paths: string[]): Promise<void> {
  for (const path of paths) {
    const url = new URL(path, self.location.origin)
    const as = keptAs({ path: url.pathname, method: 'GET', navigates: !url.pathname.startsWith('/api/') })
    if (url.origin !== self.location.origin || (as !== 'page' && as !== 'job')) continue
    const response = await fetch(url, { headers: { accept: as === 'page' ? 'text/html' : '*/*' } }).catch(
      () => null,
    )
    if (response?.status !== 200 || response.redirected) continue
    const headers = new Headers(response.headers)
    headers.set(SINCE, new Date().toISOString())
    const cache = await caches.open(as === 'page' ? PAGES : JOBS)
    await cache.put(url, new Response(await response.blob(), { status: 200, headers }))
  }
}

/** What the types of a page do not know of the asking for a file. */
interface Asking extends Event {
  request: Request
  respondWith: (answer: Promise<Response>) => void
}

/**
 * A worker finds what it is to run behind the # of its own address. An answer out of the store has the address of the store,
 * without it, and the worker would end at once: so it is given one that has none. Heard before the keeper's own listener.
 */
self.addEventListener('fetch', (event) => {
  const asking = event as Asking
  if (asking.request.destination !== 'worker') return
  asking.stopImmediatePropagation()
  asking.respondWith(withoutAddress(asking.request))
})

async function withoutAddress(request: Request): Promise<Response> {
  const { pathname, search } = new URL(request.url)
  const found = (await serwist.matchPrecache(`${pathname}${search}`)) ?? (await fetch(request))
  const headers = new Headers(found.headers)
  headers.delete('content-length')
  headers.delete('content-encoding')
  return new Response(await found.blob(), { status: found.status, headers })
}

serwist.addEventListeners()
