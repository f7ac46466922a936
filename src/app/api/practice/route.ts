import { answer, bodyOf, fromHere } from '@/server/http'
import { beginRound, importRound } from '@/server/practice'

export async function POST(request: Request) {
  return answer(async () => {
    fromHere(request)
    const body = await bodyOf(request)
    return { round: 'kind' in body ? await importRound(body) : await beginRound(body) }
  })
}
