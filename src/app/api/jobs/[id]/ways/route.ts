import { answer } from '@/server/http'
import { keptWays } from '@/server/ways'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => ({ ways: await keptWays((await params).id) }))
}
