import { guestRecord, guestTick } from '@/server/house/guests'
import { answer, bodyOf, fromHere } from '@/server/http'
import { personZone } from '@/server/zone'

interface Context {
  params: Promise<{ secret: string }>
}

/** The record that this guest may read. */
export async function GET(_: Request, { params }: Context) {
  const read: string[] = []
  const refused = await answer(async () => {
    read.push(await guestRecord((await params).secret, await personZone()))
    return {}
  })
  const [page] = read
  return page === undefined
    ? refused
    : new Response(page, {
        headers: { 'content-type': 'text/html; charset=utf-8', 'cache-control': 'no-store' },
      })
}

/** Tick a thing of the round that this guest may tick: `{ item, state, note }`. */
export async function POST(request: Request, { params }: Context) {
  return answer(async () => {
    fromHere(request)
    return guestTick((await params).secret, await bodyOf(request))
  })
}
