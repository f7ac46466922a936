import { openFromRound } from '@/server/house/roundJob'
import { answer, bodyOf, byOf, fromHere } from '@/server/http'

/** Open a job for a thing on a round: `{ item, observation, value, note, who, window }`. */
export async function POST(request: Request) {
  return answer(async () => {
    fromHere(request)
    const body = await bodyOf(request)
    return openFromRound(body, byOf(body))
  })
}
