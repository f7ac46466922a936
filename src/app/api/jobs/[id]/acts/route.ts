import { CoreError } from '@/core/errors'
import { answer, bodyOf, byOf, sameOrigin } from '@/server/http'
import { storeActs } from '@/server/jobs'

export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => {
    if (!sameOrigin(request)) throw new CoreError('foreign-origin', 'This page belongs to another address.')
    const body = await bodyOf(request)
    if (!Array.isArray(body.acts) || body.acts.length > 500)
      throw new CoreError('invalid-input', 'acts must be a list', 'acts')
    return storeActs((await params).id, body.acts, byOf(body))
  })
}
