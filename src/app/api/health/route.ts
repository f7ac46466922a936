import { answer } from '@/server/http'
import { store } from '@/server/store'

export const dynamic = 'force-dynamic'

/** A sign of life, or the sentence that says why the data folder cannot be opened. */
export async function GET() {
  return answer(async () => {
    await store()
    return { ok: true }
  })
}
