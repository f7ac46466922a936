import { CoreError } from '@/core/errors'
import { dropIncoming, endIncoming, LARGEST_PIECE, takePiece } from '@/server/archive'
import { answer, bodyOf, bytesOf, fromHere } from '@/server/http'

interface Route {
  params: Promise<{ id: string }>
}

/** One piece of the file, with the bytes before it as `at`. */
export async function PUT(request: Request, { params }: Route) {
  return answer(async () => {
    fromHere(request)
    const piece = await bytesOf(request, LARGEST_PIECE, 'This piece of the file is too long.')
    return takePiece((await params).id, Number(new URL(request.url).searchParams.get('at')), piece)
  })
}

/** The file is here as a whole: bring it in, with what to do with a job that both have. */
export async function POST(request: Request, { params }: Route) {
  return answer(async () => {
    fromHere(request)
    const { both = 'mine', settings = false } = await bodyOf(request)
    if ((both !== 'mine' && both !== 'theirs' && both !== 'copy') || typeof settings !== 'boolean')
      throw new CoreError('invalid-input', 'Say what to do with a job that both have.', 'both')
    return endIncoming((await params).id, { both, settings })
  })
}

export async function DELETE(request: Request, { params }: Route) {
  return answer(async () => {
    fromHere(request)
    await dropIncoming((await params).id)
    return {}
  })
}
