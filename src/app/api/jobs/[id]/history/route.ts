import { CoreError } from '@/core/errors'
import { answer, bodyOf, byOf, sameOrigin } from '@/server/http'
import { readEvents, stepHistory } from '@/server/jobs'

interface Context {
  params: Promise<{ id: string }>
}

export async function GET(_: Request, { params }: Context) {
  return answer(async () => ({ events: await readEvents((await params).id) }))
}

export async function POST(request: Request, { params }: Context) {
  return answer(async () => {
    if (!sameOrigin(request)) throw new CoreError('foreign-origin', 'This page belongs to another address.')
    const body = await bodyOf(request)
    const { direction } = body
    if (direction !== 'undo' && direction !== 'redo')
      throw new CoreError('invalid-input', 'direction must be undo or redo', 'direction')
    return stepHistory((await params).id, direction, Date.now(), byOf(body))
  })
}
