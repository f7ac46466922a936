import { answer, bodyOf, fromHere } from '@/server/http'
import { changeCatalogue, removeCatalogue } from '@/server/parts'

interface Context {
  params: Promise<{ id: string }>
}

export async function PATCH(request: Request, { params }: Context) {
  return answer(async () => {
    fromHere(request)
    return { catalogue: await changeCatalogue((await params).id, await bodyOf(request)) }
  })
}

export async function DELETE(request: Request, { params }: Context) {
  return answer(async () => {
    fromHere(request)
    await removeCatalogue((await params).id)
    return {}
  })
}
