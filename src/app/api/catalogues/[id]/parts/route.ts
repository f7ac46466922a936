import { answer, bodyOf, fromHere } from '@/server/http'
import { addParts } from '@/server/parts'

export async function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => {
    fromHere(request)
    return addParts((await params).id, await bodyOf(request))
  })
}
