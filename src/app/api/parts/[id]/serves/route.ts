import { servedBy } from '@/server/house/shelf'
import { answer } from '@/server/http'

/** The machines of the household that a spare serves. */
export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => servedBy((await params).id))
}
