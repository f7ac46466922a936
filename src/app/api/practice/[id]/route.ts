import { answer, bodyOf, fileAnswer, fromHere } from '@/server/http'
import { actRound, exportRound, removeRound } from '@/server/practice'

interface Context {
  params: Promise<{ id: string }>
}

export async function GET(_request: Request, { params }: Context) {
  return fileAnswer(async () => {
    const { id } = await params
    return {
      name: `practice ${id}`,
      otherwise: 'practice',
      ending: 'json',
      type: 'application/json',
      body: await exportRound(id),
    }
  })
}

export async function POST(request: Request, { params }: Context) {
  return answer(async () => {
    fromHere(request)
    return { round: await actRound((await params).id, await bodyOf(request)) }
  })
}

export async function DELETE(request: Request, { params }: Context) {
  return answer(async () => {
    fromHere(request)
    await removeRound((await params).id)
    return {}
  })
}
