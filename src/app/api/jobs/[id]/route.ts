import { answer } from '@/server/http'
import { readJob } from '@/server/jobs'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => readJob((await params).id))
}
