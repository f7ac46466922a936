import { timingSafeEqual } from 'node:crypto'

/**
 * The code of this start, printed on the console and drawn to be scanned: it opens the door without the passphrase, and
 * alone may set a first one. It ends with the server.
 */
export function isStartCode(
  given: string | null | undefined,
  code = process.env.RESTCOG_START_CODE ?? '',
): boolean {
  if (!code || !given || given.length !== code.length) return false
  return timingSafeEqual(Buffer.from(given), Buffer.from(code))
}
