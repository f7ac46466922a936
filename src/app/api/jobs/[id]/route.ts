import { answer } from '@/server/http'
import { readJob } from '@/server/jobs'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => ({ ...(await readJob((await params).id)), serverNow: Date.now() }))
}
