import type { NextResponse } from 'next/server'
import { CoreError } from '@/core/errors'
import { dataPath } from '@/server/dataPath'
import { cookieOptions, SESSION_COOKIE } from '@/server/door/cookie'
import { isStartCode } from '@/server/door/pairing'
import { hasPassphrase, isPassphrase, newSession, setPassphrase } from '@/server/door/passphrase'
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
        if (typeof word !== 'string' || !isPassphrase(dataPath(), word, Date.now()))
          throw new CoreError('wrong-word', 'That is not the passphrase.')
      }
      return { ok: true }
    },
    (done: NextResponse) => {
      done.cookies.set(SESSION_COOKIE, newSession(dataPath(), Date.now()), cookieOptions(request.headers))
    },
  )
}

/** Leave: this browser's session ends. */
export async function DELETE(request: Request) {
  return answer(
    async () => {
      if (!sameOrigin(request)) throw new CoreError('foreign-origin', 'This page belongs to another address.')
      return { ok: true }
    },
    (done: NextResponse) => done.cookies.delete(SESSION_COOKIE),
  )
}
