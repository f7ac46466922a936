import { CoreError } from '@/core/errors'
import { answer, bodyOf, sameOrigin } from '@/server/http'
import { actOnJob } from '@/server/jobs'

export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => {
    if (!sameOrigin(request)) throw new CoreError('foreign-origin', 'This page belongs to another address.')
    const { acts } = await bodyOf(request)
    if (!Array.isArray(acts) || acts.length > 500)
      throw new CoreError('invalid-input', 'acts must be a list', 'acts')
    return actOnJob((await params).id, acts)
  })
}
