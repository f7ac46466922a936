import { inviteGuest } from '@/server/house/guests'
import { answer, bodyOf, byOf, fromHere } from '@/server/http'

/** Make an address for a guest: `{ name, may, target, until, who, window }`. */
export async function POST(request: Request) {
  return answer(async () => {
    fromHere(request)
    const { who, window, ...guest } = await bodyOf(request)
    return inviteGuest(guest, byOf({ who, window }))
  })
}
