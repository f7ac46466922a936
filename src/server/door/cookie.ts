import { KNOWN_MS, SESSION_MS } from './passphrase'

export const SESSION_COOKIE = 'rest-cog-session'

/** Read by no script, sent to nobody else, and only encrypted where the page itself is. */
export const cookieOptions = (headers: Headers) => ({
  httpOnly: true,
  sameSite: 'strict' as const,
  path: '/',
  maxAge: SESSION_MS / 1000,
  secure: headers.get('x-forwarded-proto') === 'https',
})

/** By it a device is known that was let in once; it opens nothing. */
export const DEVICE_COOKIE = 'rest-cog-device'

export const deviceOptions = (headers: Headers) => ({ ...cookieOptions(headers), maxAge: KNOWN_MS / 1000 })
