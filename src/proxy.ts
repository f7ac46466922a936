import { type NextRequest, NextResponse } from 'next/server'
import { dataPath } from './server/dataPath'
import { cookieOptions, SESSION_COOKIE } from './server/door/cookie'
import { contentPolicy, guardHeaders } from './server/door/headers'
import { isOwnHost } from './server/door/hosts'
import { newSession, SESSION_MS, sessionEnds } from './server/door/passphrase'

/** Every request passes here: only under a name that is ours, on a home network only with a session, with guarded headers. */
export function proxy(request: NextRequest): NextResponse {
  if (!isOwnHost(request.headers.get('host'))) return foreign()
  // Pictures are made small when they are kept; nothing is resized on request.
  if (request.nextUrl.pathname === '/_next/image') return new NextResponse(null, { status: 404 })
  const nonce = crypto
    .getRandomValues(new Uint8Array(16))
    .reduce((text, byte) => text + byte.toString(16).padStart(2, '0'), '')
  const policy = contentPolicy(nonce)
  const headers = new Headers(request.headers)
  headers.set('content-security-policy', policy)
  headers.set('x-nonce', nonce)
  // The door is shown without the frame of the application, as is what a guest sees: nothing else of the household stands on it.
  headers.set(
    'x-rest-cog-door',
    request.nextUrl.pathname === '/door' || isGuest(request.nextUrl.pathname) ? '1' : '',
  )
  const answer =
    process.env.RESTCOG_LAN === '1' ? guarded(request, headers) : NextResponse.next({ request: { headers } })
  answer.headers.set('content-security-policy', policy)
  for (const [name, value] of Object.entries(guardHeaders)) answer.headers.set(name, value)
  return answer
}

/** The door itself, the sign of life that the start script asks for, and what says how to install it; nothing beneath them. */
const OPEN = [
  '/door',
  '/api/door',
  '/api/health',
  '/icon.svg',
  '/manifest.webmanifest',
  '/icons/192',
  '/icons/512',
  '/sw.js',
]

/** An address that was given to somebody opens by its own secret, and nothing beneath it does. */
const isGuest = (path: string): boolean => /^\/(api\/)?guest\/[0-9a-f]{32}$/.test(path)

/** On the home network: without a session only the door is shown. */
function guarded(request: NextRequest, headers: Headers): NextResponse {
  const folder = dataPath()
  const now = Date.now()
  const ends = sessionEnds(folder, request.cookies.get(SESSION_COOKIE)?.value, now)
  const { pathname } = request.nextUrl
  if (ends === null && !OPEN.includes(pathname) && !isGuest(pathname)) {
    if (pathname.startsWith('/api/'))
      return NextResponse.json(
        { error: { code: 'no-session', message: 'Open the door again with the passphrase.', path: '' } },
        { status: 401 },
      )
    // Under the name that the browser used, which is one of ours by now.
    const scheme = request.headers.get('x-forwarded-proto') === 'https' ? 'https' : 'http'
    const door = new URL('/door', `${scheme}://${request.headers.get('host')}`)
    door.searchParams.set('to', pathname)
    return NextResponse.redirect(door)
  }
  const answer = NextResponse.next({ request: { headers } })
  // A session in use goes on; one left alone ends.
  if (ends !== null && ends - now < SESSION_MS / 2)
    answer.cookies.set(SESSION_COOKIE, newSession(folder, now), cookieOptions(request.headers))
  return answer
}

const foreign = () =>
  new NextResponse(
    'This address is not one of Rest Cog. Open the address that it printed when it was started.\n',
    {
      status: 421,
      headers: { 'content-type': 'text/plain; charset=utf-8', ...guardHeaders },
    },
  )

export const config = {
  // Built files carry no data; everything else is guarded.
  matcher: '/((?!_next/static|ocr/).*)',
}
