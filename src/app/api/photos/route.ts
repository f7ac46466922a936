import { CoreError } from '@/core/errors'
import { answer, sameOrigin } from '@/server/http'
import { keepPhoto } from '@/server/photos'

/** A phone's photo is a few megabytes; more is no photo of a plate. */
const LARGEST_BYTES = 30_000_000

export async function POST(request: Request) {
  return answer(async () => {
    if (!sameOrigin(request)) throw new CoreError('foreign-origin', 'This page belongs to another address.')
    const bytes = Buffer.from(await request.arrayBuffer())
    if (bytes.length > LARGEST_BYTES)
      throw new CoreError('too-large', 'This picture is larger than 30 MB. Choose a smaller one.')
    return { hash: await keepPhoto(bytes, 'plate') }
  })
}
