import { NextRequest, type NextResponse } from 'next/server'
import { CoreError } from '@/core/errors'
import { dataPath } from '@/server/dataPath'
import { cookieOptions, DEVICE_COOKIE, deviceOptions, SESSION_COOKIE } from '@/server/door/cookie'
import { isStartCode } from '@/server/door/pairing'
import {
  endSession,
  hasPassphrase,
  isPassphrase,
  knownDevice,
  newDevice,
  newSession,
  setPassphrase,
} from '@/server/door/passphrase'
import { answer, bodyOf, sameOrigin } from '@/server/http'

/** Open the door: by the passphrase, or by the code of this start, which alone may set a passphrase. */
export async function POST(request: Request) {
  return answer(
    async () => {
      if (!sameOrigin(request)) throw new CoreError('foreign-origin', 'This page belongs to another address.')
      const { word, code, fresh } = await bodyOf(request)
      const here = typeof code === 'string' && isStartCode(code)
      if (typeof fresh === 'string') {
        if (!here)
          throw new CoreError('wrong-code', 'A passphrase is set with the address that the console shows.')
        setPassphrase(dataPath(), fresh)
      } else if (!(here && hasPassphrase(dataPath()))) {
        const device = knownDevice(dataPath(), cookieOf(request, DEVICE_COOKIE), Date.now())
        if (
          typeof word !== 'string' ||
          !isPassphrase(dataPath(), word, Date.now(), { address: addressOf(request), device })
        )
          throw new CoreError('wrong-word', 'That is not the passphrase.')
      }
      return { ok: true }
    },
    (done: NextResponse) => {
      done.cookies.set(SESSION_COOKIE, newSession(dataPath(), Date.now()), cookieOptions(request.headers))
      done.cookies.set(DEVICE_COOKIE, newDevice(dataPath(), Date.now()), deviceOptions(request.headers))
    },
  )
}

/** Leave: the session ends, for whoever has kept its token as well. */
export async function DELETE(request: Request) {
  return answer(
    async () => {
      if (!sameOrigin(request)) throw new CoreError('foreign-origin', 'This page belongs to another address.')
      endSession(dataPath(), cookieOf(request, SESSION_COOKIE), Date.now())
      return { ok: true }
    },
    (done: NextResponse) => done.cookies.delete(SESSION_COOKIE),
  )
}

const cookieOf = (request: Request, name: string): string | undefined =>
  new NextRequest(request.url, { headers: request.headers }).cookies.get(name)?.value

/** The address that asks, as the server met it; the encrypted port in front of it says whom it met. */
const addressOf = (request: Request): string =>
  (request.headers.get('x-forwarded-for') ?? '').split(',').at(-1)?.trim() ?? ''
