import { answer, bodyOf, fromHere } from '@/server/http'
import { searchParts, shelve } from '@/server/parts'

export async function GET(request: Request) {
  const asked = new URL(request.url).searchParams
  const kind = asked.get('kind') === 'capacitor' ? 'capacitor' : 'motor'
  return answer(async () => ({ parts: await searchParts(asked.get('text') ?? '', kind) }))
}

/** Put a part on the shelf. */
export async function POST(request: Request) {
  return answer(async () => {
    fromHere(request)
    return shelve(await bodyOf(request))
  })
}
