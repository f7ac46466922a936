import { CoreError } from '@/core/errors'
import { undoOnHouse } from '@/server/house'
import { answer, bodyOf, fromHere } from '@/server/http'

/** Take back what was done to the household: `{ event }`. */
export async function POST(request: Request) {
  return answer(async () => {
    fromHere(request)
    const { event } = await bodyOf(request)
    if (typeof event !== 'string')
      throw new CoreError('invalid-input', 'Name the act that is to be undone.', 'event')
    return undoOnHouse(event)
  })
}
