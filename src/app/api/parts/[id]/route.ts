import { answer, bodyOf, fromHere } from '@/server/http'
import { changePart, removePart } from '@/server/parts'

interface Context {
  params: Promise<{ id: string }>
}

export async function PATCH(request: Request, { params }: Context) {
  return answer(async () => {
    fromHere(request)
    await changePart((await params).id, await bodyOf(request))
    return {}
  })
}

export async function DELETE(request: Request, { params }: Context) {
  return answer(async () => {
    fromHere(request)
    await removePart((await params).id)
    return {}
  })
}
