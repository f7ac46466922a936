import { answer } from '@/server/http'
import { normalFigures } from '@/server/readings'

/** What a machine read on a good day, the newest of each quantity. */
export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => ({ normal: await normalFigures((await params).id) }))
}
