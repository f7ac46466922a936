import { actOnHouse, lastOnHouse } from '@/server/house'
import { answer, bodyOf, byOf, fromHere } from '@/server/http'
import { personZone } from '@/server/zone'

/** What was done to the household last. */
export async function GET() {
  return answer(async () => ({ events: await lastOnHouse() }))
}

/** Do something to the household: `{ act, who, window }`. */
export async function POST(request: Request) {
  return answer(async () => {
    fromHere(request)
    const body = await bodyOf(request)
    return actOnHouse(body.act, byOf(body), Date.now(), await personZone())
  })
}
