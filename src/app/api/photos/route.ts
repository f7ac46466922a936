import { CoreError } from '@/core/errors'
import { answer, bytesOf, sameOrigin } from '@/server/http'
import { keepPhoto } from '@/server/photos'

/** A phone's photo is a few megabytes; more is no photo of a plate. */
const LARGEST_BYTES = 30_000_000

export async function POST(request: Request) {
  return answer(async () => {
    if (!sameOrigin(request)) throw new CoreError('foreign-origin', 'This page belongs to another address.')
    const bytes = await bytesOf(
      request,
      LARGEST_BYTES,
      'This picture is larger than 30 MB. Choose a smaller one.',
    )
    return { hash: await keepPhoto(bytes, 'plate') }
  })
}
