import { CoreError } from '@/core/errors'
import { bringBack, deleteForGood, deleteThing, deletionOf } from '@/server/deleting'
import { answer, bodyOf, byOf, fromHere } from '@/server/http'

/** @throws CoreError `invalid-input` */
function thingOf({ kind, id }: Record<string, unknown>): { kind: 'job' | 'machine'; id: string } {
  if ((kind !== 'job' && kind !== 'machine') || typeof id !== 'string')
    throw new CoreError('invalid-input', 'Say which job or machine is meant.', 'kind')
  return { kind, id: id.slice(0, 80) }
}

/** What would go along with a job or a machine. */
export async function GET(request: Request) {
  return answer(async () => {
    const { kind, id } = thingOf(Object.fromEntries(new URL(request.url).searchParams))
    return deletionOf(kind, id)
  })
}

/** Delete it: out of sight at once, for a day it can be brought back. */
export async function POST(request: Request) {
  return answer(async () => {
    fromHere(request)
    const body = await bodyOf(request)
    const { kind, id } = thingOf(body)
    await deleteThing(kind, id, byOf(body).who)
    return {}
  })
}

/** Bring it back. */
export async function PUT(request: Request) {
  return answer(async () => {
    fromHere(request)
    const body = await bodyOf(request)
    const { kind, id } = thingOf(body)
    await bringBack(kind, id, byOf(body))
    return {}
  })
}

/** For good, before its day is over. */
export async function DELETE(request: Request) {
  return answer(async () => {
    fromHere(request)
    const { kind, id } = thingOf(await bodyOf(request))
    await deleteForGood(kind, id)
    return {}
  })
}
