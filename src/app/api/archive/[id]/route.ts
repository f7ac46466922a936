import { dropIncoming, endIncoming, LARGEST_PIECE, takePiece } from '@/server/archive'
import { answer, bytesOf, fromHere } from '@/server/http'

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

/** The file is here as a whole: bring it in. */
export async function POST(request: Request, { params }: Route) {
  return answer(async () => {
    fromHere(request)
    return endIncoming((await params).id)
  })
}

export async function DELETE(request: Request, { params }: Route) {
  return answer(async () => {
    fromHere(request)
    await dropIncoming((await params).id)
    return {}
  })
}
