import { answer } from '@/server/http'
import { capacitanceHistory } from '@/server/readings'

export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(async () => ({ readings: await capacitanceHistory((await params).id) }))
}
