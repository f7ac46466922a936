import { answer } from '@/server/http'
import { readRev } from '@/server/jobs'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => ({ rev: await readRev((await params).id) }))
}
