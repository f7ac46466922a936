import { CoreError } from '@/core/errors'
import { MOST_RECORDING_BYTES } from '@/core/sound/advice'
import { answer, bytesOf, sameOrigin } from '@/server/http'
import { keepRecording, readRecording } from '@/server/recordings'

type Address = { params: Promise<{ id: string; sound: string }> }

export async function POST(request: Request, { params }: Address) {
  return answer(async () => {
    if (!sameOrigin(request)) throw new CoreError('foreign-origin', 'This page belongs to another address.')
    const { id, sound } = await params
    const tooLarge = 'This recording is larger than 12 MB. A few seconds are enough.'
    return { format: await keepRecording(id, sound, await bytesOf(request, MOST_RECORDING_BYTES, tooLarge)) }
  })
}

export async function GET(_: Request, { params }: Address) {
  try {
    const { id, sound } = await params
    const { type, bytes } = await readRecording(id, sound)
    return new Response(bytes, {
      headers: {
        'content-type': type,
        'x-content-type-options': 'nosniff',
        'cache-control': 'private, max-age=31536000, immutable',
      },
    })
  } catch (error) {
    return answer(() => Promise.reject(error))
  }
}
