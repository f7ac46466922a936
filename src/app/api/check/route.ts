import { checkFolder } from '@/server/checkFolder'
import { answer, fromHere } from '@/server/http'
import { store } from '@/server/store'
import { seenWithoutLog } from '@/server/withoutLog'

export const dynamic = 'force-dynamic'

/** Look the data folder through; it changes nothing. */
export async function GET() {
  return answer(async () => ({ lines: await checkFolder() }))
}

/** Somebody has seen that the data file came without its log. */
export async function DELETE(request: Request) {
  return answer(async () => {
    fromHere(request)
    seenWithoutLog((await store()).folder.path)
    return {}
  })
}
